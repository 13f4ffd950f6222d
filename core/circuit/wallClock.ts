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

/** 18:05, 18.05, 18h05; 6:05 pm, 6pm. */
const CLOCK = /^(\d{1,2})(?:[:.h ](\d\d))? ?(am|pm)?$/;
/** 1805, 605 pm: four figures, or three, without a sign between them. */
const BARE = /^(\d{1,2})(\d\d) ?(am|pm)?$/;
const NAMED: Readonly<Record<string, number>> = { noon: 720, midday: 720, midnight: 0 };

/**
 * Reads a time of day as minutes from midnight: 18:30, 18.30, 1830, 18h30, 6:30 pm, 6pm, noon; undefined where it is none.
 * A bare hour, such as 18, is read as the hour only where a time is all that it can be.
 */
export function minuteOfDay(text: string, bareHour = false): number | undefined {
  const said = text
    .trim()
    .toLowerCase()
    .replaceAll(/(?<=[ap])\.?m\.?$/g, 'm')
    .replaceAll('o’clock', '')
    .trim();
  const named = NAMED[said];
  if (named !== undefined) return named;
  const [, hours, minutes, half] = CLOCK.exec(said) ?? BARE.exec(said) ?? [];
  if (hours === undefined || (minutes === undefined && half === undefined && !bareHour)) return undefined;
  return minuteFrom(Number(hours), Number(minutes ?? 0), half);
}

function minuteFrom(hours: number, minutes: number, half: string | undefined): number | undefined {
  if (minutes > 59) return undefined;
  if (half === undefined) return hours > 23 ? undefined : hours * 60 + minutes;
  if (hours < 1 || hours > 12) return undefined;
  return ((hours % 12) + (half === 'pm' ? 12 : 0)) * 60 + minutes;
}
