import { RRule, type Weekday } from 'rrule';
import { MOST_REPEATS } from '@prompt-spark/core/schedule/bounds';

/** How a session repeats: on some days of the week, each week or every other, up to a day. */
export interface Repeating {
  readonly every: 'never' | 'day' | 'week' | 'two weeks';
  /** Days of the week, 0 for Sunday; the day of the first session counts besides. */
  readonly weekdays: readonly number[];
  /** The last calendar day, YYYY-MM-DD. */
  readonly until: string;
}

/** By RFC 5545's order of days, 0 for Sunday. */
const WEEKDAYS: readonly Weekday[] = [RRule.SU, RRule.MO, RRule.TU, RRule.WE, RRule.TH, RRule.FR, RRule.SA];

/**
 * The calendar days of a session that repeats, the first among them, in order; as many at most as can be booked in one go.
 * Days are days of the site's calendar: which instants they are is for the site's time zone to say.
 */
export function repeatedDays(first: string, { every, weekdays, until }: Repeating): readonly string[] {
  const [dtstart, end] = [utc(first), utc(until)];
  if (every === 'never' || !dtstart || !end || end < dtstart) return [first];
  const onDays = [...new Set([...weekdays, dtstart.getUTCDay()])].flatMap((day) => WEEKDAYS[day] ?? []);
  const rule = new RRule({
    dtstart,
    until: end,
    count: MOST_REPEATS + 1,
    ...(every === 'day'
      ? { freq: RRule.DAILY }
      : { freq: RRule.WEEKLY, interval: every === 'week' ? 1 : 2, byweekday: onDays }),
  });
  return rule.all().map((date) => date.toISOString().slice(0, 10));
}

/** A calendar day as the rules count in: its midnight in UTC. */
function utc(day: string): Date | undefined {
  const date = new Date(`${day}T00:00:00.000Z`);
  return Number.isNaN(date.getTime()) ? undefined : date;
}
