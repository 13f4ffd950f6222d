import type { SessionSummary } from '@prompt-spark/contract/session';
import { calendarDay, timeOfDay } from '../wording/clock.ts';

type Timed = Pick<SessionSummary, 'startsAt' | 'at'>;

/** The calendar day of a session at its site, YYYY-MM-DD; where it has none, here. */
export function sessionDay({ startsAt, at }: Timed): string {
  return at?.day ?? calendarDay(startsAt);
}

/** The time of day it starts at its site; where it has none, here. */
export function sessionTime({ startsAt, at }: Timed): string {
  return at?.time ?? timeOfDay(startsAt);
}

/** Days from today at its site: 0 for today, 1 or more for later days, below 0 for what is past. */
export function daysAhead({ startsAt, at }: Timed, now: Date): number {
  if (at) return at.daysAhead;
  const [day, today] = [calendarDay(startsAt), calendarDay(now)];
  return day === today ? 0 : day > today ? 1 : -1;
}
