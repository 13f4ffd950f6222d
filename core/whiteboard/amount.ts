import { MOST_COUNT, MOST_SECONDS } from '../circuit/bounds.ts';
import type { Range } from '../units.ts';
import { readField, type FieldReading } from './field.ts';
import { Unreadable } from './problem.ts';
import { COUNT, countRange, DURATION, durationRange } from './scanner.ts';

/** The least and the most that an amount may be. */
export interface AmountBounds {
  readonly least: number;
  readonly most?: number;
}

/** Reads a count or a range of counts as a coach writes it: "8", "8-10" or "8–10". */
export function readCount(text: string, { least, most = MOST_COUNT }: AmountBounds): FieldReading<Range> {
  return readField(
    text,
    (scanner) => {
      const groups = scanner.take(COUNT);
      if (!groups) return undefined;
      const zero = least === 0 && Number(groups[0]) === 0;
      return zero ? { low: 0, high: Number(groups[1] ?? 0) } : countRange(groups, 1, most);
    },
    'a number, such as 8 or 8-10',
  );
}

/** Reads a length of time or a range of them: "40", "40s", "20-40", "1:30", "1-3min". A bare number is seconds. */
export function readDuration(text: string, { least, most = MOST_SECONDS }: AmountBounds): FieldReading<Range> {
  const bare = /^[\d.\s–-]+$/.test(text.trim());
  return readField(
    bare ? `${text.trim()}s` : text,
    (scanner) => {
      const groups = scanner.take(DURATION);
      const range = groups && durationRange(groups, 1, least);
      if (range && range.high > most) throw new Unreadable(1, `a time of at most ${most} seconds`);
      return range;
    },
    'a time, such as 40s, 20-40s or 1:30',
  );
}
