import type { Floor } from '../dose/distance.ts';
import type { Drill } from '../drills/drill.ts';
import type { Slot } from './circuit.ts';

/** How much of a drill is done in a slot, on a floor, and how its sides are taken: all that the words for it need. */
export interface Amount {
  readonly slot: Slot;
  readonly drill: Drill;
  readonly floor: Floor;
}
