import Papa from 'papaparse';
import type { Seconds } from '../units.ts';
import { FORMULA } from './formula.ts';

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
