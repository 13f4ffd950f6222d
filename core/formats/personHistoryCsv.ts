import { compareText } from '../compareText.ts';
import Papa from 'papaparse';
import type { Measure } from '../measures/measure.ts';
import type { Person } from '../people/person.ts';
import { seenWords } from '../people/seenWords.ts';
import { faultWords } from '../people/technique.ts';
import { FORMULA } from './formula.ts';

/** What was seen, counted and measured of one person, as CSV (RFC 4180): theirs to take away, the last day first. */
export const HISTORY_COLUMNS = ['day', 'kind', 'what', 'result', 'left', 'right', 'unit'] as const;

interface Row {
  readonly day: string;
  readonly kind: 'session' | 'reached' | 'technique' | 'measure';
  readonly what: string;
  readonly result: string;
  readonly left: string;
  readonly right: string;
  readonly unit: string;
}

/**
 * Writes somebody's history with a heading line.
 *
 * @param measures those that ship and the studio's own; a measure that is gone goes by its id
 */
export function writePersonHistoryCsv(
  { seen, measured }: Pick<Person, 'seen' | 'measured'>,
  measures: readonly Measure[],
): string {
  const known = new Map(measures.map((measure) => [measure.id, measure]));
  const rows: readonly Row[] = [
    ...seen.flatMap((one): readonly Row[] => [
      { ...EMPTY, day: one.day, kind: 'session', what: one.title, result: seenWords(one) },
      ...one.reached.map(({ drillName, amount, unit }): Row => ({
        ...EMPTY,
        day: one.day,
        kind: 'reached',
        what: drillName,
        result: String(amount),
        unit,
      })),
      ...one.technique.map((how): Row => ({
        ...EMPTY,
        day: one.day,
        kind: 'technique',
        what: how.drillName,
        result: faultWords(how),
      })),
    ]),
    ...measured.map(({ day, measureId, left, right, once }): Row => ({
      day,
      kind: 'measure',
      what: known.get(measureId)?.name ?? measureId,
      result: amountOf(once),
      left: amountOf(left),
      right: amountOf(right),
      unit: known.get(measureId)?.unit ?? '',
    })),
  ].toSorted((one, other) => compareText(other.day, one.day));
  const lines = rows.map((row) => HISTORY_COLUMNS.map((column) => row[column]));
  return `${Papa.unparse([[...HISTORY_COLUMNS], ...lines], { newline: '\r\n', escapeFormulae: FORMULA })}\r\n`;
}

const EMPTY = { result: '', left: '', right: '', unit: '' } as const;

const amountOf = (amount: number | null): string => (amount === null ? '' : String(amount));
