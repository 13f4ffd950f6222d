import { metresOf, USUAL_PACE, type Measure, type Speed } from '../dose/distance.ts';
import { secondsPerRep } from '../dose/workSeconds.ts';
import type { Drill } from './drill.ts';

/** The pace that a drill is travelled at where a coach does not say; a drill without one of its own goes at an easy jog's. */
export const usualPace = ({ pace }: Pick<Drill, 'pace'>): Speed =>
  pace === undefined ? USUAL_PACE : { amount: pace, unit: 'm/s' };

/** The pace where steps are counted and it is not said: a step of a drill that is counted takes as long as its repetition. */
export function steppingPace(drill: Drill, step: Measure | null): Speed {
  const { dose } = drill.usual;
  if (!step || dose.kind !== 'reps') return usualPace(drill);
  const metresPerSecond = metresOf(step) / secondsPerRep(dose.tempo);
  return { amount: Math.max(0.01, Math.round(metresPerSecond * 100) / 100), unit: 'm/s' };
}
