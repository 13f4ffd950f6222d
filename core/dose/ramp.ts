import type { Percent, Range } from '../units.ts';
import { SPEED_UNITS, type SpeedUnit } from './distance.ts';

/** What a ramp climbs in: a speed, or perceived effort. */
export const RAMP_UNITS = [...SPEED_UNITS, 'effort'] as const;
export type RampUnit = SpeedUnit | 'effort';

/** Steps of even length that climb from one speed, or effort, to another. */
export interface RampDose {
  readonly kind: 'ramp';
  readonly from: number;
  readonly to: number;
  readonly unit: RampUnit;
  /** Slope of the belt, 10 for 10 %; 0 on the level and for efforts. */
  readonly grade: Percent;
  readonly steps: number;
  /** Seconds of one step. */
  readonly each: Range;
}

/** The speed or effort of every step, in even strides from first to last. */
export function rampSteps({ from, to, steps }: RampDose): readonly number[] {
  if (steps < 2) return [from];
  return Array.from({ length: steps }, (_, index) => from + ((to - from) * index) / (steps - 1));
}
