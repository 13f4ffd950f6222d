import { takesExtra, type Dose, type Extra, type Sides } from '../dose/dose.ts';
import { countedPerSide } from '../dose/workSeconds.ts';
import type { Drill } from '../drills/drill.ts';
import { ceilToHalfSecond, type Range } from '../units.ts';

/** A dose for one side, with how it meets the two sides. */
export interface Sided {
  readonly dose: Dose;
  readonly sides: Sides;
  readonly extra: Extra | null;
}

/** Whether a drill takes its sides in turns and in no other way, so that as much a side is taken in turns. */
export const turnsOnly = ({ sidesAllowed, usual }: Drill, dose: Dose): boolean =>
  !sidesAllowed.includes('each') && usual.sides === 'alternate' && countedPerSide(dose);

/**
 * A dose that was said without its sides, as it is meant for a drill: what alternates and is counted aloud step by step
 * is counted of both sides together, and a time that goes one way and then the other is the time of both.
 */
export function sidesNotSaid(dose: Dose, drill: Drill): Sided {
  if (drill.sidesAllowed.includes('both')) return { dose, sides: 'both', extra: null };
  const { sides } = drill.usual;
  const together =
    (sides === 'alternate' && drill.counted === 'in all' && countedPerSide(dose)) ||
    (sides === 'each' && drill.sideWord === 'way' && (dose.kind === 'time' || dose.kind === 'distance'));
  return together ? ofBothSides(dose, sides) : { dose, sides, extra: null };
}

/** What was said of both sides together, as what each side does; an odd number is one more on the left. */
export function ofBothSides(dose: Dose, sides: Sides): Sided {
  const plain = { dose, sides, extra: null };
  if (sides === 'both') return plain;
  switch (dose.kind) {
    case 'reps':
    case 'holds': {
      const { low, high } = dose.count;
      const odd = low === high && low % 2 === 1 && low > 1 && takesExtra(dose);
      const count = odd ? { low: (low - 1) / 2, high: (low - 1) / 2 } : halfOf(dose.count, Math.ceil);
      return { dose: { ...dose, count }, sides, extra: odd ? { side: 'left', more: 1 } : null };
    }
    case 'time':
    case 'feel':
      return sides === 'each'
        ? { ...plain, dose: { ...dose, seconds: halfOf(dose.seconds, ceilToHalfSecond) } }
        : plain;
    case 'distance': {
      const { low, high } = dose.lengths;
      const even = sides === 'each' && low % 2 === 0 && high % 2 === 0;
      return even ? { ...plain, dose: { ...dose, lengths: halfOf(dose.lengths, Math.ceil) } } : plain;
    }
    case 'ramp':
    case 'lift':
      return plain;
  }
}

const halfOf = ({ low, high }: Range, rounded: (value: number) => number): Range => ({
  low: rounded(low / 2),
  high: rounded(high / 2),
});
