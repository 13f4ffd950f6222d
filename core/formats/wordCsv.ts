import Papa from 'papaparse';
import type { DrillLibrary } from '../drills/library.ts';
import { plainName } from '../drills/library.ts';
import { MOST_SAID, type TaughtWord } from '../drills/taughtWord.ts';
import { csvRows, Unfit, type Cells, type CsvRow } from './csvRows.ts';
import { FORMULA, unmarked } from './formula.ts';

const COLUMNS = ['word', 'drill', 'version'] as const;

/** Writes a studio's words as CSV: what is said, the drill that it means, and the version of it where it is not the usual one. */
export function writeWordCsv(words: readonly TaughtWord[], { byId }: DrillLibrary): string {
  const rows = words.map(({ said, drillId, rung }) => {
    const drill = byId.get(drillId);
    return [said, drill?.name ?? drillId, drill?.ladder.find(({ id }) => id === rung)?.name ?? ''];
  });
  const options = { newline: '\r\n', escapeFormulae: FORMULA };
  return `${Papa.unparse({ fields: [...COLUMNS], data: rows }, options)}\r\n`;
}

/** A line that was read, or what is wrong with it. Line numbers count from 1, the heading included. */
export type WordRow = CsvRow<TaughtWord>;

/** Reads words from CSV. Never throws. */
export const readWordCsv = (text: string, library: DrillLibrary): readonly WordRow[] =>
  csvRows(text, ['word', 'drill'], (cells) => readLine(cells, library));

function readLine(cells: Cells, { byName, byId }: DrillLibrary): TaughtWord {
  const cell = (column: (typeof COLUMNS)[number]) => unmarked((cells[column] ?? '').trim());
  const said = cell('word');
  if (said === '' || said.length > MOST_SAID) throw new Unfit(`The word has 1 to ${MOST_SAID} letters`);
  const drill = byName.get(plainName(cell('drill'))) ?? byId.get(cell('drill'));
  if (!drill) throw new Unfit(`There is no drill called “${cell('drill')}”`);
  const version = plainName(cell('version'));
  const rung = drill.ladder.find(({ name }) => plainName(name) === version);
  if (version !== '' && !rung) throw new Unfit(`${drill.name} has no version called “${cell('version')}”`);
  return { said, drillId: drill.id, rung: rung && rung.rung !== 0 ? rung.id : '' };
}
