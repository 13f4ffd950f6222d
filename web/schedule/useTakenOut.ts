import type { SeriesSpan, SessionSummary } from '@prompt-spark/contract/session';
import { useAction } from '../shell/useAction.ts';
import { useUndo, type Undo } from '../shell/useUndo.ts';
import { useSessionsStore } from './sessions.ts';
import { say } from './say.ts';

/** A session as far as taking it out needs to know it. */
type Entry = Pick<SessionSummary, 'id' | 'title'> & Partial<Pick<SessionSummary, 'seriesId'>>;

/** Taking sessions out of the schedule, one or with those that follow, and putting them back as they were. */
export function useTakenOut(): { readonly undo: Undo; takeOut(entry: Entry): Promise<void> } {
  const sessions = useSessionsStore();
  const { act } = useAction();
  const undo = useUndo();

  async function takeOut(entry: Entry): Promise<void> {
    if (!(await act(() => sessions.takeOut(entry.id)))) return;
    const later = { words: say.useTakenOut.laterOnesToo, go: () => takeOutLater(entry) };
    offer(entry, 'one', say.useTakenOut.removedFromTheSchedule(entry.title), entry.seriesId ? later : undefined);
  }

  async function takeOutLater(entry: Entry): Promise<void> {
    // It is put back first: those that follow are taken out with it, to be put back with it.
    await sessions.bringBack(entry.id);
    await sessions.takeOut(entry.id, 'following');
    offer(entry, 'following', say.useTakenOut.andAllLaterOnes(entry.title));
  }

  function offer({ id }: Entry, span: SeriesSpan, words: string, more?: { words: string; go: () => Promise<void> }) {
    const back = () => sessions.bringBack(id, span);
    undo.offer({ key: id + span, words, undo: say.useTakenOut.putItBack, back, ...(more ? { more } : {}) });
  }

  return { undo, takeOut };
}
