import { withDose } from '../../circuit/slot.ts';
import type { Slot } from '../../circuit/circuit.ts';
import type { Floor } from '../../dose/distance.ts';
import type { Dose, Sides } from '../../dose/dose.ts';
import { workStretches } from '../../dose/workSeconds.ts';
import type { Drill } from '../../drills/drill.ts';
import { isRolling } from '../../drills/kinds.ts';
import { climbOf, fewestSteps } from './climb.ts';
import { countAt, just, secondsAt, type Seconds } from '../../units.ts';

/** How much of a planned dose is given: all, less, the least that is worth doing, or the high end of its ranges. */
export const AMOUNTS = ['full', 'three quarters', 'half', 'shortest', 'more'] as const;
export type Amount = (typeof AMOUNTS)[number];

/** A slot with another dose. */
export interface Dosage {
  readonly amount: Amount;
  readonly sides: Sides;
  readonly slot: Slot;
  /** Its work for one side as a share of the planned work; above 1 for more. */
  readonly fraction: number;
}

const SHARES = { full: 1, 'three quarters': 0.75, half: 0.5 } as const;
/** Counts and seconds that a coach calls out: nobody says 7 each instead of 8, or 34 seconds. Common practice, no source. */
const CALLED_COUNTS: readonly number[] = [1, 2, 3, 4, 5, 6, 8, 10, 12, 15, 20, 25, 30, 40, 50, 60, 80, 100];
const CALLED_SECONDS: readonly Seconds[] = [
  5, 10, 15, 20, 30, 40, 45, 60, 75, 90, 120, 150, 180, 240, 300, 360, 420, 480, 540, 600, 720, 900, 1200,
];

/** Under these a dose is nothing to call: repetitions, fast ones, and seconds. Common practice, no source. */
const LEAST_COUNT = 3;
const LEAST_FAST_COUNT = 2;
const LEAST_HOLDS = 2;
const LEAST_SECONDS: Seconds = 10;
const LEAST_HELD_SECONDS: Seconds = 15;
/** With much less of it than was planned it is another drill: two minutes of breathing are not cut to a breath. Common practice, no source. */
const LEAST_LEFT = 3 / 8;

/** Every dosage of a slot at most as long as planned: all, ¾, ½ and the shortest, with every faster way to take the sides. */
export function shorterDosages(slot: Slot, drill: Drill, floor: Floor): readonly Dosage[] {
  const planned = oneSide(slot, floor);
  const least = leastShare(slot, drill, planned);
  const dosages: Dosage[] = [];
  for (const sides of fasterSides(slot, drill)) {
    for (const amount of ['full', 'three quarters', 'half', 'shortest'] as const) {
      const share = amount === 'shortest' ? least : SHARES[amount];
      if (share < least) continue;
      const changed = withShare(withSides(slot, sides), share, drill);
      const fraction = fractionOf(changed, slot, floor, planned);
      const known = dosages.some((other) => other.sides === sides && other.fraction <= fraction);
      if (known || (amount !== 'full' && fraction >= 1) || tooShort(changed, drill, planned, floor)) continue;
      dosages.push({ amount, sides, slot: changed, fraction });
    }
  }
  return dosages;
}

/** The dosages of a slot from as planned up: as it is, and its ranges at their high end. */
export function longerDosages(slot: Slot, floor: Floor): readonly Dosage[] {
  const asPlanned: Dosage = { amount: 'full', sides: slot.sides, slot, fraction: 1 };
  const most = atHighEnd(slot);
  const fraction = fractionOf(most, slot, floor, oneSide(slot, floor));
  return fraction > 1 ? [asPlanned, { amount: 'more', sides: slot.sides, slot: most, fraction }] : [asPlanned];
}

/** A slot with an amount of its dose and a way to take the sides, as the fit would have it. */
export function dosed(slot: Slot, drill: Drill, amount: Amount, sides: Sides, floor: Floor): Slot {
  if (amount === 'more') return atHighEnd(withSides(slot, sides));
  const planned = oneSide(slot, floor);
  const share = amount === 'shortest' ? leastShare(slot, drill, planned) : SHARES[amount];
  return withShare(withSides(slot, sides), share, drill);
}

