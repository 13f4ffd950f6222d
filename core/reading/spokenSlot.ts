import {
  LEAST_REP_SECONDS,
  MOST_COUNT,
  MOST_GRADE,
  MOST_LOAD,
  MOST_METRES,
  MOST_PERCENT,
  MOST_POSITIONS,
  MOST_REP_SECONDS,
  MOST_SECONDS,
  MOST_SETS,
  MOST_SPEED,
  MOST_STEPS,
} from '../circuit/bounds.ts';
import { takesAim } from '../circuit/aim.ts';
import type { Slot } from '../circuit/circuit.ts';
import { usualSlot } from '../circuit/slot.ts';
import { metresOf, type DistanceDose } from '../dose/distance.ts';
import type { LiftStep } from '../dose/lift.ts';
import type { Dose, Sides } from '../dose/dose.ts';
import { LIGHT_EFFORT, rampGrades, usualClimb, type RampDose } from '../dose/ramp.ts';
import { USUAL_HOLD_MOVE_SECONDS, usualSetRest } from '../dose/trade.ts';
import { secondsPerRep } from '../dose/workSeconds.ts';
import type { Drill } from '../drills/drill.ts';
import { meansMetres, meansSeconds, meansSets } from '../drills/kinds.ts';
import { usualPace } from '../drills/usualPace.ts';
import { usualTempo } from '../drills/usualTempo.ts';
import { ceilToHalfSecond, just, secondsAt, type Range } from '../units.ts';
import { ofBothSides, sidesNotSaid, type Sided } from './sides.ts';
import type { Named } from './nameIndex.ts';
import type { Spoken } from './spoken.ts';

/** A slot that does a drill as it was said; what was not said is as usual. Undefined where an amount cannot be kept. */
export function spokenSlot(said: Spoken, { drill, rungId }: Named, id: string): Slot | undefined {
  const usual = { ...usualSlot(drill, id), rung: rungId };
  const oneSided = rungId !== '' || drill.sidesAllowed.some((sides) => sides !== 'both');
  const { sides, ...rest } = withTimes(withMetres(withRounds(said, drill), drill), drill);
  const meant: Spoken = sides && (oneSided || said.ofWhat !== false) ? { ...rest, sides } : rest;
  const dose = doseFrom(meant, drill);
  const sided = dose ? sidedFrom(meant, dose, drill) : usualSided(meant, drill);
  const sets = meant.sets ?? just(1);
  const between = meant.restBetween === true || sets.high > 1;
  const slot: Slot = {
    ...usual,
    ...sided,
    extra: meant.extra ?? sided.extra,
    aim: meant.aim && takesAim(sided.dose) ? meant.aim : null,
    growing: meant.growing ?? null,
    load: meant.load ?? null,
    band: meant.band ?? null,
    height: meant.height ?? null,
    sets,
    setRest: between && meant.rest !== undefined ? meant.rest : usualSetRest(sided.dose),
    rest: between ? 0 : (meant.rest ?? 0),
    pinned: meant.pinned ?? false,
    doseKept: meant.doseKept ?? false,
    optional: meant.optional ?? false,
    shownFirst: meant.shownFirst ?? false,
  };
  return canBeKept(slot) ? slot : undefined;
}

/** Rounds of a flow that takes as long as several repetitions of anything else are how often it is done. */
const FLOW_SECONDS = 4;

function withRounds(said: Spoken, { usual: { dose, sides } }: Drill): Spoken {
  const { sets, count, seconds, times, ...rest } = said;
  const flows = dose.kind === 'reps' && sides === 'both' && secondsPerRep(dose.tempo) >= FLOW_SECONDS;
  return flows && sets && !count && !seconds && !times ? { ...rest, count: sets } : said;
}

/** "Jog 400" is as far. */
function withMetres(said: Spoken, drill: Drill): Spoken {
  const { count, seconds, measure, lengths, laps, ...rest } = said;
  if (!count || said.counted || seconds || measure || lengths || laps || !meansMetres(drill, count)) return said;
  return { ...rest, measure: { amount: count.low, unit: 'm' } };
}

/** "3x10s", and a time with a number beside it: held as often, where the drill is held; else as many sets. */
function withTimes(said: Spoken, drill: Drill): Spoken {
  if (said.ramp === true) return said;
  const { times, seconds, count, hold, ...rest } = said;
  const often = times ?? (seconds && count);
  if (!seconds) {
    if (hold) return count ? said : { ...rest, seconds: hold };
    const bare = count && !said.counted && meansSeconds(drill, count);
    return bare ? { ...rest, seconds: count } : said;
  }
  if (!often) return said;
  const held = said.rest === undefined && (said.positions !== undefined || !meansSets(drill));
  return held ? { ...rest, count: often, hold: seconds } : { ...rest, seconds, sets: said.sets ?? often };
}

