import type { Reached, ReachedUnit } from './reached.ts';

/** What people reached in one drill from run to run. */
export interface ResultsInDrill {
  readonly drillId: string;
  readonly drillName: string;
  readonly unit: ReachedUnit;
  /** In the order in which the runs were given; runs in which nobody was counted are left out. */
  readonly runs: readonly ResultOfRun[];
}

export interface ResultOfRun {
  readonly runId: string;
  /** Of those who were counted, to one decimal. */
  readonly mean: number;
  /** How many were counted. */
  readonly people: number;
}

interface Counted {
  readonly seen: readonly { readonly runId: string; readonly reached: readonly Reached[] }[];
}

/** What people reached on average in some runs, drill by drill; what was counted in most runs first. */
export function resultsOver(people: readonly Counted[], runIds: readonly string[]): readonly ResultsInDrill[] {
  const wanted = new Set(runIds);
  const counted = people
    .flatMap(({ seen }) => seen)
    .filter(({ runId }) => wanted.has(runId))
    .flatMap(({ runId, reached }) => reached.map((one) => ({ runId, ...one })));
  const drills = new Map(counted.map((one) => [`${one.drillId} ${one.unit}`, one]));
  return [...drills.values()]
    .map(({ drillId, drillName, unit }): ResultsInDrill => {
      const own = counted.filter((one) => one.drillId === drillId && one.unit === unit);
      const runs = runIds.flatMap((runId): readonly ResultOfRun[] => {
        const amounts = own.filter((one) => one.runId === runId).map(({ amount }) => amount);
        return amounts.length > 0 ? [{ runId, mean: meanOf(amounts), people: amounts.length }] : [];
      });
      return { drillId, drillName, unit, runs };
    })
    .toSorted((one, other) => other.runs.length - one.runs.length);
}

const meanOf = (amounts: readonly number[]): number =>
  Math.round((10 * amounts.reduce((sum, amount) => sum + amount, 0)) / amounts.length) / 10;
