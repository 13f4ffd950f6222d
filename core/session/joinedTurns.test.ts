import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { joinedTurns } from './joinedTurns.ts';
import type { TurnRecord } from './runRecord.ts';

const turn = (slotId: string, actual: number, round = 1): TurnRecord => ({
  slotId,
  drillId: 'cat-cow',
  round,
  planned: 30,
  actual,
  paused: 0,
});

describe('two records of one class', () => {
  it('are one where the phone ran the first half and the wall the second', () => {
    const phone = [turn('a', 31), turn('b', 12), turn('c', 0)];
    const wall = [turn('a', 0), turn('b', 20), turn('c', 28), turn('d', 15)];
    expect(joinedTurns(phone, wall)).toEqual([turn('a', 31), turn('b', 20), turn('c', 28), turn('d', 15)]);
  });

  it('have rounds of their own', () => {
    expect(joinedTurns([turn('a', 10), turn('a', 9, 2)], [turn('a', 12, 2)])).toEqual([
      turn('a', 10),
      turn('a', 12, 2),
    ]);
  });

  it('lose nothing, count nothing twice, and never come to less than either', () => {
    const some = fc.uniqueArray(
      fc.record({ slotId: fc.constantFrom('a', 'b', 'c', 'd'), round: fc.nat(2), actual: fc.nat(60) }),
      { selector: ({ slotId, round }) => `${slotId}${String(round)}` },
    );
    const total = (turns: readonly TurnRecord[]) => turns.reduce((sum, { actual }) => sum + actual, 0);
    fc.assert(
      fc.property(some, some, (one, other) => {
        const [first, second] = [one, other].map((all) => all.map((a) => turn(a.slotId, a.actual, a.round)));
        const joined = joinedTurns(first ?? [], second ?? []);
        const keys = joined.map(({ slotId, round }) => `${slotId}${String(round)}`);
        expect(new Set(keys).size).toBe(keys.length);
        expect(total(joined)).toBeGreaterThanOrEqual(Math.max(total(first ?? []), total(second ?? [])));
        expect(total(joined)).toBeLessThanOrEqual(total(first ?? []) + total(second ?? []));
      }),
    );
  });
});
