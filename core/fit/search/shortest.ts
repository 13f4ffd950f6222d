import { allSlots, type Circuit } from '../../circuit/circuit.ts';
import type { FitRecipe } from '../../circuit/shortVersion.ts';
import { timeCircuit } from '../../timeline/timeCircuit.ts';
import type { Phase } from '../../drills/phase.ts';
import type { Seconds } from '../../units.ts';
import { choicesOf, talkSetsOf } from './choices.ts';
import type { Occasion } from '../../occasion/occasion.ts';
import { frontierOf } from './frontier.ts';
import type { Relaxed } from './task.ts';
import { taskOf } from './taskOf.ts';

/** A pin or an essential part that holds the shortest plan up. */
export type Hindrance =
  | { readonly kind: 'pin'; readonly slotId: string; readonly drill: string; readonly saves: Seconds }
  | { readonly kind: 'part'; readonly phase: Phase; readonly saves: Seconds };

/** The fewest seconds a circuit can be fitted to; Infinity where no plan keeps to what must hold. */
export function shortestOf(circuit: Circuit, occasion: Occasion, recipe: FitRecipe, relaxed: Relaxed = {}): Seconds {
  const longest = Math.ceil(2 * timeCircuit(circuit, occasion).total.plan);
  const sets = talkSetsOf(choicesOf(circuit, occasion, recipe, 'shorter'), recipe, 'shorter');
  const lengths = sets.map((set) => frontierOf(taskOf(set, 'lengths only', relaxed), { longest }).steps[0]?.time);
  return Math.min(...lengths.map((time) => (time === undefined ? Infinity : time / 2)));
}

/** What stands in the way of a shorter plan: how much shorter it could be without each pin and part, the greatest first. */
export function inTheWay(circuit: Circuit, occasion: Occasion, recipe: FitRecipe, most = 2): readonly Hindrance[] {
  const set = choicesOf(circuit, occasion, recipe, 'shorter');
  const shortest = shortestOf(circuit, occasion, recipe);
  const held = (slotId: string) =>
    set.blocks.some(({ places }) => places.some((place) => place.slot.id === slotId && !place.mayGo));
  const pins = allSlots(circuit)
    .filter(({ id }) => held(id))
    .map((slot): Hindrance => {
      const drill = occasion.library.byId.get(slot.drillId)?.name ?? '';
      return {
        kind: 'pin',
        slotId: slot.id,
        drill,
        saves: shortest - shortestOf(circuit, occasion, recipe, { pin: slot.id }),
      };
    });
  const parts = occasion.approach.essential
    .filter((phase) => set.blocks.some(({ block, places }) => block.phase === phase && places.length > 0))
    .map((phase): Hindrance => ({
      kind: 'part',
      phase,
      saves: shortest - shortestOf(circuit, occasion, recipe, { part: phase }),
    }));
  return [...pins, ...parts].toSorted((one, other) => other.saves - one.saves).slice(0, most);
}
