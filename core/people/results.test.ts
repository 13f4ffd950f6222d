import { describe, expect, it } from 'vitest';
import type { Reached } from './reached.ts';
import { resultsOver } from './results.ts';

const reached = (drillId: string, amount: number, unit: Reached['unit'] = 'reps'): Reached => ({
  drillId,
  drillName: drillId,
  amount,
  unit,
});
const person = (runs: Readonly<Record<string, readonly Reached[]>>) => ({
  seen: Object.entries(runs).map(([runId, of]) => ({ runId, reached: of })),
});

describe('what people reached from run to run', () => {
  const people = [
    person({
      a: [reached('push-up', 8)],
      b: [reached('push-up', 9), reached('plank', 30, 's')],
      x: [reached('jump', 40)],
    }),
    person({ b: [reached('push-up', 12)], c: [reached('push-up', 13)] }),
    person({ b: [reached('push-up', 11)] }),
  ];

  it('is the mean of those who were counted, in the order of the runs, what was counted most often first', () => {
    expect(resultsOver(people, ['a', 'b', 'none', 'c'])).toEqual([
      {
        drillId: 'push-up',
        drillName: 'push-up',
        unit: 'reps',
        runs: [
          { runId: 'a', mean: 8, people: 1 },
          { runId: 'b', mean: 10.7, people: 3 },
          { runId: 'c', mean: 13, people: 1 },
        ],
      },
      { drillId: 'plank', drillName: 'plank', unit: 's', runs: [{ runId: 'b', mean: 30, people: 1 }] },
    ]);
  });

  it('keeps what was counted in another unit apart, and is nothing where nobody was counted', () => {
    const mixed = [person({ a: [reached('plank', 30, 's')] }), person({ a: [reached('plank', 4)] })];
    expect(resultsOver(mixed, ['a']).map(({ unit, runs }) => [unit, runs[0]?.mean])).toEqual([
      ['s', 30],
      ['reps', 4],
    ]);
    expect(resultsOver(people, [])).toEqual([]);
  });
});