function doseFrom(said: Spoken, drill: Drill): Dose | undefined {
  const { count, hold, seconds, feel } = said;
  if (said.lift) return said.lift;
  const distance = distanceFrom(said, drill);
  if (distance) return distance;
  if (isRamp(said)) return rampFrom(said, drill);
  if (count && hold) {
    return { kind: 'holds', count, positions: said.positions ?? 1, hold, move: USUAL_HOLD_MOVE_SECONDS };
  }
  if (seconds) return { kind: 'time', seconds };
  if (count) return { kind: 'reps', count: countFrom(said, count, drill), tempo: tempoFrom(said, drill) };
  return feel ? { kind: 'feel', seconds: usualSeconds(drill) } : undefined;
}

const tempoFrom = ({ tempo }: Spoken, drill: Drill) => tempo ?? usualTempo(drill);

/** "Up to 30" is from the least that is usual. */
function countFrom({ upTo }: Spoken, count: Range, { usual: { dose } }: Drill): Range {
  if (!upTo || dose.kind !== 'reps') return count;
  return { low: Math.min(dose.count.low, count.high), high: count.high };
}

function distanceFrom(said: Spoken, drill: Drill): DistanceDose | undefined {
  const { measure, back, laps, speeds, percents, count } = said;
  const lengths =
    said.lengths ?? (percents && percents.length > 1 && drill.space === 'lane' ? just(percents.length) : undefined);
  if (!measure && !lengths && !laps && !back) return undefined;
  const often = lengths ?? laps ?? (measure || back ? (count ?? just(1)) : just(1));
  const times = back && !laps ? { low: often.low * 2, high: often.high * 2 } : often;
  return {
    kind: 'distance',
    length: measure ? { of: 'measure', measure } : laps ? { of: 'lap' } : { of: 'lane' },
    lengths: times,
    pace: speeds ? { amount: speeds.to, unit: speeds.unit } : usualPace(drill),
    percents: percents ?? [],
    step: null,
  };
}

/** Whether it is a climb, or a time at an effort, speed or slope that is said. */
function isRamp({ ramp, steps, seconds, effort, speeds, grade }: Spoken): boolean {
  if (steps) return true;
  return seconds !== undefined && (ramp === true || [effort, speeds, grade].some((said) => said !== undefined));
}

/** A time at an effort, a speed or a slope: level, rising minute by minute, or in the steps that are said. */
function rampFrom(said: Spoken, drill: Drill): RampDose {
  const { effort, speeds, grade = just(0), steps: uneven, ramp } = said;
  const rising = ramp === true || (effort ? effort.rising : speeds !== undefined && speeds.from !== speeds.to);
  const steeper = grade.low !== grade.high;
  const long = uneven
    ? { steps: uneven.length, each: just(uneven[0] ?? 0), ...(uneven.length > 1 ? { uneven } : {}) }
    : stepsIn(said, rising || steeper);
  const slope = steeper ? { grade: grade.low, gradeTo: grade.high } : { grade: grade.low };
  if (speeds) return { kind: 'ramp', from: speeds.from, to: speeds.to, unit: speeds.unit, ...slope, ...long };
  if (!effort && grade.high > 0) {
    const { amount, unit } = usualPace(drill);
    return { kind: 'ramp', from: amount, to: amount, unit, ...slope, ...long };
  }
  const to = effort?.to ?? usualClimb(drill.effort).to;
  return {
    kind: 'ramp',
    from: rising || uneven ? Math.min(LIGHT_EFFORT, to) : to,
    to,
    unit: 'effort',
    grade: 0,
    ...long,
  };
}

/** As many steps as are said, or a minute each. */
function stepsIn({ seconds = just(0), times }: Spoken, rising: boolean): Pick<RampDose, 'steps' | 'each'> {
  if (times) return { steps: times.high, each: seconds };
  const minutes = Math.max(2, Math.round(secondsAt(seconds, 'plan') / 60));
  const steps = rising ? Math.min(minutes, 10) : 1;
  return { steps, each: { low: ceilToHalfSecond(seconds.low / steps), high: ceilToHalfSecond(seconds.high / steps) } };
}

