import { countAt, type Seconds } from '../units.ts';
import type { Dose, Sides } from './dose.ts';
import { secondsPerRep } from './workSeconds.ts';

/** Which repetition is under way, from 1, and of how many. */
export interface Repetition {
  readonly now: number;
  readonly of: number;
}

/**
 * The repetition under way at plan, some seconds into a stretch of work; undefined for doses that are not counted.
 * Alternating repetitions count both sides.
 */
export function repetitionAt(dose: Dose, sides: Sides, into: Seconds): Repetition | undefined {
  if (dose.kind !== 'reps' && dose.kind !== 'holds') return undefined;
  const each = dose.kind === 'reps' ? secondsPerRep(dose.tempo) : (dose.hold.low + dose.hold.high) / 2 + dose.move;
  const perSide = countAt(dose.count, 'plan') * (dose.kind === 'holds' ? dose.positions : 1);
  const of = sides === 'alternate' ? 2 * perSide : perSide;
  return { now: Math.min(of, Math.floor(into / each) + 1), of };
}
