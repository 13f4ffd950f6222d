import { expect, it } from 'vitest';
import { stableIds } from './stableIds.ts';

it('gives the same booking the same id when it is sent again, and another one another', () => {
  let made = 0;
  const idFor = stableIds(() => `id ${String((made += 1))}`);
  const booking = { circuitId: 'squats', startsAt: '2026-12-01T18:00:00.000Z', minutes: 8 };
  const first = idFor(booking);
  expect(idFor({ ...booking })).toBe(first);
  expect(idFor({ ...booking, startsAt: '2026-12-08T18:00:00.000Z' })).not.toBe(first);
  expect(idFor({ ...booking, minutes: 9 })).not.toBe(first);
});
