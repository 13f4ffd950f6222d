import { clockWords as clock } from '@prompt-spark/core/clockWords';
import type { Seconds } from '@prompt-spark/core/units';
import { clockStyle } from './clockStyle.ts';
import { wallClock } from './wallClock.ts';
import { say } from './say.ts';

export { clock };

/** Seconds as a countdown shows them: the second that is still running out. */
export function countdown(seconds: Seconds): string {
  const left = Math.max(0, Math.ceil(seconds - 1e-6));
  return left < 100 ? String(left) : clock(left);
}

const { days: DAYS, months: MONTHS } = say.clock;

/** The time of day of an instant at a site, in the coach's style. Without a time zone, where the browser is. */
export function timeOfDay(instant: string | Date, timeZone?: string): string {
  const { hours, minutes } = wallClock(new Date(instant), timeZone);
  return minuteWords(hours * 60 + minutes);
}

/** A minute of the day in the coach's style: 6:15 or 6:15 am. */
export function minuteWords(minuteOfDay: number): string {
  const [hours, minutes] = [Math.floor(minuteOfDay / 60), two(minuteOfDay % 60)];
  if (clockStyle.value.hours === 24) return `${String(hours)}:${minutes}`;
  return `${String(hours % 12 || 12)}:${minutes} ${hours < 12 ? say.clock.am : say.clock.pm}`;
}

/** A day as a heading: Thursday 26 November. */
export function dayName(instant: string | Date, timeZone?: string): string {
  const { year, month, day } = wallClock(new Date(instant), timeZone);
  return dayWords(year, month, day);
}

/** A calendar day, such as 2026-11-26, as a heading. */
export function calendarDayName(of: string): string {
  const [year = NaN, month = NaN, day = NaN] = of.split('-').map(Number);
  return dayWords(year, month, day);
}

function dayWords(year: number, month: number, day: number): string {
  const weekday = DAYS[new Date(year, month - 1, day).getDay()] ?? '';
  const name = MONTHS[month - 1] ?? '';
  return clockStyle.value.first === 'day'
    ? say.clock.dayFirst(weekday, day, name)
    : say.clock.monthFirst(weekday, name, day);
}

/** The month of a calendar day over a narrow column: Nov. */
export const shortMonth = (of: string): string => (MONTHS[Number(of.slice(5, 7)) - 1] ?? '').slice(0, 3);

/** A month as a heading: November 2026. */
export function monthName(year: number, month: number): string {
  return say.clock.month(MONTHS[month - 1] ?? '', year);
}

/** The days of the week, the coach's first day first. */
export function weekdayNames(): readonly string[] {
  const first = firstWeekday();
  return DAYS.map((_, index) => DAYS[(index + first) % 7] ?? '');
}

/** The day a week begins with: 0 for Sunday, 1 for Monday. */
export function firstWeekday(): 0 | 1 {
  return clockStyle.value.first === 'day' ? 1 : 0;
}

/** The calendar day an instant falls on at a site, as 2026-11-26. */
export function calendarDay(instant: string | Date, timeZone?: string): string {
  const { year, month, day } = wallClock(new Date(instant), timeZone);
  return `${String(year).padStart(4, '0')}-${two(month)}-${two(day)}`;
}

/** Seconds since midnight at a site. */
export function secondsOfDay(instant: Date, timeZone?: string): Seconds {
  const { hours, minutes, seconds } = wallClock(instant, timeZone);
  return hours * 3600 + minutes * 60 + seconds + instant.getMilliseconds() / 1000;
}

const two = (number: number): string => String(number).padStart(2, '0');
