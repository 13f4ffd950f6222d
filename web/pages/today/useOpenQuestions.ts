import type { SessionSummary } from '@prompt-spark/contract/session';
import { onScopeDispose, shallowRef, watch, type Ref } from 'vue';

/** The browser has this long to come to rest before it is asked for more than what is shown. */
const REST_MS = 1_500;

/**
 * What is still to be decided for each of today's sessions, in words by its id. It is found once the page is shown and
 * at rest: it takes every circuit and everybody's limits, and the first look at the day must not wait for it.
 */
export function useOpenQuestions(today: Ref<readonly SessionSummary[]>): Ref<ReadonlyMap<string, string>> {
  const words = shallowRef<ReadonlyMap<string, string>>(new Map());
  let timer: ReturnType<typeof setTimeout> | undefined;
  let asked = 0;

  async function find(): Promise<void> {
    asked += 1;
    const now = asked;
    const { openQuestionsOf } = await import('./openQuestions.ts');
    const found = await openQuestionsOf(today.value);
    if (now === asked) words.value = found;
  }

  watch(
    today,
    (sessions) => {
      clearTimeout(timer);
      if (sessions.length > 0) timer = setTimeout(() => whenIdle(() => void find()), REST_MS);
    },
    { immediate: true },
  );
  onScopeDispose(() => {
    clearTimeout(timer);
    asked += 1;
  });
  return words;
}

function whenIdle(work: () => void): void {
  if ('requestIdleCallback' in window) requestIdleCallback(work);
  else setTimeout(work, 0);
}
