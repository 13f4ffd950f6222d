import type { Block, Slot } from '../../circuit/circuit.ts';
import { ceilToHalfSecond, countAt, type Seconds } from '../../units.ts';
import type { RestLevel } from './plan.ts';

/** Whether there is rest in a block that could be less. */
export function hasRest(block: Block, rounds: number): boolean {
  if (block.roundRest > 0 && rounds > 1) return true;
  return block.lines.some(
    (line) =>
      line.kind === 'slot' &&
      (line.rest > 0 || (line.setRest > 0 && line.dose.kind !== 'lift' && countAt(line.sets, 'plan') > 1)),
  );
}

/** Seconds of rest at a level. */
export function restAt(seconds: Seconds, level: RestLevel): Seconds {
  return level === 'full' ? seconds : level === 'half' ? ceilToHalfSecond(seconds / 2) : 0;
}

/** A slot with its rests at a level. The rests between sets that climb to a lift stay. */
export function restedSlot(slot: Slot, level: RestLevel): Slot {
  if (level === 'full') return slot;
  const between = slot.dose.kind !== 'lift' && countAt(slot.sets, 'plan') > 1;
  const setRest = between ? restAt(slot.setRest, level) : slot.setRest;
  return { ...slot, setRest, rest: restAt(slot.rest, level) };
}
