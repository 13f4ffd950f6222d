import type { Slot } from '../../circuit/circuit.ts';
import { countAt, secondsAt, type Range, type Seconds } from '../../units.ts';

/** Two neighbours on one interval or count are called alike, and so is a whole block. Common practice, no source. */
const FEWEST_ALIKE = 2;

/** Whether one interval, or one count, rules the slots of a block: "nine times thirty", "all sevens". */
export function isRuledByOne(slots: readonly Slot[]): boolean {
  const [first] = slots;
  if (!first || slots.length < FEWEST_ALIKE) return false;
  const { dose } = first;
  return slots.every((slot) => {
    if (countAt(slot.sets, 'plan') !== countAt(first.sets, 'plan')) return false;
    if (slot.dose.kind === 'reps' && dose.kind === 'reps') return sameRange(slot.dose.count, dose.count);
    // An interval that goes one way and then the other is the same interval.
    const interval = intervalOf(slot);
    return interval !== undefined && interval === intervalOf(first);
  });
}

const sameRange = (one: Range, other: Range): boolean => one.low === other.low && one.high === other.high;

/** Seconds of a timed slot, both its sides together; undefined for any other. */
const intervalOf = ({ dose, sides }: Slot): Seconds | undefined =>
  dose.kind === 'time' ? secondsAt(dose.seconds, 'plan') * (sides === 'each' ? 2 : 1) : undefined;
