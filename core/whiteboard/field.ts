import { Unreadable } from './problem.ts';
import { Scanner } from './scanner.ts';

/** What was read from a field of its own, or what was expected there, as a sentence. */
export type FieldReading<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly expected: string };

/**
 * Reads a text that must be one thing and no more, as it would be written on the board.
 *
 * @param take takes it where it stands at the scanner; gives undefined, or throws Unreadable, where it does not.
 * @param expected what to say then, as in "a tempo, such as 3s or 2-1-2".
 */
export function readField<T>(
  text: string,
  take: (scanner: Scanner) => T | undefined,
  expected: string,
): FieldReading<T> {
  const scanner = new Scanner(text.replaceAll('–', '-'));
  try {
    const value = take(scanner);
    if (value === undefined || !scanner.atEnd) return { ok: false, expected: `Expected ${expected}` };
    return { ok: true, value };
  } catch (error) {
    if (!(error instanceof Unreadable)) throw error;
    return { ok: false, expected: `Expected ${error.expected}` };
  }
}
