import { ceilToHalfSecond, countAt, secondsAt, type Level, type Seconds } from '../units.ts';
import { distanceSeconds, type Floor } from './distance.ts';
import { rampSeconds } from './ramp.ts';
import { USUAL_REP_SECONDS } from './trade.ts';
import type { Dose, Extra, Sides, Tempo } from './dose.ts';

/** Seconds one repetition takes at a tempo. */
export function secondsPerRep(tempo: Tempo): Seconds {
  return tempo.kind === 'even' ? tempo.seconds : tempo.lower + tempo.hold + tempo.lift;
}

/** Whether a dose is counted for each side, so that alternating sides doubles it. */
export function countedPerSide({ kind }: Pick<Dose, 'kind'>): boolean {
  return kind === 'reps' || kind === 'holds';
}

/**
 * Work seconds of one dose for one side, with every range taken at `level`.
 *
 * @param more repetitions, holds, lengths or seconds that this side does more
 * @example workSecondsOneSide({ kind: 'reps', count: { low: 8, high: 10 }, tempo: { kind: 'even', seconds: 3 } }, 'plan', floor) // 27
 */
export function workSecondsOneSide(dose: Dose, level: Level, floor: Floor, more = 0): Seconds {
  switch (dose.kind) {
    case 'time':
    case 'feel':
      return secondsAt(dose.seconds, level) + more;
    case 'reps':
      return (countAt(dose.count, level) + more) * secondsPerRep(dose.tempo);
    case 'holds':
      return (countAt(dose.count, level) + more) * dose.positions * (secondsAt(dose.hold, level) + dose.move);
    case 'distance':
      return ceilToHalfSecond(distanceSeconds(dose, level, floor, more));
    case 'ramp':
      return rampSeconds(dose, level).reduce((sum, step) => sum + step, 0);
    case 'lift':
      return dose.steps.reduce((sum, { reps }) => sum + reps, 0) * USUAL_REP_SECONDS;
  }
}

/**
 * Work seconds of each uninterrupted stretch of one set, in order: one for `both` and `alternate`, two for `each`, the left
 * first. Counted doses are per side, so alternating doubles them; other doses that alternate are the total.
 */
export function workStretches(
  dose: Dose,
  sides: Sides,
  level: Level,
  floor: Floor,
  extra: Extra | null = null,
): readonly Seconds[] {
  const oneSide = (more = 0) => workSecondsOneSide(dose, level, floor, more);
  const moreOn = (side: Extra['side']) => (extra?.side === side ? extra.more : 0);
  switch (sides) {
    case 'both':
      return [oneSide()];
    case 'each':
      return [oneSide(moreOn('left')), oneSide(moreOn('right'))];
    case 'alternate':
      return [countedPerSide(dose) ? oneSide() + oneSide(extra?.more) : oneSide()];
  }
}
