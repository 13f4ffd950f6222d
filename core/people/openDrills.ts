import type { Drill } from '../drills/drill.ts';
import { PHASES, type Phase } from '../drills/phase.ts';
import { ceilingsOf } from './ceilings.ts';
import { permits } from './conflictsOf.ts';
import type { Limit } from './limitation.ts';

/** How many drills of each phase somebody with a limit may do, on one rung at least. */
export function openDrills(drills: readonly Drill[], limit: Limit): Readonly<Record<Phase, number>> {
  const ceilings = ceilingsOf({ limits: [limit], readiness: null, holds: [] }, '');
  const open = drills.filter(({ ladder }) => ladder.some((rung) => permits(rung, ceilings)));
  const counts = { release: 0, raise: 0, mobilise: 0, activate: 0, integrate: 0, potentiate: 0 };
  for (const phase of PHASES) counts[phase] = open.filter(({ phases }) => phases.includes(phase)).length;
  return counts;
}
