import type { SessionSummary } from '@prompt-spark/contract/session';
import { onScopeDispose, shallowRef, watch, type Ref } from 'vue';
import type { DatedSession, Day, FoundOfSession } from './dayWorker.ts';
import { sessionDay } from '../schedule/sessionTime.ts';

/** The browser has this long to come to rest before it is asked for more than what is shown. */
const REST_MS = 1_000;

/** What was found of today's sessions, and a way to look again when who comes, or a circuit, has changed. */
export interface FoundToday {
  readonly found: Ref<ReadonlyMap<string, FoundOfSession>>;
  readonly findAgain: () => void;
}

/**
 * What is still to be decided for each of today's sessions, and what the last times say of it, by its id. It is found beside
 * the page once that is shown: the first look at the day does not wait for it. They are hints: where they cannot be found
 * there are none.
 */
export function useFoundToday(today: Ref<readonly SessionSummary[]>): FoundToday {
  const found = shallowRef<ReadonlyMap<string, FoundOfSession>>(new Map());
  let timer: ReturnType<typeof setTimeout> | undefined;
  let left = false;

  async function find(sessions: readonly DatedSession[]): Promise<void> {
    const { Workshop, WorkFailed } = await import('../workers/workshop.ts');
    const workshop = new Workshop<Day>(
      () => new Worker(new URL('./dayWorker.ts', import.meta.url), { type: 'module' }),
    );
    try {
      const answer = await workshop.ask((api) => api.findFor(sessions));
      if (answer && !left) found.value = answer;
    } catch (error) {
      if (!(error instanceof WorkFailed)) throw error;
    } finally {
      workshop.end();
    }
  }

  function findSoon(): void {
    clearTimeout(timer);
    const open = today.value
      .filter(({ runId }) => runId === null)
      .map(({ id, groupId, siteId, startsAt, at }) => ({
        id,
        groupId,
        siteId,
        startsAt,
        day: sessionDay({ startsAt, at }),
      }));
    if (open.length > 0) timer = setTimeout(() => void find(open), REST_MS);
  }
  // A fuse that was drawn anew says nothing that was not found before.
  const asked = () =>
    today.value.map(({ id, groupId, siteId, startsAt, runId }) => [id, groupId, siteId, startsAt, runId].join());
  watch(() => asked().join(';'), findSoon, { immediate: true });
  onScopeDispose(() => {
    left = true;
    clearTimeout(timer);
  });
  return { found, findAgain: findSoon };
}
