import { countAt, secondsAt, type Level, type Seconds } from '../units.ts';
import type { Dose, Sides, Tempo } from './dose.ts';

/** Seconds one repetition takes at a tempo. */
export function secondsPerRep(tempo: Tempo): Seconds {
  return tempo.kind === 'even' ? tempo.seconds : tempo.lower + tempo.hold + tempo.lift;
}

/**
 * Work seconds of one dose for one side, with every range taken at `level`.
 *
 * @example workSecondsOneSide({ kind: 'reps', count: { low: 8, high: 10 }, tempo: { kind: 'even', seconds: 3 } }, 'plan') // 27
 */
export function workSecondsOneSide(dose: Dose, level: Level): Seconds {
  switch (dose.kind) {
    case 'time':
    case 'feel':
      return secondsAt(dose.seconds, level);
    case 'reps':
      return countAt(dose.count, level) * secondsPerRep(dose.tempo);
    case 'holds':
      return countAt(dose.count, level) * dose.positions * (secondsAt(dose.hold, level) + dose.move);
  }
}

/**
 * Work seconds of each uninterrupted stretch of one set, in order: one for `both` and `alternate`, two for `each`.
 * Counted doses are per side, so alternating doubles them; a time dose that alternates is the total.
 */
export function workStretches(dose: Dose, sides: Sides, level: Level): readonly Seconds[] {
  const oneSide = workSecondsOneSide(dose, level);
  switch (sides) {
    case 'both':
      return [oneSide];
    case 'each':
      return [oneSide, oneSide];
    case 'alternate':
      return [dose.kind === 'reps' || dose.kind === 'holds' ? 2 * oneSide : oneSide];
  }
}
