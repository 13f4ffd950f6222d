import type { Slot } from '../../circuit/circuit.ts';
import { usualSlot } from '../../circuit/slot.ts';
import type { Drill } from '../../drills/drill.ts';
import type { Occasion } from '../../occasion/occasion.ts';

/** Whether a drill that a fit puts in has to be shown to the people first. None of those put in stands in their circuit. */
export const isStranger = ({ id }: Drill, { familiar }: Occasion): boolean => !familiar.has(id);

/** The slot of a drill that stands for two neighbours, under the first one's id: as usual, and shown first to people who do not know it. */
export const combiningSlot = (drill: Drill, slotId: string, occasion: Occasion): Slot => ({
  ...usualSlot(drill, slotId),
  shownFirst: isStranger(drill, occasion),
});
