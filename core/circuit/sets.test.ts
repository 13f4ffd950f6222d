import fc from 'fast-check';
import { expect, it } from 'vitest';
import { anySlot } from '../testing/arbitrary.ts';
import { repsOf, testSlot } from '../testing/drills.ts';
import type { Level } from '../units.ts';
import { setCount, setDoses } from './sets.ts';

it('counts the sets it lists, of every kind of dose, at low, plan and high', () => {
  fc.assert(
    fc.property(anySlot('one'), fc.constantFrom<Level>('low', 'plan', 'high'), (slot, level) => {
      expect(setDoses(slot, level)).toHaveLength(setCount(slot, level));
    }),
  );
});

it('does the same dose in every set, and climbs anew with every set of a lift', () => {
  const squats = testSlot('deep sit', repsOf(8), 'both', { sets: { low: 3, high: 3 } });
  expect(setDoses(squats, 'plan')).toEqual([squats.dose, squats.dose, squats.dose]);
  const lift = testSlot(
    'deep sit',
    {
      kind: 'lift',
      load: 100,
      unit: 'kg',
      reps: 5,
      steps: [
        { percent: 40, reps: 5 },
        { percent: 60, reps: 3 },
      ],
    },
    'both',
    { sets: { low: 2, high: 2 } },
  );
  const counts = setDoses(lift, 'plan').map((dose) => (dose.kind === 'reps' ? dose.count.high : NaN));
  expect(counts).toEqual([5, 3, 5, 3]);
});
