import { MOST_COUNT, MOST_SECONDS } from '../circuit/bounds.ts';
import type { Range } from '../units.ts';
import { Unreadable } from './problem.ts';
import { COUNT, countRange, DURATION, durationRange, Scanner } from './scanner.ts';

/** An amount read from a field of its own, or what was expected there. */
export type ReadAmount =
  { readonly ok: true; readonly range: Range } | { readonly ok: false; readonly expected: string };

/** The least and the most that an amount may be. */
export interface AmountBounds {
  readonly least: number;
  readonly most?: number;
}

/** Reads a count or a range of counts as a coach writes it: "8", "8-10" or "8–10". */
export function readCount(text: string, { least, most = MOST_COUNT }: AmountBounds): ReadAmount {
  return readWith(text, COUNT, (groups) => {
    const zero = least === 0 && Number(groups[0]) === 0;
    return zero ? { low: 0, high: Number(groups[1] ?? 0) } : countRange(groups, 1, most);
  });
}

/** Reads a length of time or a range of them: "40", "40s", "20-40", "1:30", "1-3min". A bare number is seconds. */
export function readDuration(text: string, { least, most = MOST_SECONDS }: AmountBounds): ReadAmount {
  const bare = /^[\d.\s–-]+$/.test(text.trim());
  return readWith(bare ? `${text.trim()}s` : text, DURATION, (groups) => {
    const range = durationRange(groups, 1, least);
    if (range.high > most) throw new Unreadable(1, `a time of at most ${most} seconds`);
    return range;
  });
}

function readWith(text: string, pattern: string, read: (groups: readonly (string | undefined)[]) => Range): ReadAmount {
  const scanner = new Scanner(text.replaceAll('–', '-'));
  try {
    const groups = scanner.take(pattern);
    if (!groups || !scanner.atEnd)
      throw new Unreadable(
        1,
        pattern === COUNT ? 'a number, such as 8 or 8-10' : 'a time, such as 40s, 20-40s or 1:30',
      );
    return { ok: true, range: read(groups) };
  } catch (error) {
    if (!(error instanceof Unreadable)) throw error;
    return { ok: false, expected: `Expected ${error.expected}` };
  }
}
