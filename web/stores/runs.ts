import { newRunSchema, runsSchema, type NewRun, type Run } from '@prompt-spark/contract/run';
import { ROUTES } from '@prompt-spark/contract/routes';
import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import { request, ServerAway, ServerProblem, tell } from '../api/request.ts';
import { browserKeep } from '../saving/browserKeep.ts';
import { useAccountStore } from './account.ts';

/** The log, and the runs that wait in this browser for the server to take them. */
export const useRunsStore = defineStore('runs', () => {
  const runs = shallowRef<readonly Run[]>([]);
  const loaded = shallowRef(false);
  const waiting = ref(0);
  const account = useAccountStore();
  /** A browser in a gym is used by several coaches: what one of them ran goes out in that coach's name alone. */
  const outbox = () => browserKeep(`run ${account.account?.coachId ?? ''}`, newRunSchema);

  async function load(): Promise<void> {
    await sendWaiting();
    runs.value = await request(ROUTES.runs, runsSchema);
    loaded.value = true;
  }

  /**
   * Keeps a run in the browser first, then sends it. Gives whether the server has it. Throws only where neither will
   * take it.
   */
  async function record(run: NewRun): Promise<boolean> {
    if (!outbox().put(run.id, run)) await tell(ROUTES.addRun, { body: run });
    return sendWaiting();
  }

  /** Sends what waits. Gives whether nothing waits any more. */
  async function sendWaiting(): Promise<boolean> {
    for (const [id, run] of outbox().all()) {
      try {
        await tell(ROUTES.addRun, { body: run });
        outbox().drop(id);
      } catch (error) {
        if (!(error instanceof ServerAway) && !(error instanceof ServerProblem)) throw error;
      }
    }
    waiting.value = outbox().all().length;
    return waiting.value === 0;
  }

  return { runs, loaded, waiting, load, record, sendWaiting };
});
