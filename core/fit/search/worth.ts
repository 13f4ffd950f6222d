import { slotsOf, type Circuit, type Slot } from '../../circuit/circuit.ts';
import type { Emphasis } from '../../circuit/shortVersion.ts';
import type { Drill } from '../../drills/drill.ts';
import type { Phase } from '../../drills/phase.ts';
import { TARGETS, type Target } from '../../drills/target.ts';
import type { Sides } from '../../dose/dose.ts';
import { likenessTo } from '../../swaps/likeness.ts';
import type { MainSession } from '../../approach/mainSession.ts';
import { MAIN_SESSIONS } from '../../approach/mainSessions.ts';
import type { Occasion } from '../../occasion/occasion.ts';
import { floorOf } from '../../occasion/floor.ts';
import { countAt } from '../../units.ts';
import { wholeWork } from '../plan/dosage.ts';
import type { RestLevel } from '../plan/plan.ts';
import * as trade from './trade.ts';
import { drillIn } from '../../drills/onRung.ts';

/** Worth is counted in whole millionths of the planned circuit, so that sums are exact. */
export const WHOLE = 1_000_000;

/** What every part of a planned circuit weighs, before it is brought to the scale of WHOLE. */
export interface Weights {
  readonly slots: ReadonlyMap<string, number>;
  /** The targets that the planned circuit serves and the main session needs most. */
  readonly targets: ReadonlyMap<Target, number>;
  /** Everything together. */
  readonly sum: number;
}

/** Weighs a circuit: slots by purpose, phase, emphasis and the coach's marks; targets by need. */
export function weightsOf(circuit: Circuit, occasion: Occasion, emphasis: Emphasis): Weights {
  const { library } = occasion;
  const placed = circuit.blocks.flatMap((block) =>
    slotsOf(block).flatMap((slot) => {
      const drill = drillIn(slot, library);
      return drill ? [{ slot, drill, phase: block.phase }] : [];
    }),
  );
  const inPhase = new Map<Phase, number>();
  for (const { phase } of placed) inPhase.set(phase, (inPhase.get(phase) ?? 0) + 1);
  const given = givenShares(circuit, occasion);
  const slots = new Map(
    placed.map(({ slot, drill, phase }) => {
      const share = ((occasion.approach.shares[phase] ?? 0) * placed.length) / (inPhase.get(phase) ?? 1);
      const weight = slotWeight(slot, drill, share, occasion) * trade.EMPHASIS[emphasis][phase];
      return [slot.id, weight * (given.get(slot.id) ?? 1) ** trade.SHARE_POWER] as const;
    }),
  );
  const targets = targetWeights(
    placed.map(({ drill }) => drill),
    occasion,
  );
  const sum = [...slots.values(), ...targets.values()].reduce((all, weight) => all + weight, 0);
  return { slots, targets, sum };
}

/** Every slot's planned work over its rounds, as a share of what a slot has on average. */
function givenShares(circuit: Circuit, occasion: Occasion): ReadonlyMap<string, number> {
  const floor = floorOf(circuit, occasion);
  const seconds = circuit.blocks.flatMap((block) =>
    slotsOf(block).map((slot) => [slot.id, wholeWork(slot, floor) * countAt(block.rounds, 'plan')] as const),
  );
  const mean = seconds.reduce((sum, [, work]) => sum + work, 0) / Math.max(1, seconds.length);
  return new Map(seconds.map(([id, work]) => [id, mean > 0 ? Math.max(LEAST_SHARE, work / mean) : 1]));
}

/** A slot that is over in a moment still counts for something. */
const LEAST_SHARE = 0.1;

function slotWeight({ pinned, optional, dose }: Slot, { targets }: Drill, share: number, occasion: Occasion): number {
  const needs = needsOf(occasion);
  const purpose = TARGETS.reduce((sum, target) => sum + (targets[target] ?? 0) * (needs[target] ?? 0), 0);
  const { plain, purpose: whole, phase } = trade.WEIGHT;
  const mark = pinned ? trade.MARK.pinned : optional ? trade.MARK.optional : 1;
  const climb = dose.kind === 'lift' ? trade.CLIMB : 1;
  return mark * climb * (plain + whole * Math.min(1, purpose) + phase * Math.min(1, share));
}

