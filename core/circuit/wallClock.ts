import type { Seconds } from '../units.ts';

/** When a circuit starts, or must be over, on the wall clock; minutes from midnight. */
export interface WallClock {
  readonly of: 'start' | 'end';
  readonly minute: number;
}

const DAY: Seconds = 86_400;

/** Seconds from midnight at which a circuit of a length starts. */
export function startsAt({ of, minute }: WallClock, length: Seconds): Seconds {
  const at = minute * 60 - (of === 'end' ? length : 0);
  return ((at % DAY) + DAY) % DAY;
}

/** A time of day, to the minute it is in: 18:05. */
export function timeOfDay(seconds: Seconds): string {
  const minutes = Math.floor((((seconds % DAY) + DAY) % DAY) / 60);
  return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
}

/** Reads a time of day, 0:00 to 23:59, as minutes from midnight; undefined where it is none. */
export function minuteOfDay(text: string): number | undefined {
  const match = /^\s*([01]?\d|2[0-3])[:.]([0-5]\d)\s*$/.exec(text);
  return match ? Number(match[1]) * 60 + Number(match[2]) : undefined;
}
