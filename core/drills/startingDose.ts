import type { Drill } from './drill.ts';
import { usualTempo } from './usualTempo.ts';
import { just } from '../units.ts';
import type { Dose } from '../dose/dose.ts';
import { rampUp } from '../dose/lift.ts';
import { usualPace } from './usualPace.ts';
import { USUAL_HOLD_MOVE_SECONDS } from '../dose/trade.ts';

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
      return { kind, length: { of: 'lane' }, lengths: just(2), pace: usualPace(drill), percents: [], step: null };
    case 'lift':
      return { kind, load: 60, unit: 'kg', reps: 5, steps: rampUp(5) };
    case 'ramp':
      return { kind, from: 3, to: 6, unit: 'effort', grade: 0, steps: 4, each: just(60) };
  }
}
