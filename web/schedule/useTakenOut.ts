import type { SeriesSpan, SessionSummary } from '@prompt-spark/contract/session';
import { computed, shallowRef, type ComputedRef } from 'vue';
import { useAction } from '../shell/useAction.ts';
import { useSessionsStore } from './sessions.ts';

/** A session as far as taking it out needs to know it. */
type Entry = Pick<SessionSummary, 'id' | 'title'> & Partial<Pick<SessionSummary, 'seriesId'>>;

/** What was last taken out of the book, and the ways on from there. */
export interface TakenOut {
  /** What is said of it; null once it is put back or forgotten. */
  readonly notice: ComputedRef<{ readonly key: string; readonly words: string; readonly more: string } | null>;
  takeOut(entry: Entry): Promise<void>;
  /** Takes out those of its series that follow, too. */
  takeOutLater(): Promise<void>;
  putBack(): Promise<void>;
  forget(): void;
}

/** Taking sessions out of the book, one or with those that follow, and putting them back as they were. */
export function useTakenOut(): TakenOut {
  const sessions = useSessionsStore();
  const { act } = useAction();
  const gone = shallowRef<{ readonly entry: Entry; readonly span: SeriesSpan } | null>(null);

  async function takeOut(entry: Entry): Promise<void> {
    if (await act(() => sessions.takeOut(entry.id))) gone.value = { entry, span: 'one' };
  }

  async function takeOutLater(): Promise<void> {
    const entry = gone.value?.entry;
    if (!entry) return;
    // It is put back first: those that follow are taken out with it, to be put back with it.
    const done = await act(async () => {
      await sessions.bringBack(entry.id);
      await sessions.takeOut(entry.id, 'following');
    });
    if (done) gone.value = { entry, span: 'following' };
  }

  async function putBack(): Promise<void> {
    const { value } = gone;
    if (value && (await act(() => sessions.bringBack(value.entry.id, value.span)))) gone.value = null;
  }

  const notice = computed(() => {
    if (!gone.value) return null;
    const { entry, span } = gone.value;
    const all = span === 'following' ? ' and all later ones' : '';
    const more = entry.seriesId && span === 'one' ? 'Later ones too' : '';
    return { key: entry.id + span, words: `“${entry.title}”${all} removed from the schedule.`, more };
  });
  return { notice, takeOut, takeOutLater, putBack, forget: () => (gone.value = null) };
}
