import { secondsAt, type Effort, type Level, type Percent, type Range, type Seconds } from '../units.ts';
import { SPEED_UNITS, type SpeedUnit } from './distance.ts';

/** What a ramp climbs in: a speed, or perceived effort. */
export const RAMP_UNITS = [...SPEED_UNITS, 'effort'] as const;
export type RampUnit = SpeedUnit | 'effort';

/** The effort at which a warm-up that is to rise begins. Common practice, no source. */
export const LIGHT_EFFORT: Effort = 2;

/** What a climb is of which only the steps are said: from light to well warm, or to as hard as the drill is. Common practice, no source. */
export function usualClimb(effort: Effort): Pick<RampDose, 'from' | 'to' | 'unit'> {
  return { from: LIGHT_EFFORT, to: Math.max(5, effort), unit: 'effort' };
}

/** Steps that climb from one speed or effort to another, or up a slope that grows steeper. */
export interface RampDose {
  readonly kind: 'ramp';
  readonly from: number;
  readonly to: number;
  readonly unit: RampUnit;
  /** Slope of the belt at the first step, 10 for 10 %; 0 on the level and for efforts. */
  readonly grade: Percent;
  /** Slope at the last step; absent where it stays the same. */
  readonly gradeTo?: Percent;
  readonly steps: number;
  /** Seconds of one step. */
  readonly each: Range;
  /** Seconds of every step in turn, in place of `each`; absent where all are alike. There are as many as steps, two at least. */
  readonly uneven?: readonly Seconds[];
}

/** The speed or effort of every step, in even strides from first to last. */
export function rampSteps({ from, to, steps }: RampDose): readonly number[] {
  return evenStrides(from, to, steps);
}

/** The slope of every step, in even strides from first to last. */
export function rampGrades({ grade, gradeTo = grade, steps }: RampDose): readonly Percent[] {
  return evenStrides(grade, gradeTo, steps);
}

/** How long every step is. */
export function rampSeconds({ each, uneven, steps }: RampDose, level: Level): readonly Seconds[] {
  return uneven ?? Array.from({ length: steps }, () => secondsAt(each, level));
}

/** Which step of a ramp is under way some seconds into it at plan, from 0; the last one past its end. */
export function rampStepAt(dose: RampDose, into: Seconds): number {
  let before = 0;
  const lengths = rampSeconds(dose, 'plan');
  const at = lengths.findIndex((length) => into < (before += length));
  return at < 0 ? lengths.length - 1 : at;
}

/** A ramp in which all steps are as long as one another. */
export function withEvenSteps({ uneven: _, ...dose }: RampDose): RampDose {
  return dose;
}

function evenStrides(from: number, to: number, steps: number): readonly number[] {
  if (steps < 2) return [from];
  return Array.from({ length: steps }, (_, index) => from + ((to - from) * index) / (steps - 1));
}
