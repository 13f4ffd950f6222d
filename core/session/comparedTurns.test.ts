import fc from 'fast-check';
import { expect, it } from 'vitest';
import { comparedTurns } from './comparedTurns.ts';
import type { TurnRecord } from './runRecord.ts';

const turn = (slotId: string, actual: number, drillId = slotId): TurnRecord => {
  return { slotId, drillId, round: 1, planned: 30, actual, paused: 0 };
};

it('lays two runs side by side: what both had, what came in, and what went', () => {
  const rows = comparedTurns(
    [turn('a', 30), turn('b', 40), turn('c', 20)],
    [turn('a', 35), turn('d', 15), turn('c', 20)],
  );
  expect(rows.map(({ turn: { slotId }, before, after }) => [slotId, before, after])).toEqual([
    ['a', 30, 35],
    ['d', null, 15],
    ['c', 20, 20],
    ['b', 40, null],
  ]);
});

it('takes another drill in the same slot for another', () => {
  const rows = comparedTurns([turn('a', 30, 'squat')], [turn('a', 30, 'lunge')]);
  expect(rows.map(({ before, after }) => [before, after])).toEqual([
    [null, 30],
    [30, null],
  ]);
});

it('loses no second of either run', () => {
  const runs = fc.uniqueArray(
    fc.tuple(fc.constantFrom('a', 'b', 'c', 'd'), fc.integer({ min: 0, max: 99 })).map(([id, took]) => turn(id, took)),
    { selector: ({ slotId }) => slotId },
  );
  fc.assert(
    fc.property(runs, runs, (earlier, later) => {
      const rows = comparedTurns(earlier, later);
      const sum = (all: readonly TurnRecord[]) => all.reduce((so, { actual }) => so + actual, 0);
      expect(rows.reduce((so, { before }) => so + (before ?? 0), 0)).toBe(sum(earlier));
      expect(rows.reduce((so, { after }) => so + (after ?? 0), 0)).toBe(sum(later));
    }),
  );
});
