import type { MainSession } from '../approach/mainSession.ts';
import { newBlock } from '../circuit/edit.ts';
import { emptyCircuit } from '../circuit/circuit.ts';
import { usualSlot } from '../circuit/slot.ts';
import type { Drill } from '../drills/drill.ts';
import { strengthsOf, TARGETS, type Target } from '../drills/target.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import type { Seconds } from '../units.ts';
import { GAP_BELOW } from './coverageOf.ts';

/** A warm-up as it was run: which drills, for how long, before which main session. */
export interface PastWarmUp {
  /** YYYY-MM-DD at the site. */
  readonly day: string;
  /** Undefined where nobody said what came after it. */
  readonly session: MainSession | undefined;
  readonly drills: readonly {
    readonly drillId: string;
    /** What it took, getting ready for it among it. */
    readonly seconds: Seconds;
  }[];
}

/** How often a target was prepared over some weeks. */
export interface TargetOverWeeks {
  readonly target: Target;
  /** How many of the warm-ups came before a session that needs it. */
  readonly needed: number;
  /** How many of those prepared it. */
  readonly met: number;
  /** How many warm-ups prepared it at all. */
  readonly prepared: number;
  /** The last day on which it was prepared; empty for never. */
  readonly lastDay: string;
}

/** From this need on a session counts as one that needs a target: as a gap does. Common practice, no source. */
const NEEDED_FROM = 0.4;

/**
 * What warm-ups of some weeks prepared, against what came after each: what was missed most often first. Targets that
 * nothing needed and nothing prepared are left out. A drill counts by what it took against what its usual dose takes.
 */
export function preparedOverWeeks(runs: readonly PastWarmUp[], occasion: Occasion): readonly TargetOverWeeks[] {
  const given = runs.map((run) => ({ run, covered: coveredIn(run, occasion) }));
  return TARGETS.flatMap((target): readonly TargetOverWeeks[] => {
    const did = given.filter(({ covered }) => (covered.get(target) ?? 0) >= GAP_BELOW);
    const needing = given.filter(({ run }) => needs(run, target));
    if (did.length === 0 && needing.length === 0) return [];
    const met = did.filter(({ run }) => needs(run, target)).length;
    const lastDay = did.reduce((last, { run: { day } }) => (day > last ? day : last), '');
    return [{ target, needed: needing.length, met, prepared: did.length, lastDay }];
  }).toSorted((one, other) => missed(other) - missed(one) || one.met - other.met);
}

const needs = ({ session }: PastWarmUp, target: Target): boolean => (session?.needs[target] ?? 0) >= NEEDED_FROM;

/** How often it was needed and not prepared. */
export const missed = ({ needed, met }: Pick<TargetOverWeeks, 'needed' | 'met'>): number => needed - met;

/** How far one warm-up prepared each target, 0–1, as `coverageOf` counts it. */
function coveredIn({ drills }: PastWarmUp, occasion: Occasion): ReadonlyMap<Target, number> {
  const took = new Map<string, Seconds>();
  for (const { drillId, seconds } of drills) took.set(drillId, (took.get(drillId) ?? 0) + seconds);
  const left = new Map<Target, number>();
  for (const [drillId, seconds] of took) {
    const drill = occasion.library.byId.get(drillId);
    if (!drill) continue;
    const fraction = Math.min(1, seconds / usualSeconds(drill, occasion));
    for (const [target, strength] of strengthsOf(drill.targets)) {
      left.set(target, (left.get(target) ?? 1) * (1 - strength * fraction));
    }
  }
  return new Map([...left].map(([target, undone]) => [target, 1 - undone]));
}

/** What a drill takes in its usual dose, getting ready for it among it. */
function usualSeconds(drill: Drill, occasion: Occasion): Seconds {
  const lines = [usualSlot(drill, drill.id)];
  const alone = { ...emptyCircuit(''), blocks: [{ ...newBlock('alone', 'mobilise'), lines }] };
  return Math.max(1, timeCircuit(alone, occasion).total.plan);
}
