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
  const lines = text.replace(/^\uFEFF/, '');
  const parsed = Papa.parse<Record<string, string>>(lines, {
    header: true,
    // By the heading alone: a line that lacks cells must not change how the others are read.
    delimiter: Papa.parse(lines.split(/\r?\n/, 1)[0] ?? '', { delimitersToGuess: [',', ';', '\t'] }).meta.delimiter,
    transformHeader: ownNames(),
    skipEmptyLines: 'greedy',
  });
  const missing = needed.filter((column) => !(parsed.meta.fields ?? []).includes(column));
  if (missing.length > 0) return [{ ok: false, line: 1, problem: `The heading lacks: ${missing.join(', ')}` }];
  // Of quotation marks the reader tells the line with the heading counted.
  const broken = new Map(
    parsed.errors.map(({ type, row = 0, code }) => [type === 'Quotes' ? row - 1 : row, BROKEN[code]]),
  );
  return parsed.data.map((cells, index) => {
    const line = index + 2;
    const problem = broken.get(index);
    if (problem !== undefined) return { ok: false, line, problem };
    try {
      return { ok: true, line, value: read(cells) };
    } catch (error) {
      if (!(error instanceof Unfit)) throw error;
      return { ok: false, line, problem: error.message };
    }
  });
}

/** What is wrong with a line as such. One that is shorter than the heading is not: spreadsheets leave out empty cells at the end. */
const BROKEN: Readonly<Partial<Record<Papa.ParseError['code'], string>>> = {
  MissingQuotes: 'A quotation mark is opened in it and not closed',
  InvalidQuotes: 'A quotation mark stands where none may',
  TooManyFields: 'It has more cells than the heading',
};
