import type { Effort } from '../units.ts';
import type { EnergyCost } from './drill.ts';

/** An estimate from effort: about what walking, brisk walking and jogging cost at efforts 2, 4 and 7. Marked as such. */
export function estimatedEnergy(effort: Effort): EnergyCost {
  return { kind: 'estimate', met: Math.round((1.2 + 0.25 * effort + 0.085 * effort * effort) * 10) / 10 };
}
