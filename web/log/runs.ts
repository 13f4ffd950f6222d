import type { ImportReport } from '@prompt-spark/contract/import';
import type { NewRun, RunCorrection, RunPage, RunSummary, RunTurn, RunWish } from '@prompt-spark/contract/run';
import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import { call, ServerAway, ServerProblem } from '../api/call.ts';
import { usePages } from '../loading/usePages.ts';
import { withSeenIn } from '@prompt-spark/core/people/seen';
import { usePeopleStore } from '../people/people.ts';
import { runKeep } from '../saving/drawers.ts';
import { useAccountStore } from '../shell/account.ts';
import { joinedRun } from './joinRuns.ts';

/** Which runs the log shows, besides the page. */
export type RunFilter = Omit<RunWish, 'after'>;

/** The log, a page at a time, and the runs that wait in this browser for the server to take them. */
export const useRunsStore = defineStore('runs', () => {
  const runs = shallowRef<readonly RunSummary[]>([]);
  const waiting = ref(0);
  const account = useAccountStore();
  /** What one coach ran goes out in that coach's name alone. */
  const outbox = () => runKeep(account.account?.coachId ?? '');

  const {
    wish: filter,
    next,
    load,
    more,
  } = usePages<RunFilter, RunPage>(
    {},
    async (wanted, after) => {
      // What waits here is in the list, too, once the server has it.
      if (after === null) await sendWaiting();
      return pageOf(wanted, after);
    },
    (page, below) => (runs.value = below ? [...runs.value, ...page.runs] : page.runs),
  );

  const pageOf = (wanted: RunFilter, after: string | null): Promise<RunPage> =>
    call('runs', { query: { ...wanted, ...(after === null ? {} : { after }) } });

  /** Every run that the filter lets through, page after page. */
  async function all(): Promise<readonly RunSummary[]> {
    const found: RunSummary[] = [];
    let after: string | null = null;
    do {
      const page: RunPage = await pageOf(filter.value, after);
      found.push(...page.runs);
      after = page.next;
    } while (after !== null);
    return found;
  }

  /** Takes a log in from CSV, all of it or nothing. */
  async function importCsv(csv: string, importId: string): Promise<ImportReport> {
    const report = await call('importRuns', { body: { csv, id: importId } });
    if (report.added > 0) await load();
    return report;
  }

  /** What every slot of a run took. */
  async function turnsOf(id: string): Promise<readonly RunTurn[]> {
    return (await call('runTurns', { id })).turns;
  }

  /** Makes one record of two of the same class, under an id that is given; the two go into the bin. */
  async function join(one: RunSummary, other: RunSummary, id: string): Promise<void> {
    const [turns, others] = await Promise.all([call('runTurns', { id: one.id }), call('runTurns', { id: other.id })]);
    await call('addRun', { body: joinedRun(id, { ...one, ...turns }, { ...other, ...others }) });
    await noteSeen([one.id, other.id], id);
    await Promise.all([call('takeOutRun', { id: one.id }), call('takeOutRun', { id: other.id })]);
    await load();
  }

  /** Takes a joined record apart again: the two it was made of come back, and who was seen is noted of the first. */
  async function takeApart(id: string, ids: readonly [string, string]): Promise<void> {
    await Promise.all(ids.map((one) => call('bringBackRun', { id: one })));
    await noteSeen([id], ids[0]);
    await call('takeOutRun', { id });
    await load();
  }

  /** Who was seen in some runs is noted of one run instead. */
  async function noteSeen(from: readonly string[], to: string): Promise<void> {
    const people = usePeopleStore();
    await people.load();
    const wereSeen = people.records.filter(({ document: { seen } }) => seen.some(({ runId }) => from.includes(runId)));
    for (const { id } of wereSeen) {
      await people.change(id, (document) => ({ ...document, seen: withSeenIn(document.seen, from, to) }));
    }
  }

  /** Puts right what was said of a run when it ended. */
  async function correct(id: string, correction: RunCorrection): Promise<void> {
    await call('correctRun', { id, body: correction });
    runs.value = runs.value.map((run) => (run.id === id ? { ...run, ...correction } : run));
  }

  async function takeOut(id: string): Promise<void> {
    await call('takeOutRun', { id });
    runs.value = runs.value.filter((run) => run.id !== id);
  }

  async function bringBack(id: string): Promise<void> {
    await call('bringBackRun', { id });
    await load();
  }

  /**
   * Keeps a run in the browser first, then sends it. Gives whether the server has it. Throws only where neither will
   * take it.
   */
  async function record(run: NewRun): Promise<boolean> {
    if (!outbox().put(run.id, run)) await call('addRun', { body: run });
    return sendWaiting();
  }

  /** Sends what waits. Gives whether nothing waits any more. */
  async function sendWaiting(): Promise<boolean> {
    for (const [id, run] of outbox().all()) {
      try {
        await call('addRun', { body: run });
        outbox().drop(id);
      } catch (error) {
        if (!(error instanceof ServerAway) && !(error instanceof ServerProblem)) throw error;
      }
    }
    waiting.value = outbox().all().length;
    return waiting.value === 0;
  }

  return {
    runs,
    filter,
    next,
    waiting,
    load,
    more,
    all,
    importCsv,
    turnsOf,
    correct,
    join,
    takeApart,
    takeOut,
    bringBack,
    record,
    sendWaiting,
  };
});
