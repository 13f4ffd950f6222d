import type { SessionSummary } from '@prompt-spark/contract/session';
import { onScopeDispose, shallowRef, watch, type Ref } from 'vue';
import type { DatedSession, Questions } from './questionsWorker.ts';
import { sessionDay } from '../schedule/sessionTime.ts';

/** The browser has this long to come to rest before it is asked for more than what is shown. */
const REST_MS = 1_000;

/** What is still to be decided, and a way to ask again when who comes has changed. */
export interface OpenQuestions {
  readonly words: Ref<ReadonlyMap<string, string>>;
  readonly findAgain: () => void;
}

/**
 * What is still to be decided for each of today's sessions, in words by its id. It is found beside the page once that is
 * shown: the first look at the day does not wait for it. It is a hint: where it cannot be found there is none.
 */
export function useOpenQuestions(today: Ref<readonly SessionSummary[]>): OpenQuestions {
  const words = shallowRef<ReadonlyMap<string, string>>(new Map());
  let timer: ReturnType<typeof setTimeout> | undefined;
  let left = false;

  async function find(sessions: readonly DatedSession[]): Promise<void> {
    const { Workshop, WorkFailed } = await import('../workers/workshop.ts');
    const workshop = new Workshop<Questions>(
      () => new Worker(new URL('./questionsWorker.ts', import.meta.url), { type: 'module' }),
    );
    try {
      const found = await workshop.ask((api) => api.openQuestionsOf(sessions));
      if (found && !left) words.value = found;
    } catch (error) {
      if (!(error instanceof WorkFailed)) throw error;
    } finally {
      workshop.end();
    }
  }

  function findSoon(): void {
    clearTimeout(timer);
    const dated = today.value.map(({ id, groupId, siteId, runId, startsAt, at }) => {
      return { id, groupId, siteId, runId, day: sessionDay({ startsAt, at }) };
    });
    if (dated.some(({ groupId, runId }) => groupId !== null && runId === null))
      timer = setTimeout(() => void find(dated), REST_MS);
  }
  watch(today, findSoon, { immediate: true });
  onScopeDispose(() => {
    left = true;
    clearTimeout(timer);
  });
  return { words, findAgain: findSoon };
}
