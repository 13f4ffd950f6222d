import { addDays, addMonths, endOfMonth, startOfMonth, startOfWeek, endOfWeek } from 'date-fns';
import { calendarDay } from '../wording/clock.ts';

/** A month as a calendar shows it: whole weeks, from the coach's first day of the week. */
export interface MonthGrid {
  /** The first day of the month. */
  readonly first: Date;
  /** Every day that is shown, a week after the other. */
  readonly days: readonly MonthDay[];
}

export interface MonthDay {
  /** YYYY-MM-DD. */
  readonly day: string;
  readonly number: number;
  /** Whether it belongs to the month, and not to the one before or after. */
  readonly inside: boolean;
}

/** The grid of a month, told as YYYY-MM; of this month where it is none. */
export function monthGrid(month: string | null, now: Date, weekStartsOn: 0 | 1): MonthGrid {
  const [year = NaN, number = NaN] = (month ?? '').split('-').map(Number);
  const asked = new Date(year, number - 1, 1);
  const first = startOfMonth(Number.isNaN(asked.getTime()) ? now : asked);
  const [begin, end] = [startOfWeek(first, { weekStartsOn }), endOfWeek(endOfMonth(first), { weekStartsOn })];
  const days: MonthDay[] = [];
  for (let date = begin; date <= end; date = addDays(date, 1)) {
    days.push({ day: calendarDay(date), number: date.getDate(), inside: date.getMonth() === first.getMonth() });
  }
  return { first, days };
}

/** The month some months on, or back, as YYYY-MM. */
export function monthFrom(first: Date, by: number): string {
  return calendarDay(addMonths(first, by)).slice(0, 7);
}
