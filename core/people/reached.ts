import type { Dose } from '../dose/dose.ts';

/** What is counted of somebody in a drill. */
export const REACHED_UNITS = ['reps', 's', 'cm', 'kg', 'level', 'steps'] as const;
export type ReachedUnit = (typeof REACHED_UNITS)[number];

/** What somebody reached in a drill of one run: push-ups, seconds of a plank, centimetres of a jump. */
export interface Reached {
  readonly drillId: string;
  /** The name it had on the day. */
  readonly drillName: string;
  readonly amount: number;
  readonly unit: ReachedUnit;
}

/** What was seen of somebody in a run, as far as it was counted. */
interface Counted {
  readonly reached: readonly Reached[];
}

/** The most drills of one run in which somebody is counted. */
export const MOST_REACHED = 12;

/** Counted reps or seconds by what a drill is usually dosed in. */
export const unitOf = ({ kind }: Dose): ReachedUnit =>
  kind === 'time' || kind === 'holds' || kind === 'feel' ? 's' : 'reps';

/** With what was reached in a drill in place of what was noted of it before. */
export function withReached<Seen extends Counted>(seen: Seen, next: Reached): Seen {
  const others = seen.reached.filter(({ drillId }) => drillId !== next.drillId);
  return { ...seen, reached: [...others, next].slice(-MOST_REACHED) };
}

/** Without what was reached in a drill. */
export const withoutReached = <Seen extends Counted>(seen: Seen, drillId: string): Seen => ({
  ...seen,
  reached: seen.reached.filter((one) => one.drillId !== drillId),
});

/** What was reached in a drill in a run; undefined where nothing was counted. */
export const reachedIn = (seen: Counted | undefined, drillId: string): Reached | undefined =>
  seen?.reached.find((one) => one.drillId === drillId);

/** What somebody last reached in a drill before a run, in the same unit: what they may aim at. The last day comes first. */
export function reachedBefore(
  all: readonly (Counted & { readonly runId: string; readonly day: string })[],
  run: { readonly runId: string; readonly day: string },
  { drillId, unit }: Pick<Reached, 'drillId' | 'unit'>,
): Reached | undefined {
  return lastReached(
    all.filter(({ runId, day }) => runId !== run.runId && day <= run.day),
    { drillId, unit },
  );
}

/** What somebody reached in a drill the last time it was counted in a unit. The last day comes first. */
export function lastReached(
  all: readonly Counted[],
  { drillId, unit }: Pick<Reached, 'drillId' | 'unit'>,
): Reached | undefined {
  return all.flatMap((seen) => reachedIn(seen, drillId) ?? []).find((one) => one.unit === unit);
}

/** "Push-up 12 reps". */
export const reachedWords = ({ drillName, amount, unit }: Reached): string =>
  unit === 'level' ? `${drillName} level ${String(amount)}` : `${drillName} ${String(amount)} ${unit}`;