/** Work seconds for one side over all sets. */
export function oneSide(slot: Slot, floor: Floor): Seconds {
  return wholeWork(slot, floor) / (slot.sides === 'both' ? 1 : 2);
}

/** Work seconds of both sides over all sets. */
export function wholeWork(slot: Slot, floor: Floor): Seconds {
  const once = workStretches(slot.dose, slot.sides, 'plan', floor, slot.extra).reduce((sum, one) => sum + one, 0);
  return once * countAt(slot.sets, 'plan');
}

/** A slot's work for one side as a share of what was planned. */
export function fractionOf(slot: Slot, planned: Slot, floor: Floor, seconds: Seconds): number {
  // Sets that climb are worth their number: the heavy ones have the fewest repetitions.
  if (slot.dose.kind === 'lift' && planned.dose.kind === 'lift') {
    return slot.dose.steps.length / planned.dose.steps.length;
  }
  return seconds > 0 ? oneSide(slot, floor) / seconds : 1;
}

function leastShare({ dose }: Slot, { shortestUseful }: Drill, planned: Seconds): number {
  if (dose.kind === 'lift') return fewestSteps(dose.steps) / dose.steps.length;
  return planned > 0 ? Math.min(1, Math.max(LEAST_LEFT, shortestUseful / planned)) : 1;
}

function tooShort(slot: Slot, { shortestUseful }: Drill, planned: Seconds, floor: Floor): boolean {
  return slot.dose.kind !== 'lift' && oneSide(slot, floor) < Math.min(shortestUseful, planned);
}

function fasterSides({ sides, dose }: Slot, { sidesAllowed }: Drill): readonly Sides[] {
  if (dose.kind === 'lift') return [sides];
  const faster: readonly Sides[] = sides === 'each' ? ['alternate', 'both'] : sides === 'alternate' ? ['both'] : [];
  return [sides, ...faster.filter((way) => sidesAllowed.includes(way))];
}

function withSides(slot: Slot, sides: Sides): Slot {
  if (sides === slot.sides) return slot;
  return { ...slot, sides, extra: sides === 'both' ? null : slot.extra };
}

function withShare(slot: Slot, share: number, drill: Drill): Slot {
  if (share >= 1) return slot;
  const sets = countAt(slot.sets, 'plan');
  if (sets > 1) {
    const fewer = partOf(sets, share);
    if (fewer < sets) return { ...slot, sets: just(fewer), dose: settled(slot.dose) };
  }
  return withDose(slot, lessOf(slot.dose, share, drill));
}

/** A part of a count, rounded up: no less than was asked for. */
const partOf = (count: number, share: number): number => Math.max(1, Math.ceil(count * share - 1e-9));

/** The number nearest to a part that a coach would call, the greater of two: less than was planned, and worth calling. */
function calledPart(planned: number, share: number, called: readonly number[], least: number): number {
  const part = planned * share;
  const fewer = called.filter((number) => number < planned && number >= least);
  const apart = (number: number): number => Math.abs(number - part);
  return fewer.reduce((best, number) => (apart(number) <= apart(best) ? number : best), fewer[0] ?? planned);
}

function partOfSeconds(seconds: Seconds, share: number, least: Seconds = LEAST_SECONDS): Seconds {
  return calledPart(seconds, share, CALLED_SECONDS, least);
}

const leastSeconds = (drill: Drill): Seconds =>
  isHeld(drill) || isRolling(drill) ? LEAST_HELD_SECONDS : LEAST_SECONDS;

/** A stretch that is stayed in, gentle or not. */
function isHeld({ phases, targets, usual }: Drill): boolean {
  const timed = usual.dose.kind !== 'reps' && usual.sides !== 'alternate';
  const long = Object.entries(targets).some(([target, strength]) => target.endsWith('length') && strength >= 0.4);
  return timed && long && phases[0] !== 'raise' && phases[0] !== 'potentiate';
}

