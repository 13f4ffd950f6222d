import type { Effort } from '../units.ts';
import { metabolicEquivalent, type Gait } from './metabolicEquations.ts';
import type { EnergyCost, Pace } from './drill.ts';

/** An estimate from effort: about what walking, brisk walking and jogging cost at efforts 2, 4 and 7. Marked as such. */
export function estimatedEnergy(effort: Effort): EnergyCost {
  return { kind: 'estimate', met: Math.round((1.2 + 0.25 * effort + 0.085 * effort * effort) * 10) / 10 };
}

/** What going through paces costs on average, each for as long, to the second decimal. */
export function pacedEnergy(gait: Gait, paces: readonly Pace[]): EnergyCost {
  const sum = paces.reduce((all, { speed, grade }) => all + metabolicEquivalent(gait, speed, grade), 0);
  return { kind: 'equation', gait, paces, met: Math.round((sum / Math.max(1, paces.length)) * 100) / 100 };
}
