import { clockWords as clock } from '@prompt-spark/core/clockWords';
import type { Seconds } from '@prompt-spark/core/units';

export { clock };

/** Seconds as a countdown shows them: the second that is still running out. */
export function countdown(seconds: Seconds): string {
  const left = Math.max(0, Math.ceil(seconds - 1e-6));
  return left < 100 ? String(left) : clock(left);
}

/** The time of day of an instant at a site, 06:15 as 6:15. */
export function timeOfDay(instant: string | Date, timeZone?: string): string {
  const format = new Intl.DateTimeFormat('en-GB', { hour: 'numeric', minute: '2-digit', ...zone(timeZone) });
  return format.format(new Date(instant)).replace(/^0(?=\d)/, '');
}

/** A day as a heading: Thursday 26 November. */
export function dayName(instant: string | Date, timeZone?: string): string {
  return new Intl.DateTimeFormat('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    ...zone(timeZone),
  }).format(new Date(instant));
}

/** The calendar day an instant falls on at a site, as 2026-11-26. */
export function calendarDay(instant: string | Date, timeZone?: string): string {
  return new Intl.DateTimeFormat('en-CA', { dateStyle: 'short', ...zone(timeZone) }).format(new Date(instant));
}

function zone(timeZone: string | undefined): Intl.DateTimeFormatOptions {
  return timeZone === undefined ? {} : { timeZone };
}

/** Seconds since midnight at a site. */
export function secondsOfDay(instant: Date, timeZone?: string): Seconds {
  const format = new Intl.DateTimeFormat('en-GB', {
    hour: '2-digit',
    minute: '2-digit',
    second: '2-digit',
    hourCycle: 'h23',
    ...zone(timeZone),
  });
  const [hours = 0, minutes = 0, seconds = 0] = format.format(instant).split(':').map(Number);
  return hours * 3600 + minutes * 60 + seconds + instant.getMilliseconds() / 1000;
}
