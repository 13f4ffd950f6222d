import type { SessionSummary } from '@prompt-spark/contract/session';
import { clashesOf, type Clash, type Held } from '@prompt-spark/core/schedule/clashes';
import { useDebounceFn } from '@vueuse/core';
import { addDays } from 'date-fns';
import { shallowRef, watch, type Ref } from 'vue';
import { useSessionsStore } from './sessions.ts';

/** A session of the book, as far as it may clash, with what is said of it. */
type InBook = Held & { readonly session: SessionSummary };

/** Days of the book that are asked for at a time; the server gives 62 at most. */
const SPAN_DAYS = 60;

/** What in the book is held by the same coach or at the same place at the times of a form. It is said, never refused. */
export function useClashes(wanted: () => readonly Held[]): Ref<readonly Clash<InBook>[]> {
  const sessions = useSessionsStore();
  const clashes = shallowRef<readonly Clash<InBook>[]>([]);

  async function look(): Promise<void> {
    const held = wanted().filter(({ startsAt }) => Number.isFinite(startsAt));
    const [first, last] = [held[0], held.at(-1)];
    if (!first || !last) {
      clashes.value = [];
      return;
    }
    const [from, to] = [addDays(dateOf(first), -1), addDays(dateOf(last), 1)];
    const book: InBook[] = [];
    for (let at = from; at < to; at = addDays(at, SPAN_DAYS)) {
      const end = addDays(at, SPAN_DAYS);
      book.push(...(await sessions.between(at, end < to ? end : to)).map(inBook));
    }
    clashes.value = held.flatMap((one) => clashesOf(one, book));
  }

  // A book that cannot be reached keeps nobody from filling in the form: that is said when it is sent.
  const lookQuietly = useDebounceFn(() => look().catch(() => undefined), 250);
  watch(() => JSON.stringify(wanted()), lookQuietly, { immediate: true });
  return clashes;
}

const dateOf = ({ startsAt }: Held): Date => new Date(startsAt * 1000);

function inBook(session: SessionSummary): InBook {
  const { id, startsAt, minutes, coachId, siteId } = session;
  return { id, startsAt: Date.parse(startsAt) / 1000, lasts: minutes * 60, coachId, siteId, session };
}
