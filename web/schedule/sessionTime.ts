import type { SessionSummary } from '@prompt-spark/contract/session';
import { minuteOfDay } from '@prompt-spark/core/circuit/wallClock';
import { calendarDay, minuteWords, timeOfDay } from '../wording/clock.ts';

type Timed = Pick<SessionSummary, 'startsAt' | 'at'>;

/** The calendar day of a session at its site, YYYY-MM-DD; where it has none, here. */
export function sessionDay({ startsAt, at }: Timed): string {
  return at?.day ?? calendarDay(startsAt);
}

/** Sessions by the calendar day of their site, in the order given. */
export function sessionsByDay<Session extends Timed>(
  sessions: readonly Session[],
): ReadonlyMap<string, readonly Session[]> {
  const byDay = new Map<string, Session[]>();
  for (const session of sessions) {
    const day = sessionDay(session);
    byDay.set(day, [...(byDay.get(day) ?? []), session]);
  }
  return byDay;
}

/** The time of day it starts at its site; where it has none, here. */
export function sessionTime({ startsAt, at }: Timed): string {
  return at ? minuteWords(minuteOfDay(at.time) ?? 0) : timeOfDay(startsAt);
}

/** Days from today at its site: 0 for today, 1 or more for later days, below 0 for what is past. */
export function daysAhead({ startsAt, at }: Timed, now: Date): number {
  if (at) return at.daysAhead;
  const [day, today] = [calendarDay(startsAt), calendarDay(now)];
  return day === today ? 0 : day > today ? 1 : -1;
}
