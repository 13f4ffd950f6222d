import { readFileSync } from 'node:fs';

/** One case as a coach wrote it: its fields, and the line for what is said of it. */
export interface WrittenCase {
  readonly line: string;
  readonly fields: readonly string[];
}

/** Every case of a file, without the lines that only explain. Fields stand between semicolons. */
export function casesIn(
  file: 'swaps.txt' | 'reviews.txt' | 'fits.txt' | 'kit.txt' | 'progress.txt' | 'progressSteps.txt',
): readonly WrittenCase[] {
  const text = readFileSync(new URL(file, import.meta.url), 'utf8');
  return text
    .split('\n')
    .filter((line) => line.trim() !== '' && !line.startsWith('#'))
    .map((line) => ({ line, fields: line.split(';').map((field) => field.trim()) }));
}

/** The things named in a field. */
export const named = (field = '', between = '|'): readonly string[] =>
  field
    .split(between)
    .map((name) => name.trim())
    .filter((name) => name !== '');

/** A board from one line, in which a slash with space around it ends a line. */
export const boardOf = (field = ''): string =>
  field
    .split(' / ')
    .map((line) => line.trim())
    .join('\n');

/** Every second case, from the first: the half that is looked at while the code is changed. The other is put aside. */
export const lookedAt = <Case>(cases: readonly Case[]): readonly Case[] => cases.filter((_, at) => at % 2 === 0);
/** The half that is put aside, and looked at only at the end. */
export const putAside = <Case>(cases: readonly Case[]): readonly Case[] => cases.filter((_, at) => at % 2 === 1);

/** The share of cases that are right, in whole percent. */
export const rateOf = (right: readonly boolean[]): number =>
  Math.round((100 * right.filter(Boolean).length) / Math.max(1, right.length));
