import Papa from 'papaparse';
import type { Drill } from '../drills/drill.ts';
import { csvRows, Unfit, type Cells, type CsvRow } from './csvRows.ts';
import { FORMULA, unmarked } from './formula.ts';

/**
 * Drills as CSV (RFC 4180), one a line. Lists are joined by " | ", targets written "hip · flexion=0.5", and what has
 * parts of its own (dose, ladder, energy cost) is JSON in its cell, so that nothing is lost.
 */
export const DRILL_COLUMNS = [
  'id',
  'name',
  'aliases',
  'phases',
  'posture',
  'sides allowed',
  'usual sides',
  'side word',
  'usual dose',
  'shortest useful s',
  'counted',
  'moves a joint',
  'two legs first',
  'pace m/s',
  'effort',
  'energy',
  'kit',
  'substitutes',
  'space',
  'view',
  'figure',
  'planes',
  'targets',
  'cue 1',
  'cue 2',
  'cue 3',
  'fault',
  'fix',
  'felt',
  'cautions',
  'ladder',
  'no gentler',
  'no stronger',
] as const;
export type DrillColumn = (typeof DRILL_COLUMNS)[number];

/** Writes drills as CSV with a heading line. */
export function writeDrillCsv(drills: readonly Drill[]): string {
  const rows = drills.map((drill) => DRILL_COLUMNS.map((column) => cellOf(drill, column)));
  return `${Papa.unparse({ fields: [...DRILL_COLUMNS], data: rows }, { newline: '\r\n', escapeFormulae: FORMULA })}\r\n`;
}

function cellOf(drill: Drill, column: DrillColumn): string {
  const list = (items: readonly string[]) => items.join(' | ');
  switch (column) {
    case 'aliases':
    case 'phases':
    case 'kit':
    case 'planes':
    case 'cautions':
      return list(drill[column]);
    case 'sides allowed':
      return list(drill.sidesAllowed);
    case 'usual sides':
      return drill.usual.sides;
    case 'side word':
      return drill.sideWord;
    case 'counted':
      return drill.counted ?? '';
    case 'moves a joint':
      return drill.motion ? `${drill.motion.how} ${drill.motion.joint}` : '';
    case 'two legs first':
      return list(drill.afterTwoLegs ?? []);
    case 'pace m/s':
      return drill.pace === undefined ? '' : String(drill.pace);
    case 'usual dose':
      return JSON.stringify(drill.usual.dose);
    case 'shortest useful s':
      return String(drill.shortestUseful);
    case 'effort':
      return String(drill.effort);
    case 'energy':
      return JSON.stringify(drill.energy);
    case 'substitutes':
      return JSON.stringify(drill.substitutes);
    case 'targets':
      return list(Object.entries(drill.targets).map(([target, strength]) => `${target}=${strength}`));
    case 'cue 1':
      return drill.cues[0];
    case 'cue 2':
      return drill.cues[1] ?? '';
    case 'cue 3':
      return drill.cues[2] ?? '';
    case 'fault':
      return drill.fault.seen;
    case 'fix':
      return drill.fault.fix;
    case 'ladder':
      return JSON.stringify(drill.ladder);
    case 'no gentler':
      return drill.noGentler;
    case 'no stronger':
      return drill.noStronger;
    default:
      return drill[column];
  }
}

/** A line as the drill it may be, still to be checked against the schema, or what is wrong with it. */
export type DrillRow = CsvRow<Record<string, unknown>>;

/** Columns that a file of an earlier version lacks. */
const ADDED_LATER: ReadonlySet<DrillColumn> = new Set([
  'figure',
  'counted',
  'moves a joint',
  'two legs first',
  'pace m/s',
]);

/** Columns that every file has. */
const NEEDED = DRILL_COLUMNS.filter((column) => !ADDED_LATER.has(column));

/** Reads drills from CSV. Never throws. */
export const readDrillCsv = (text: string): readonly DrillRow[] => csvRows(text, NEEDED, readLine);

function readLine(cells: Cells): Record<string, unknown> {
  const cell = (column: DrillColumn) => unmarked((cells[column] ?? '').trim());
  const list = (column: DrillColumn) =>
    cell(column)
      .split('|')
      .map((part) => part.trim())
      .filter((part) => part !== '');
  const json = (column: DrillColumn) => jsonIn(cell(column), column);
  return {
    id: cell('id'),
    name: cell('name'),
    aliases: list('aliases'),
    phases: list('phases'),
    posture: cell('posture'),
    sidesAllowed: list('sides allowed'),
    sideWord: cell('side word'),
    ...(cell('counted') ? { counted: cell('counted') } : {}),
    ...(cell('moves a joint') ? { motion: motionIn(cell('moves a joint')) } : {}),
    ...(cell('two legs first') ? { afterTwoLegs: list('two legs first') } : {}),
    ...(cell('pace m/s') ? { pace: numberIn(cell('pace m/s'), 'pace m/s') } : {}),
    kit: list('kit'),
    substitutes: json('substitutes'),
    space: cell('space'),
    view: cell('view'),
    figure: cell('figure'),
    cues: [cell('cue 1'), cell('cue 2'), cell('cue 3')].filter((cue) => cue !== ''),
    fault: { seen: cell('fault'), fix: cell('fix') },
    felt: cell('felt'),
    cautions: list('cautions'),
    usual: { dose: json('usual dose'), sides: cell('usual sides') },
    shortestUseful: numberIn(cell('shortest useful s'), 'shortest useful s'),
    effort: numberIn(cell('effort'), 'effort'),
    energy: json('energy'),
    targets: Object.fromEntries(list('targets').map((part) => strengthIn(part))),
    planes: list('planes'),
    ladder: json('ladder'),
    noGentler: cell('no gentler'),
    noStronger: cell('no stronger'),
  };
}

function jsonIn(text: string, column: DrillColumn): unknown {
  try {
    return JSON.parse(text);
  } catch {
    throw new Unfit(`"${column}" is not readable JSON`);
  }
}

function numberIn(text: string, column: DrillColumn): number {
  const value = Number(text);
  if (text === '' || Number.isNaN(value)) throw new Unfit(`"${column}" is not a number: "${text}"`);
  return value;
}

/** "circle hip" */
function motionIn(text: string): { readonly how: string; readonly joint: string } {
  const [how = '', joint = ''] = text.split(/\s+/);
  return { how, joint };
}

function strengthIn(part: string): readonly [string, number] {
  const [target = '', strength = ''] = part.split('=').map((word) => word.trim());
  return [target, numberIn(strength, 'targets')];
}
