import type { Slot } from '../circuit/circuit.ts';
import type { Interval } from '../circuit/cursor.ts';
import { usualSlot } from '../circuit/slot.ts';
import type { DrillLibrary } from '../drills/library.ts';
import type { Range } from '../units.ts';

/** A slot that is done by the work and rest of its part, where nothing was said of how much: the interval holds both sides of it. */
export function byInterval(slot: Slot, interval: Interval | undefined, { byId }: DrillLibrary): Slot {
  const drill = byId.get(slot.drillId);
  if (!interval || !drill || !asUsual(slot, usualSlot(drill, slot.id))) return slot;
  const { work, rest } = interval;
  if (slot.sides !== 'each') return { ...slot, dose: { kind: 'time', seconds: work }, rest };
  // Sides that take turns do so inside it; where each is done by itself, they change over halfway.
  return drill.sidesAllowed.includes('alternate')
    ? { ...slot, dose: { kind: 'time', seconds: work }, sides: 'alternate', rest }
    : { ...slot, dose: { kind: 'time', seconds: halfOf(work) }, rest };
}

/** Half of it, in whole half seconds. */
const halfOf = ({ low, high }: Range): Range => ({ low: Math.floor(low) / 2, high: Math.floor(high) / 2 });

/** Whether a slot has the drill's usual amount: a coach who says none gets it. */
function asUsual(slot: Slot, usual: Slot): boolean {
  const amount = ({ dose, sets, sides, extra, rest }: Slot): string => JSON.stringify([dose, sets, sides, extra, rest]);
  return amount(slot) === amount(usual);
}
