import type { SessionSummary } from '@prompt-spark/contract/session';
import { calendarDayName } from '../wording/clock.ts';
import { sessionDay, sessionTime } from './sessionTime.ts';
import type { Clashes } from './useClashes.ts';
import { say } from './say.ts';

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
    say.clashWords.dayAtTime(calendarDayName(sessionDay(session)), sessionTime(session));
  return [
    ...held.map(({ with: { id, session }, of }) => {
      const busy =
        of === 'site'
          ? say.clashWords.isTaken(siteName(session.siteId) ?? say.clashWords.place)
          : say.clashWords.isBusy(session.coachName);
      return { id, words: say.clashWords.taken(busy, session.title, when(session), session.minutes) };
    }),
    ...tooClose.map(({ with: { id, session }, says, of }) => {
      const whose =
        of.id === id ? say.clashWords.otherIsMarked(session.title, says) : say.clashWords.thisIsMarked(says);
      const which = of.id === id ? when(session) : `“${session.title}”, ${when(session)}`;
      return { id: `${id} ${says}`, words: say.clashWords.sameGroup(whose, which) };
    }),
  ];
}