/** How long one side of a drill usually takes. */
function usualSeconds(drill: Drill): Range {
  const { dose } = drill.usual;
  switch (dose.kind) {
    case 'time':
    case 'feel':
      return dose.seconds;
    case 'reps': {
      const each = secondsPerRep(dose.tempo);
      return { low: dose.count.low * each, high: dose.count.high * each };
    }
    case 'holds': {
      const each = dose.positions * (dose.hold.low + dose.move);
      return { low: dose.count.low * each, high: dose.count.high * each };
    }
    case 'distance':
    case 'ramp':
    case 'lift':
      return { low: drill.shortestUseful, high: drill.shortestUseful * 2 };
  }
}

function sidedFrom(said: Spoken, dose: Dose, drill: Drill): Sided {
  const counted = dose.kind === 'reps' || dose.kind === 'holds';
  const { usual, sidesAllowed } = drill;
  const { sides } = said;
  if (!sides) {
    if (!said.inAll) return sidesNotSaid(dose, drill);
    return ofBothSides(dose, sidesAllowed.includes('both') ? 'both' : usual.sides);
  }
  // People who do as many on each side take turns where that is how the drill is done.
  const turns = counted && usual.sides === 'alternate' && !said.extra;
  const taken: Sides = sides === 'each' && turns ? 'alternate' : sides;
  if (said.inAll || said.halves) return ofBothSides(dose, taken);
  if (sides === 'alternate' && counted && drill.counted === 'in all') return ofBothSides(dose, taken);
  return { dose, sides: taken, extra: null };
}

/** The usual dose, with the sides where only they were said. */
function usualSided({ sides, tempo }: Spoken, drill: Drill): Sided {
  const { dose, sides: usual } = drill.usual;
  const timed = dose.kind === 'reps' && tempo !== undefined ? { ...dose, tempo } : dose;
  const turns = sides === 'each' && usual === 'alternate';
  return { dose: timed, sides: turns ? usual : (sides ?? usual), extra: null };
}

/** Whether every amount is within what a circuit may hold. */
function canBeKept({ dose, sets, setRest, rest, extra }: Slot): boolean {
  const fits = ({ low, high }: Range, least: number, most: number): boolean => low >= least && high <= most;
  const halves = ({ low, high }: Range): boolean => Number.isInteger(low * 2) && Number.isInteger(high * 2);
  const whole = ({ low, high }: Range): boolean => Number.isInteger(low) && Number.isInteger(high);
  if (!fits(sets, 1, MOST_SETS) || !whole(sets) || rest > MOST_SECONDS || setRest > MOST_SECONDS) return false;
  if (extra && extra.more > MOST_COUNT) return false;
  switch (dose.kind) {
    case 'time':
    case 'feel':
      return fits(dose.seconds, 0.5, MOST_SECONDS) && halves(dose.seconds);
    case 'reps':
      return (
        fits(dose.count, 1, MOST_COUNT) &&
        whole(dose.count) &&
        fits(just(secondsPerRep(dose.tempo)), LEAST_REP_SECONDS, MOST_REP_SECONDS) &&
        halves(just(secondsPerRep(dose.tempo)))
      );
    case 'holds':
      return (
        fits(dose.count, 1, MOST_COUNT) &&
        whole(dose.count) &&
        fits(dose.hold, 0.5, MOST_SECONDS) &&
        halves(dose.hold) &&
        dose.positions >= 1 &&
        dose.positions <= MOST_POSITIONS
      );
    case 'distance': {
      const metres = dose.length.of === 'measure' ? metresOf(dose.length.measure) : 1;
      const { pace, percents } = dose;
      return (
        fits(dose.lengths, 1, MOST_COUNT) &&
        whole(dose.lengths) &&
        metres > 0 &&
        metres <= MOST_METRES &&
        pace.amount > 0 &&
        pace.amount <= MOST_SPEED &&
        percents.every((percent) => percent >= 1 && percent <= MOST_PERCENT)
      );
    }
    case 'ramp':
      return (
        fits(dose.each, 0.5, MOST_SECONDS) &&
        halves(dose.each) &&
        dose.steps <= MOST_STEPS &&
        (dose.uneven ?? []).every((step) => fits(just(step), 0.5, MOST_SECONDS) && halves(just(step))) &&
        Math.max(dose.from, dose.to) <= (dose.unit === 'effort' ? 10 : MOST_SPEED) &&
        Math.max(...rampGrades(dose)) <= MOST_GRADE
      );
    case 'lift':
      return (
        fits(just(dose.reps), 1, MOST_COUNT) && dose.load > 0 && dose.load <= MOST_LOAD && dose.steps.every(isStep)
      );
  }
}

const isStep = ({ percent, reps }: LiftStep): boolean =>
  percent >= 1 && percent <= MOST_PERCENT && reps >= 1 && reps <= MOST_COUNT;
