import { just, type Range } from '../units.ts';
import type { Dose } from './dose.ts';

/** Counts and seconds as a coach says them. Common practice, no source. */
const COUNTS = [1, 2, 3, 4, 5, 6, 8, 10, 12, 15, 20, 25, 30, 40, 50, 60, 80, 100] as const;
const SECONDS = [5, 10, 15, 20, 30, 40, 45, 60, 75, 90, 120, 150, 180, 240, 300, 360, 420, 480, 540, 600] as const;

/** A dose one step more or less, by steps that a coach would say: 10 → 8 → 6 → 5, 60 s → 45 s → 40 s → 30 s. At its end it stays. */
export function stepped(dose: Dose, by: 1 | -1): Dose {
  switch (dose.kind) {
    case 'time':
    case 'feel':
      return { ...dose, seconds: along(SECONDS, dose.seconds, by) };
    case 'reps':
      return { ...dose, count: along(COUNTS, dose.count, by) };
    case 'holds':
      return { ...dose, count: along(COUNTS, dose.count, by) };
    case 'distance':
      return { ...dose, lengths: along(COUNTS, dose.lengths, by) };
    case 'ramp':
      return dose.uneven ? dose : { ...dose, each: along(SECONDS, dose.each, by) };
    case 'lift':
      return { ...dose, reps: next(COUNTS, dose.reps, by) };
  }
}

function along(steps: readonly number[], { low, high }: Range, by: 1 | -1): Range {
  if (low === high) return just(next(steps, low, by));
  const [less, more] = [next(steps, low, by), next(steps, high, by)];
  return { low: Math.min(less, more), high: more };
}

function next(steps: readonly number[], value: number, by: 1 | -1): number {
  return (by > 0 ? steps.find((step) => step > value) : steps.findLast((step) => step < value)) ?? value;
}
