import type { SessionSummary } from '@prompt-spark/contract/session';
import { calendarDayName } from '../wording/clock.ts';
import { sessionDay, sessionTime } from './sessionTime.ts';
import type { Clashes } from './useClashes.ts';

/** A line on what speaks against a session, with the session of the book that does. */
export interface ClashLine {
  readonly id: string;
  readonly words: string;
}

/** What speaks against a session in the book, a line each: who is busy, where is taken, what is marked against what. */
export function clashLines(
  { held, marked }: Clashes,
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
    ...marked.map(({ with: { id, session }, mark, of }) => {
      const whose = of.id === id ? `“${session.title}” is marked “${mark}”` : `This is marked “${mark}”`;
      const which = of.id === id ? when(session) : `“${session.title}”, ${when(session)}`;
      return { id: `${id} ${mark}`, words: `${whose}: ${which}, same group.` };
    }),
  ];
}
