import { allSlots, type Circuit, type Slot } from '../../circuit/circuit.ts';
import type { Floor } from '../../dose/distance.ts';
import { baseOf, type Drill } from '../../drills/drill.ts';
import { isRaising } from '../../drills/kinds.ts';
import type { Phase } from '../../drills/phase.ts';
import { permits } from '../../people/conflictsOf.ts';
import { fitsSite } from '../../occasion/site.ts';
import { shorterDosages, wholeWork, type Dosage } from '../plan/dosage.ts';
import { combiningSlot, isStranger } from '../plan/stranger.ts';
import type { Occasion } from '../../occasion/occasion.ts';
import { COMBINED, LIKE_ENOUGH, STRANGER } from './trade.ts';
import { standsFor as likeness } from './worth.ts';

interface Placed {
  readonly slot: Slot;
  readonly drill: Drill;
}

/**
 * The drill that serves the purpose of two neighbours best, one that the people know rather than a stranger; undefined where
 * none is like enough to both. It belongs to their phase, is not in the circuit yet, is no harder than the harder of them,
 * needs nothing the place lacks or that has to be fetched for it, and is too much for nobody present. None for a class:
 * nobody shows fifteen people a drill that was not planned.
 *
 * @param others ids of drills that combine other neighbours already
 */
export function combiningDrill(
  circuit: Circuit,
  phase: Phase,
  here: Placed,
  next: Placed,
  occasion: Occasion,
  others: ReadonlySet<string> = new Set(),
): Drill | undefined {
  const { ceilings } = occasion;
  if (!ceilings || isClass(circuit, occasion)) return undefined;
  // What raises the pulse is made shorter: the jog before a run is not swapped for boxing.
  if (isRaising(here.drill) || isRaising(next.drill)) return undefined;
  const { library } = occasion;
  // Where one of the two is as good for the other, it is kept: nobody has to be shown it.
  const own = Math.max(
    likeness(here.drill, next.drill, occasion),
    likeness(next.drill, here.drill, occasion),
    LIKE_ENOUGH,
  );
  const used = new Set(allSlots(circuit).map(({ drillId }) => drillId));
  const kit = new Set([...here.drill.kit, ...next.drill.kit]);
  const effort = Math.max(here.drill.effort, next.drill.effort);
  let best: { readonly drill: Drill; readonly score: number } | undefined;
  for (const drill of library.drills) {
    if (used.has(drill.id) || others.has(drill.id) || !drill.phases.includes(phase) || drill.effort > effort) continue;
    const [one, other] = [likeness(drill, here.drill, occasion), likeness(drill, next.drill, occasion)];
    const score = (one + other) * familiarity(drill, occasion);
    if (Math.min(one, other) < own || (best && score <= best.score)) continue;
    const base = baseOf(drill);
    if (!base.kit.every((item) => kit.has(item)) || !fitsSite(drill, base, occasion.site)) continue;
    if (!ceilings.every((limits) => permits(base, limits))) continue;
    best = { drill, score };
  }
  return best?.drill;
}

/** Several people at once, as far as it is known. */
const isClass = ({ people }: Circuit, { expected, ceilings }: Occasion): boolean =>
  Math.max(people || expected, ceilings?.length ?? 0) > 1;

/** The usual dose of a combining drill, whole or as short as is useful, under the first slot's id. */
export function combiningDosages(drill: Drill, slotId: string, floor: Floor, occasion: Occasion): readonly Dosage[] {
  const slot = combiningSlot(drill, slotId, occasion);
  return shorterDosages(slot, drill, floor).filter(
    ({ amount, sides }) => sides === slot.sides && (amount === 'full' || amount === 'shortest'),
  );
}

/** The share of a planned dose that a combining drill gives in its place: of its work, and never more than all. */
export function combinedFraction(slot: Slot, planned: Slot, floor: Floor): number {
  const work = wholeWork(planned, floor);
  return work > 0 ? Math.min(1, wholeWork(slot, floor) / work) : 1;
}

/** What standing in for another drill leaves of its worth. */
export function combinedQuality(drill: Drill, planned: Drill, occasion: Occasion): number {
  return COMBINED * familiarity(drill, occasion) * likeness(drill, planned, occasion);
}

const familiarity = (drill: Drill, occasion: Occasion): number => (isStranger(drill, occasion) ? STRANGER : 1);
