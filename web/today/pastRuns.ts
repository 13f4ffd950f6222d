import type { RunSummary } from '@prompt-spark/contract/run';
import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import type { Person } from '@prompt-spark/core/people/person';
import { seenTells } from '@prompt-spark/core/progress/seenTells';
import type { PastRun } from '@prompt-spark/core/progress/nextStep';

const DAY_MS = 86_400_000;

/** Days from an instant to when a session starts, with their fractions. */
export const daysBefore = (startsAt: string, instant: string): number =>
  Math.max(0, (Date.parse(startsAt) - Date.parse(instant)) / DAY_MS);

/**
 * Runs of the log as far as they tell what comes next, each in days before a session: what was tapped and said of them, and
 * what was noted of the people there.
 */
export const pastRuns = (
  runs: readonly RunSummary[],
  startsAt: string,
  circuit: Circuit,
  people: readonly Person[],
): readonly PastRun[] =>
  runs.map(({ id, startedAt, effort, endedEarly, marks }) => {
    const seen = seenTells(people, id, circuit);
    return {
      daysAgo: daysBefore(startsAt, startedAt),
      effort: effort ?? seen.effort,
      endedEarly,
      marks: [...marks, ...seen.marks],
    };
  });