function targetWeights(drills: readonly Drill[], occasion: Occasion): ReadonlyMap<Target, number> {
  const needs = needsOf(occasion);
  const served = TARGETS.filter((target) => (needs[target] ?? 0) > 0 && drills.some((drill) => serves(drill, target)));
  const most = served.toSorted((one, other) => (needs[other] ?? 0) - (needs[one] ?? 0)).slice(0, trade.MOST_TARGETS);
  return new Map(most.map((target) => [target, trade.TARGET_WEIGHT * (needs[target] ?? 0)]));
}

/** Whether a drill serves a target strongly enough to count. */
export function serves({ targets }: Drill, target: Target): boolean {
  return (targets[target] ?? 0) >= trade.SERVES_FROM;
}

/** What there is of a slot in a plan. */
export interface Given {
  /** Share of the planned dose in one round. */
  readonly fraction: number;
  /** Share of the planned rounds. */
  readonly rounds: number;
  /** 0–1: what the way of taking the sides, or another drill, leaves of its worth. */
  readonly quality: number;
  readonly rest: RestLevel;
  readonly namesOnly: boolean;
}

/** What a slot is worth in a plan, in WHOLE. */
export function slotWorth(weight: number, sum: number, { fraction, rounds, quality, rest, namesOnly }: Given): number {
  const left = quality * trade.REST_LEFT[rest] * (namesOnly ? trade.NAMES_ONLY : 1);
  return Math.round(((WHOLE * weight) / sum) * trade.worthOf(fraction * rounds) * left);
}

/** What leaving a slot just as planned, or giving it more, is worth beside its work, in WHOLE; what is optional is there to go. */
export function unchangedWorth({ optional }: Slot, { fraction, quality }: Pick<Given, 'fraction' | 'quality'>): number {
  return !optional && fraction >= 1 && quality === 1 ? trade.UNCHANGED : 0;
}

/** What a target that is still served is worth, in WHOLE. */
export function targetWorth(weight: number, sum: number): number {
  return Math.round((WHOLE * weight) / sum);
}

/** What another way of taking the sides leaves of a slot's worth. */
export function sidesQuality(planned: Sides, sides: Sides): number {
  if (sides === planned) return 1;
  return sides === 'both' ? trade.AT_ONCE : trade.ALTERNATING;
}

/** What a dose under the low end of what was written leaves of a slot's worth. */
export function rangeQuality(planned: Slot, { dose, sets }: Slot): number {
  const under =
    (dose.kind === 'reps' && planned.dose.kind === 'reps' && dose.count.low < planned.dose.count.low) ||
    ((dose.kind === 'time' || dose.kind === 'feel') &&
      dose.kind === planned.dose.kind &&
      dose.seconds.low < planned.dose.seconds.low) ||
    sets.low < planned.sets.low;
  return under && isRange(planned) ? trade.UNDER_RANGE : 1;
}

/** Whether a coach wrote a range, and so said how little is still enough. */
function isRange({ dose, sets }: Slot): boolean {
  const ranges = [sets, ...(dose.kind === 'reps' ? [dose.count] : 'seconds' in dose ? [dose.seconds] : [])];
  return ranges.some(({ low, high }) => low < high);
}

/** How far one drill stands in for another, 0–1. */
export function standsFor(drill: Drill, planned: Drill, occasion: Occasion): number {
  const session = occasion.session;
  return likenessTo(planned.targets, session)(drill.targets);
}

/** The known slots of a block with their drills. */
export function knownSlots(
  block: Parameters<typeof slotsOf>[0],
  { library }: Pick<Occasion, 'library'>,
): readonly { readonly slot: Slot; readonly drill: Drill }[] {
  return slotsOf(block).flatMap((slot) => {
    const drill = drillIn(slot, library);
    return drill ? [{ slot, drill }] : [];
  });
}

/** The needs a circuit is weighed by where nobody said what it is for: the whole body's. */
const WHOLE_BODY = 'mixed-circuit';

/** What the targets weigh by: the main session, or the whole body where none is named. */
export function needsOf({ session }: Pick<Occasion, 'session'>): MainSession['needs'] {
  return (session ?? MAIN_SESSIONS.find(({ id }) => id === WHOLE_BODY))?.needs ?? {};
}
