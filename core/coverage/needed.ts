import type { MainSession } from '../approach/mainSession.ts';
import type { Circuit } from '../circuit/circuit.ts';
import type { Drill } from '../drills/drill.ts';
import type { Phase } from '../drills/phase.ts';
import type { Occasion } from '../occasion/occasion.ts';
import type { Seconds } from '../units.ts';
import { closersOf } from './closers.ts';
import { coverageOf, gapsIn } from './coverageOf.ts';

/**
 * Drills of a phase to pick from, for what a session needs and a circuit does not prepare: of every gap the drill that
 * serves it most, the greatest lack first, then the second one of each, and so on.
 *
 * @param most drills
 * @param seconds that the longest of them may take at least
 */
export function drillsNeeded(
  circuit: Circuit,
  occasion: Occasion,
  session: MainSession,
  { phase, seconds, most = 6 }: { readonly phase: Phase; readonly seconds: Seconds; readonly most?: number },
): readonly Drill[] {
  const gaps = gapsIn(coverageOf(circuit, occasion, session)).map(({ target }) =>
    closersOf(target, circuit, occasion, seconds, Infinity).filter(({ phases }) => phases.includes(phase)),
  );
  const deepest = Math.max(0, ...gaps.map(({ length }) => length));
  const inTurn = Array.from({ length: deepest }, (_, place) =>
    gaps.flatMap((drills) => drills.slice(place, place + 1)),
  );
  return [...new Set(inTurn.flat())].slice(0, most);
}
