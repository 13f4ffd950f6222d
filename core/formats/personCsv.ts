import Papa from 'papaparse';
import { DEMANDS } from '../drills/demand.ts';
import { LIMIT_SEVERITIES, type Capped, type Limit, type LimitSide } from '../people/limitation.ts';
import { LIMITATIONS, limitationOf } from '../people/limitations.ts';
import { ABILITIES, PATTERNS, type Person } from '../people/person.ts';
import { REGIONS } from '../people/region.ts';
import { csvRows, Unfit, type Cells, type CsvRow } from './csvRows.ts';
import { FORMULA, unmarked } from './formula.ts';

/** People as CSV (RFC 4180), one a line. Lists are joined by "; ". Readiness, holds and choices of the day do not travel. */
export const PERSON_COLUMNS = [
  'name',
  'birth year',
  'groups',
  'limits',
  'ability',
  'stiffer side',
  'familiar drills',
  'kit',
  'notes',
  'consent on',
] as const;
type Column = (typeof PERSON_COLUMNS)[number];

/** Somebody as a line of the file holds them. */
export interface PersonLine {
  readonly person: Omit<Person, 'id'>;
  /** Names of groups. */
  readonly groups: readonly string[];
}

/** Writes people as CSV with a heading line. */
export function writePersonCsv(lines: readonly PersonLine[]): string {
  return personCsvHeading() + personCsvLines(lines);
}

/** The heading line alone. */
export function personCsvHeading(): string {
  return `${Papa.unparse([[...PERSON_COLUMNS]], { newline: '\r\n' })}\r\n`;
}

/** Lines of the file without their heading, for a file that is written piece by piece; nothing for nobody. */
export function personCsvLines(lines: readonly PersonLine[]): string {
  const rows = lines.map((line) => PERSON_COLUMNS.map((column) => cellOf(line, column)));
  return rows.length === 0 ? '' : `${Papa.unparse(rows, { newline: '\r\n', escapeFormulae: FORMULA })}\r\n`;
}

function cellOf({ person, groups }: PersonLine, column: Column): string {
  const pairs = (of: Readonly<Record<string, string>>) =>
    Object.entries(of)
      .map(([key, value]) => `${key} ${value}`)
      .join('; ');
  switch (column) {
    case 'name':
      return person.name;
    case 'birth year':
      return person.birthYear === 0 ? '' : String(person.birthYear);
    case 'groups':
      return groups.join('; ');
    case 'limits':
      return person.limits.map(writeLimit).join('; ');
    case 'ability':
      return pairs(person.ability);
    case 'stiffer side':
      return pairs(person.stiffer);
    case 'familiar drills':
      return person.familiar.join('; ');
    case 'kit':
      return person.kit.join('; ');
    case 'notes':
      return person.notes;
    case 'consent on':
      return person.consentOn;
  }
}

/** A limit as written in a cell: "Wrist = ease left until 2026-12-01", "shoulder overhead = 0 left". */
function writeLimit(limit: Limit): string {
  const [name, how] =
    limit.kind === 'known'
      ? [limitationOf(limit.limitationId)?.name ?? limit.limitationId, limit.severity]
      : [limit.capped, String(limit.most)];
  const side = limit.side === 'both' ? '' : ` ${limit.side}`;
  return `${name} = ${how}${side}${limit.until === '' ? '' : ` until ${limit.until}`}`;
}

/** A line that was read, or what is wrong with it. Line numbers count from 1, the heading included. */
export type PersonRow = CsvRow<PersonLine>;

/** Reads people from CSV. Never throws; what cannot be read says where and what was expected. */
export const readPersonCsv = (text: string): readonly PersonRow[] => csvRows(text, ['name'], readLine);

function readLine(cells: Cells): PersonLine {
  const cell = (column: Column) => unmarked((cells[column] ?? '').trim());
  const list = (column: Column) =>
    cell(column)
      .split(';')
      .map((item) => item.trim())
      .filter(Boolean);
  const name = cell('name');
  if (name === '') throw new Unfit('There is no name');
  const born = cell('birth year');
  if (born !== '' && !/^(19|20)\d\d$/.test(born)) throw new Unfit(`"${born}" is no year of birth`);
  const person = {
    name,
    birthYear: Number(born || 0),
    limits: list('limits').map(readLimit),
    ability: pairsOf(list('ability'), PATTERNS, ABILITIES, 'an ability, such as "squat gentle"'),
    stiffer: pairsOf(list('stiffer side'), REGIONS, ['left', 'right'], 'a stiffer side, such as "hip left"'),
    familiar: list('familiar drills'),
    kit: list('kit') as Person['kit'],
    notes: cell('notes'),
    consentOn: cell('consent on'),
    choices: [],
    seen: [],
    measured: [],
    readiness: null,
    holds: [],
  };
  return { person, groups: list('groups') };
}

function readLimit(text: string): Limit {
  const equals = text.indexOf('=');
  const name = text.slice(0, Math.max(0, equals)).trim().toLowerCase();
  const [how = '', ...words] = text
    .slice(equals + 1)
    .trim()
    .toLowerCase()
    .split(/\s+/);
  const side = SIDES.find((one) => one === words[0]) ?? 'both';
  if (side !== 'both') words.shift();
  const [until = '', day = '', ...more] = words;
  const inTime = until === '' || (until === 'until' && /^\d{4}-\d\d-\d\d$/.test(day));
  if (inTime && more.length === 0) {
    const rest = { side, until: day };
    const known = LIMITATIONS.find((limitation) => limitation.name.toLowerCase() === name || limitation.id === name);
    const severity = LIMIT_SEVERITIES.find((one) => one === how);
    if (known && severity) return { kind: 'known', limitationId: known.id, severity, ...rest };
    const capped = ([...DEMANDS, 'effort'] as readonly Capped[]).find((one) => one === name);
    if (capped && /^\d+$/.test(how)) return { kind: 'own', capped, most: Number(how), ...rest };
  }
  throw new Unfit(`"${text}" is no limit, such as "Wrist = ease left" or "shoulder overhead = 0"`);
}

const SIDES: readonly LimitSide[] = ['left', 'right'];

function pairsOf<Key extends string, Value extends string>(
  items: readonly string[],
  keys: readonly Key[],
  values: readonly Value[],
  expected: string,
): Partial<Record<Key, Value>> {
  const pairs: Partial<Record<Key, Value>> = {};
  for (const item of items) {
    const [one, other] = item.toLowerCase().split(/\s+/);
    const key = keys.find((known) => known === one);
    const value = values.find((known) => known === other);
    if (!key || !value) throw new Unfit(`"${item}" is not ${expected}`);
    pairs[key] = value;
  }
  return pairs;
}
