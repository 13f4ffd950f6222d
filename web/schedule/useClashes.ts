import type { SessionSummary } from '@prompt-spark/contract/session';
import { clashesOf, type Clash, type Held } from '@prompt-spark/core/schedule/clashes';
import { tooClose, type TooClose, type SetApart } from '@prompt-spark/core/schedule/keptApart';
import { useDebounceFn } from '@vueuse/core';
import { addDays } from 'date-fns';
import { shallowRef, watch, type Ref } from 'vue';
import { useStandardsStore } from '../library/standards.ts';
import { useSessionsStore } from './sessions.ts';

/** A session that is being put in the book. */
export type Wanted = Held & SetApart;
/** A session of the book, as far as it may clash, with what is said of it. */
export type InBook = Wanted & { readonly session: SessionSummary };

/** What speaks against a session in the book. It is said, never refused. */
export interface Clashes {
  /** What is held by the same coach or at the same place at that time. */
  readonly held: readonly Clash<InBook>[];
  /** What its group does shortly before or after, where one keeps apart from the other. */
  readonly tooClose: readonly TooClose<InBook>[];
}
export const NO_CLASHES: Clashes = { held: [], tooClose: [] };

/** Days of the book that are asked for at a time; the server gives 62 at most. */
const SPAN_DAYS = 60;

/** What in the book speaks against the sessions of a form. */
export function useClashes(wanted: () => readonly Wanted[]): Readonly<Ref<Clashes>> {
  const sessions = useSessionsStore();
  const standards = useStandardsStore();
  const clashes = shallowRef(NO_CLASHES);

  async function look(): Promise<void> {
    const all = wanted().filter(({ startsAt }) => Number.isFinite(startsAt));
    const [first, last] = [all[0], all.at(-1)];
    if (!first || !last) {
      clashes.value = NO_CLASHES;
      return;
    }
    const [from, to] = [addDays(dateOf(first), -1), addDays(dateOf(last), 1)];
    const book: InBook[] = [];
    for (let at = from; at < to; at = addDays(at, SPAN_DAYS)) {
      const end = addDays(at, SPAN_DAYS);
      book.push(...(await sessions.between(at, end < to ? end : to)).map(inBook));
    }
    await standards.load();
    clashes.value = {
      held: all.flatMap((one) => clashesOf(one, book)),
      tooClose: all.flatMap((one) => tooClose(one, book, standards.sessions)),
    };
  }

  // A book that cannot be reached keeps nobody from filling in the form: that is said when it is sent.
  const lookQuietly = useDebounceFn(() => look().catch(() => undefined), 250);
  watch(() => JSON.stringify(wanted()), lookQuietly, { immediate: true });
  return clashes;
}

const dateOf = ({ startsAt }: Held): Date => new Date(startsAt * 1000);

/** A session of the book, as far as it may clash. */
export function inBook(session: SessionSummary): InBook {
  const { id, startsAt, minutes, coachId, siteId, groupId, purpose, notBefore, notAfter } = session;
  const apart = { groupId, purpose, notBefore, notAfter };
  return { id, startsAt: Date.parse(startsAt) / 1000, lasts: minutes * 60, coachId, siteId, ...apart, session };
}
