import type { Drill } from '../drills/drill.ts';
import { usualTempo } from '../drills/usualTempo.ts';
import { just } from '../units.ts';
import type { Dose } from './dose.ts';
import { rampUp } from './lift.ts';
import { USUAL_PACE } from './distance.ts';
import { USUAL_HOLD_MOVE_SECONDS } from './trade.ts';

/** The dose to begin with when a coach changes a slot to another kind: the drill's usual one where it is of that kind. */
export function startingDose(kind: Dose['kind'], drill: Drill): Dose {
  const usual = drill.usual.dose;
  if (usual.kind === kind) return usual;
  switch (kind) {
    case 'time':
      return { kind, seconds: just(30) };
    case 'reps':
      return { kind, count: just(8), tempo: usualTempo(drill) };
    case 'holds':
      return { kind, count: just(5), positions: 1, hold: just(5), move: USUAL_HOLD_MOVE_SECONDS };
    case 'feel':
      return { kind, seconds: { low: 20, high: 40 } };
    case 'distance':
      return { kind, length: { of: 'lane' }, lengths: just(2), pace: USUAL_PACE, percents: [], step: null };
    case 'lift':
      return { kind, load: 60, unit: 'kg', reps: 5, steps: rampUp(5) };
    case 'ramp':
      return { kind, from: 3, to: 6, unit: 'effort', grade: 0, steps: 4, each: just(60) };
  }
}
