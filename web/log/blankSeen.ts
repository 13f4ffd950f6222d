import type { RunSummary } from '@prompt-spark/contract/run';
import type { Seen } from '@prompt-spark/core/people/seen';
import { calendarDay } from '../wording/clock.ts';

/** Somebody who was there in a run, and of whom nothing else is noted yet. */
export const blankSeen = (run: RunSummary): Seen => ({
  runId: run.id,
  day: calendarDay(new Date(run.startedAt), run.timeZone ?? undefined),
  title: run.circuitTitle,
  state: 'fine',
  where: null,
  side: null,
  pain: null,
  reached: [],
  technique: [],
  effort: null,
  signs: [],
});
