import fc from 'fast-check';
import { expect, it } from 'vitest';
import { anyDose } from '../testing/arbitrary.ts';
import { repsOf, timeOf } from '../testing/drills.ts';
import type { Dose } from './dose.ts';
import { stepped } from './stepped.ts';
import { workStretches } from './workSeconds.ts';
import { TEST_FLOOR } from '../testing/places.ts';

const work = (dose: Dose) => workStretches(dose, 'both', 'plan', TEST_FLOOR).reduce((sum, one) => sum + one, 0);

it.each([
  [repsOf(10), -1, repsOf(8)],
  [repsOf(8), -1, repsOf(6)],
  [repsOf(6), -1, repsOf(5)],
  [repsOf(7), 1, repsOf(8)],
  [repsOf(8, 10), 1, repsOf(10, 12)],
  [timeOf(60), -1, timeOf(45)],
  [timeOf(30), -1, timeOf(20)],
  [timeOf(33), 1, timeOf(40)],
  [timeOf(5), -1, timeOf(5)],
] as const)('%j by %i is %j', (dose, by, expected) => {
  expect(stepped(dose, by)).toEqual(expected);
});

it('is never less work for a step more, nor more for a step less, and comes back to a whole step', () => {
  fc.assert(
    fc.property(anyDose, (dose) => {
      expect(work(stepped(dose, 1))).toBeGreaterThanOrEqual(work(dose));
      expect(work(stepped(dose, -1))).toBeLessThanOrEqual(work(dose));
      const more = stepped(stepped(dose, 1), 1);
      expect(stepped(stepped(more, -1), 1)).toEqual(more);
    }),
  );
});
