import type { RunSummary } from '@prompt-spark/contract/run';
import { onScopeDispose, shallowRef, watch, type Ref } from 'vue';
import { call, ServerAway, ServerProblem } from '../api/call.ts';

/** The page is at rest for so long before anything is asked for that is only a reminder. */
const REST_MS = 1_200;

/**
 * What was noted when a circuit was last run, by this group where one is named: it is shown where the next time is
 * planned. It is a reminder: where it cannot be had there is none.
 */
export function useLastTime(circuitId: () => string, groupId: () => string | null): Ref<RunSummary | undefined> {
  const last = shallowRef<RunSummary>();
  let timer: ReturnType<typeof setTimeout> | undefined;
  let asked = 0;

  async function find(): Promise<void> {
    asked += 1;
    const now = asked;
    const group = groupId();
    try {
      const { runs } = await call('runs', { query: { circuit: circuitId(), ...(group === null ? {} : { group }) } });
      if (now === asked) last.value = runs.find(({ note }) => note !== '');
    } catch (error) {
      if (!(error instanceof ServerAway || error instanceof ServerProblem)) throw error;
    }
  }

  watch(
    () => `${circuitId()} ${groupId() ?? ''}`,
    () => {
      clearTimeout(timer);
      last.value = undefined;
      if (circuitId() !== '') timer = setTimeout(() => void find(), REST_MS);
    },
    { immediate: true },
  );
  onScopeDispose(() => {
    asked += 1;
    clearTimeout(timer);
  });
  return last;
}
