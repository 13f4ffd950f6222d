import type { SessionSummary } from '@prompt-spark/contract/session';
import ical from 'ical-generator';
import { say } from './say.ts';

/** The names that a calendar shows of a session. */
export interface SessionNames {
  readonly group: string;
  readonly site: string;
}

/** Sessions as a calendar file (RFC 5545), for any calendar to take in: what, when, where and with whom, and nobody's name but the coach's. */
export function calendarFile(
  sessions: readonly SessionSummary[],
  namesOf: (session: SessionSummary) => SessionNames,
): string {
  const calendar = ical({
    name: 'Prompt Spark',
    prodId: { company: 'Prompt Spark', product: say.calendarFile.schedule },
  });
  for (const session of sessions) {
    const start = new Date(session.startsAt);
    const { group, site } = namesOf(session);
    calendar.createEvent({
      id: `${session.id}@prompt-spark`,
      start,
      end: new Date(start.getTime() + session.minutes * 60_000),
      summary: [session.title, group].filter(Boolean).join(' · '),
      description: say.calendarFile.warmUp(session.minutes, session.coachName),
      ...(site ? { location: site } : {}),
    });
  }
  return calendar.toString();
}
