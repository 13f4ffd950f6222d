import type { RunSummary } from '@prompt-spark/contract/run';
import type { PastRun } from '@prompt-spark/core/progress/nextStep';

const DAY_MS = 86_400_000;

/** Days from an instant to when a session starts, with their fractions. */
export const daysBefore = (startsAt: string, instant: string): number =>
  Math.max(0, (Date.parse(startsAt) - Date.parse(instant)) / DAY_MS);

/** Runs of the log as far as they tell what comes next, each in days before a session. */
export const pastRuns = (runs: readonly RunSummary[], startsAt: string): readonly PastRun[] =>
  runs.map(({ startedAt, effort, endedEarly, marks }) => ({
    daysAgo: daysBefore(startsAt, startedAt),
    effort,
    endedEarly,
    marks,
  }));
