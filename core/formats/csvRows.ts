import Papa from 'papaparse';
import { ownNames } from './heading.ts';

/** A line that was read, or what is wrong with it. Line numbers count from 1, the heading included. */
export type CsvRow<Value> =
  | { readonly ok: true; readonly line: number; readonly value: Value }
  | { readonly ok: false; readonly line: number; readonly problem: string };

/** What is wrong with a line, in words for the one whose file it is. */
export class Unfit extends Error {}

/** The cells of a line, by the names of their columns. */
export type Cells = Readonly<Record<string, string | undefined>>;

/**
 * Reads a CSV file (RFC 4180) with a heading line, a line at a time. Never throws for what is in the file.
 *
 * @param needed columns that there must be
 * @param read a line; what does not fit is thrown as `Unfit`
 */
export function csvRows<Value>(
  text: string,
  needed: readonly string[],
  read: (cells: Cells) => Value,
): readonly CsvRow<Value>[] {
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    transformHeader: ownNames(),
    skipEmptyLines: 'greedy',
  });
  const missing = needed.find((column) => !(parsed.meta.fields ?? []).includes(column));
  if (missing) return [{ ok: false, line: 1, problem: `The heading line has no column called "${missing}"` }];
  return parsed.data.map((cells, index) => {
    const line = index + 2;
    try {
      return { ok: true, line, value: read(cells) };
    } catch (error) {
      if (!(error instanceof Unfit)) throw error;
      return { ok: false, line, problem: error.message };
    }
  });
}
