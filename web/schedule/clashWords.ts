import type { SessionSummary } from '@prompt-spark/contract/session';
import { calendarDayName } from '../wording/clock.ts';
import { sessionDay, sessionTime } from './sessionTime.ts';
import type { Clashes } from './useClashes.ts';

/** A line on what speaks against a session, with the session of the book that does. */
export interface ClashLine {
  readonly id: string;
  readonly words: string;
}

/** What speaks against a session in the book, a line each: who is busy, where is taken, what is kept apart from what. */
export function clashLines(
  { held, tooClose }: Clashes,
  siteName: (id: string | null) => string | undefined,
): readonly ClashLine[] {
  const when = (session: SessionSummary): string =>
    `${calendarDayName(sessionDay(session))} at ${sessionTime(session)}`;
  return [
    ...held.map(({ with: { id, session }, of }) => {
      const busy =
        of === 'site' ? `${siteName(session.siteId) ?? 'The place'} is taken` : `${session.coachName} is busy`;
      return { id, words: `${busy}: “${session.title}”, ${when(session)}, ${String(session.minutes)} minutes.` };
    }),
    ...tooClose.map(({ with: { id, session }, says, of }) => {
      const whose = of.id === id ? `“${session.title}” is marked “${says}”` : `This is marked “${says}”`;
      const which = of.id === id ? when(session) : `“${session.title}”, ${when(session)}`;
      return { id: `${id} ${says}`, words: `${whose}: ${which}, same group.` };
    }),
  ];
}
