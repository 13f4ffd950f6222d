import Papa from 'papaparse';
import { minuteOfDay } from '../circuit/wallClock.ts';
import type { Seconds } from '../units.ts';
import { csvRows, Unfit, type Cells, type CsvRow } from './csvRows.ts';
import { FORMULA, unmarked } from './formula.ts';

/** A run as a line of the file holds it: day and time as the clock at its site showed them. */
export interface RunLine {
  /** YYYY-MM-DD. */
  readonly day: string;
  /** H:MM, of 24 hours. */
  readonly time: string;
  readonly title: string;
  readonly group: string;
  readonly site: string;
  readonly coach: string;
  readonly planned: Seconds;
  readonly actual: Seconds;
  readonly paused: Seconds;
  readonly endedEarly: boolean;
  /** 0–10; null where not asked. */
  readonly effort: number | null;
  readonly warm: 'yes' | 'nearly' | 'no' | null;
  readonly note: string;
}

/** The log as CSV (RFC 4180), a run a line. Nothing of single people is in it but what a coach wrote in a note. */
export const RUN_COLUMNS = [
  'day',
  'time',
  'circuit',
  'group',
  'place',
  'coach',
  'planned seconds',
  'actual seconds',
  'paused seconds',
  'stopped early',
  'effort 0-10',
  'warm',
  'note',
] as const;
type Column = (typeof RUN_COLUMNS)[number];

/** Writes runs as CSV with a heading line. */
export function writeRunCsv(lines: readonly RunLine[]): string {
  const rows = lines.map((line) => [
    line.day,
    line.time,
    line.title,
    line.group,
    line.site,
    line.coach,
    String(Math.round(line.planned)),
    String(Math.round(line.actual)),
    String(Math.round(line.paused)),
    line.endedEarly ? 'yes' : 'no',
    line.effort === null ? '' : String(line.effort),
    line.warm ?? '',
    line.note,
  ]);
  return `${Papa.unparse([[...RUN_COLUMNS], ...rows], { newline: '\r\n', escapeFormulae: FORMULA })}\r\n`;
}

/** A line that was read, or what is wrong with it. Line numbers count from 1, the heading included. */
export type RunRow = CsvRow<RunLine>;

/** What a line must have; the other columns may be missing, or empty. */
const NEEDED: readonly Column[] = ['day', 'time', 'circuit', 'planned seconds', 'actual seconds'];
const WARM = ['yes', 'nearly', 'no'] as const;
const MOST_SECONDS_RUN = 86_400;
const MOST_NOTE = 2000;

/** Reads runs from CSV. Never throws; what cannot be read says where and what was expected. Whether its day is in the calendar is not looked at. */
export const readRunCsv = (text: string): readonly RunRow[] => csvRows(text, NEEDED, readLine);

function readLine(cells: Cells): RunLine {
  const cell = (column: Column) => unmarked((cells[column] ?? '').trim());
  const day = cell('day');
  if (!/^\d{4}-\d\d-\d\d$/.test(day)) throw new Unfit(`"${day}" is no day, such as 2026-11-25`);
  const minute = minuteOfDay(cell('time'));
  if (minute === undefined) throw new Unfit(`"${cell('time')}" is no time of day, such as 6:15`);
  const title = cell('circuit');
  if (title === '') throw new Unfit('There is no circuit');
  const warm = cell('warm');
  if (warm !== '' && !WARM.some((one) => one === warm)) throw new Unfit(`"${warm}" is not yes, nearly or no`);
  const note = unmarked(cells.note ?? '').replaceAll('\r\n', '\n');
  if (note.length > MOST_NOTE) throw new Unfit(`The note is longer than ${MOST_NOTE} letters`);
  const early = cell('stopped early');
  if (!['', 'yes', 'no'].includes(early)) throw new Unfit(`"${early}" is not yes or no`);
  return {
    day,
    time: `${Math.floor(minute / 60)}:${String(minute % 60).padStart(2, '0')}`,
    title,
    group: cell('group'),
    site: cell('place'),
    coach: cell('coach'),
    planned: wholeIn(cell('planned seconds'), MOST_SECONDS_RUN, 'seconds'),
    actual: wholeIn(cell('actual seconds'), MOST_SECONDS_RUN, 'seconds'),
    paused: wholeIn(cell('paused seconds') || '0', MOST_SECONDS_RUN, 'seconds'),
    endedEarly: early === 'yes',
    effort: cell('effort 0-10') === '' ? null : wholeIn(cell('effort 0-10'), 10, 'an effort'),
    warm: WARM.find((one) => one === warm) ?? null,
    note,
  };
}

function wholeIn(text: string, most: number, what: string): number {
  const value = /^\d{1,6}$/.test(text) ? Number(text) : NaN;
  if (!(value <= most)) throw new Unfit(`"${text}" is not ${what}: a whole number from 0 to ${most}`);
  return value;
}
