import type { Tempo } from '../dose/dose.ts';
import { USUAL_REP_SECONDS } from '../dose/trade.ts';
import type { Drill } from './drill.ts';

/** The tempo a drill's repetitions are counted at where a coach does not say. */
export function usualTempo(drill: Drill): Tempo {
  const { dose } = drill.usual;
  return dose.kind === 'reps' ? dose.tempo : { kind: 'even', seconds: USUAL_REP_SECONDS };
}
