import type { Percent } from '../units.ts';

/** Kilograms or pounds: the numbers on the plates. */
export const LOAD_UNITS = ['kg', 'lb'] as const;
export type LoadUnit = (typeof LOAD_UNITS)[number];

/** One set on the way up: a share of the target load, and its repetitions. */
export interface LiftStep {
  readonly percent: Percent;
  readonly reps: number;
}

/** Sets that climb to the first working set of a lift. Each step is a set, with the slot's rest between. */
export interface LiftDose {
  readonly kind: 'lift';
  /** The load and the repetitions of the first working set, which is not part of the warm-up. */
  readonly load: number;
  readonly unit: LoadUnit;
  readonly reps: number;
  readonly steps: readonly [LiftStep, ...LiftStep[]];
}

/** The usual climb. Common practice, no source. */
export const USUAL_RAMP_UP: LiftDose['steps'] = [
  { percent: 40, reps: 8 },
  { percent: 55, reps: 5 },
  { percent: 70, reps: 3 },
  { percent: 85, reps: 2 },
];

/** The steps of a table for a target: no set on the way up has more repetitions than the working set. */
export function rampUp(reps: number, table: LiftDose['steps'] = USUAL_RAMP_UP): LiftDose['steps'] {
  const within = ({ percent, reps: most }: LiftStep): LiftStep => ({ percent, reps: Math.min(most, reps) });
  const [first, ...rest] = table;
  return [within(first), ...rest.map(within)];
}

/** What there is to load a bar with: the bar itself, and the smallest plate, which goes on both ends. */
export interface Plates {
  readonly unit: LoadUnit;
  readonly bar: number;
  readonly smallest: number;
}

/** Common practice, no source. */
export const USUAL_PLATES: Readonly<Record<LoadUnit, Plates>> = {
  kg: { unit: 'kg', bar: 20, smallest: 1.25 },
  lb: { unit: 'lb', bar: 45, smallest: 2.5 },
};

/** The nearest load that can be put on the bar, the empty bar at least. */
export function plateLoad(load: number, { bar, smallest }: Plates): number {
  const pair = 2 * smallest;
  return bar + Math.max(0, Math.round((load - bar) / pair)) * pair;
}

/** The sets on the way up as loaded at a site; plates in the other unit are not used. */
export function liftSets(
  { load, unit, steps }: LiftDose,
  plates: Plates = USUAL_PLATES[unit],
): readonly { readonly load: number; readonly reps: number }[] {
  const own = plates.unit === unit ? plates : USUAL_PLATES[unit];
  return steps.map(({ percent, reps }) => ({ load: plateLoad((load * percent) / 100, own), reps }));
}