const leastCount = ({ phases }: Drill): number => (phases[0] === 'potentiate' ? LEAST_FAST_COUNT : LEAST_COUNT);

function lessOf(dose: Dose, share: number, drill: Drill): Dose {
  switch (dose.kind) {
    case 'time':
    case 'feel':
      return {
        ...dose,
        seconds: just(partOfSeconds(secondsAt(dose.seconds, 'plan'), share, leastSeconds(drill))),
      };
    case 'reps':
      return {
        ...dose,
        count: just(calledPart(countAt(dose.count, 'plan'), share, CALLED_COUNTS, leastCount(drill))),
      };
    case 'holds': {
      const count = countAt(dose.count, 'plan');
      const fewer = Math.min(count, Math.max(LEAST_HOLDS, partOf(count, share)));
      const hold = secondsAt(dose.hold, 'plan');
      if (fewer < count) return { ...dose, count: just(fewer), hold: just(hold) };
      return { ...dose, count: just(count), hold: just(partOfSeconds(hold, share, Math.min(hold, LEAST_HOLD))) };
    }
    case 'distance': {
      const lengths = countAt(dose.lengths, 'plan');
      const part = partOf(lengths, share);
      // An even number of lengths stays even: nobody is left at the far end.
      const fewer = lengths % 2 === 0 && part % 2 === 1 ? part + 1 : part;
      return { ...dose, lengths: just(fewer), percents: evenlyFrom(dose.percents, lengths, fewer) };
    }
    case 'ramp':
      if (dose.uneven) return { ...dose, uneven: dose.uneven.map((step) => partOfSeconds(step, share)) };
      return { ...dose, each: just(partOfSeconds(secondsAt(dose.each, 'plan'), share)) };
    case 'lift': {
      const [first, ...rest] = climbOf(dose.steps, partOf(dose.steps.length, share));
      return first ? { ...dose, steps: [first, ...rest] } : dose;
    }
  }
}

/** A hold of a few seconds is as short as a hold is called. */
const LEAST_HOLD: Seconds = 5;

/** Fewer lengths of a climb that is gone through once: from where it begins to where it ends, evenly. */
function evenlyFrom(percents: readonly number[], lengths: number, fewer: number): readonly number[] {
  if (percents.length !== lengths || fewer >= lengths) return percents;
  if (fewer === 1) return percents.slice(-1);
  return Array.from({ length: fewer }, (_, at) => percents[Math.round((at * (lengths - 1)) / (fewer - 1))] ?? 100);
}

/** A dose with its ranges settled at plan. */
function settled(dose: Dose): Dose {
  switch (dose.kind) {
    case 'time':
    case 'feel':
      return { ...dose, seconds: just(secondsAt(dose.seconds, 'plan')) };
    case 'reps':
      return { ...dose, count: just(countAt(dose.count, 'plan')) };
    case 'holds':
      return { ...dose, count: just(countAt(dose.count, 'plan')), hold: just(secondsAt(dose.hold, 'plan')) };
    case 'distance':
      return { ...dose, lengths: just(countAt(dose.lengths, 'plan')) };
    case 'ramp':
      return { ...dose, each: just(secondsAt(dose.each, 'plan')) };
    case 'lift':
      return dose;
  }
}

function atHighEnd(slot: Slot): Slot {
  return { ...withDose(slot, highEndOf(slot.dose)), sets: just(slot.sets.high) };
}

function highEndOf(dose: Dose): Dose {
  switch (dose.kind) {
    case 'time':
    case 'feel':
      return { ...dose, seconds: just(dose.seconds.high) };
    case 'reps':
      return { ...dose, count: just(dose.count.high) };
    case 'holds':
      return { ...dose, count: just(dose.count.high), hold: just(dose.hold.high) };
    case 'distance':
      return { ...dose, lengths: just(dose.lengths.high) };
    case 'ramp':
      return { ...dose, each: just(dose.each.high) };
    case 'lift':
      return dose;
  }
}
