import { allSlots, type Circuit } from '../circuit/circuit.ts';
import { baseOf, type Drill } from '../drills/drill.ts';
import { drillIn } from '../drills/onRung.ts';
import type { Target } from '../drills/target.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { fitsSite } from '../occasion/site.ts';
import { permits } from '../people/conflictsOf.ts';
import type { Seconds } from '../units.ts';

/** How strongly a drill must serve a target to close its gap. Common practice, no source. */
const CLOSES_FROM = 0.3;

/**
 * Drills that would close a gap: those that serve the target most, that everybody present may do, that fit the place, ask
 * for no kit the circuit does not have out already, and are not in it yet.
 *
 * @param seconds time left; drills whose shortest useful dose is longer are left out
 */
export function closersOf(
  target: Target,
  circuit: Circuit,
  { library, site, ceilings }: Pick<Occasion, 'library' | 'site' | 'ceilings'>,
  seconds: Seconds,
  most = 3,
): readonly Drill[] {
  const slots = allSlots(circuit);
  const used = new Set(slots.map(({ drillId }) => drillId));
  const out = new Set(slots.flatMap((slot) => drillIn(slot, library)?.kit ?? []));
  const strength = (drill: Drill): number => drill.targets[target] ?? 0;
  const mayAll = (drill: Drill): boolean => (ceilings ?? []).every((limits) => permits(baseOf(drill), limits));
  return library.drills
    .filter((drill) => strength(drill) >= CLOSES_FROM && !used.has(drill.id))
    .filter((drill) => drill.kit.every((item) => out.has(item)) && drill.shortestUseful <= seconds)
    .filter((drill) => fitsSite(drill, baseOf(drill), site) && mayAll(drill))
    .toSorted((one, other) => strength(other) - strength(one) || one.effort - other.effort)
    .slice(0, most);
}
