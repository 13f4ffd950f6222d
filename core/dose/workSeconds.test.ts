import { describe, expect, it } from 'vitest';
import { testLibrary } from '../testing/drills.ts';
import { TEST_FLOOR } from '../testing/places.ts';
import { ceilToHalfSecond, countAt, just, secondsAt, spreadOf } from '../units.ts';
import type { Dose, Sides } from './dose.ts';
import { startingDose } from '../drills/startingDose.ts';
import { secondsPerRep, workSecondsOneSide, workStretches } from './workSeconds.ts';

const reps = (low: number, high = low): Dose => ({
  kind: 'reps',
  count: { low, high },
  tempo: { kind: 'phased', lower: 2, hold: 1, lift: 2 },
});
const holds: Dose = { kind: 'holds', count: { low: 4, high: 5 }, positions: 4, hold: just(5), move: 2 };

describe('a range', () => {
  it.each([
    [8, 10, 9],
    [10, 15, 13],
    [1, 2, 2],
    [4, 4, 4],
  ])('of %i to %i is planned as %i where it counts, halves up', (low, high, plan) => {
    expect(countAt({ low, high }, 'plan')).toBe(plan);
    expect(countAt({ low, high }, 'low')).toBe(low);
    expect(countAt({ low, high }, 'high')).toBe(high);
  });

  it('of seconds is planned at its middle, to the half second', () => {
    expect(secondsAt({ low: 20, high: 25 }, 'plan')).toBe(22.5);
    expect(secondsAt({ low: 10, high: 10.5 }, 'plan')).toBe(10.5);
  });

  it('is evaluated at all three ends for a spread', () => {
    expect(spreadOf((level) => countAt({ low: 2, high: 5 }, level))).toEqual({ low: 2, plan: 4, high: 5 });
  });

  it('rounds up to the half second without being fooled by floating point', () => {
    expect([32.24, 0.1 + 0.2 + 0.2, 7.5, 7.500001].map(ceilToHalfSecond)).toEqual([32.5, 0.5, 7.5, 8]);
  });
});

describe('work for one side', () => {
  it.each<[string, Dose, number, number, number]>([
    ['time', { kind: 'time', seconds: { low: 20, high: 40 } }, 20, 30, 40],
    ['feel', { kind: 'feel', seconds: { low: 20, high: 40 } }, 20, 30, 40],
    ['repetitions at a tempo of 2-1-2', reps(8, 10), 40, 45, 50],
    ['holds in four positions, each moved into', holds, 112, 140, 140],
  ])('in %s', (_kind, dose, low, plan, high) => {
    expect(spreadOf((level) => workSecondsOneSide(dose, level, TEST_FLOOR))).toEqual({ low, plan, high });
  });

  it('takes as long a repetition as its tempo says', () => {
    expect(secondsPerRep({ kind: 'even', seconds: 1.5 })).toBe(1.5);
    expect(secondsPerRep({ kind: 'phased', lower: 3, hold: 0, lift: 1 })).toBe(4);
  });
});

describe('a lap', () => {
  const laps: Dose = {
    kind: 'distance',
    length: { of: 'lap' },
    lengths: just(3),
    pace: { amount: 2, unit: 'm/s' },
    percents: [],
    step: null,
  };

  it('is as long as the site measured it, and nobody turns in it', () => {
    expect(workSecondsOneSide(laps, 'plan', { ...TEST_FLOOR, lapMetres: 40 })).toBe(60);
  });

  it('is a lane there and back where nobody measured it', () => {
    expect(workSecondsOneSide(laps, 'plan', { ...TEST_FLOOR, laneMetres: 10 })).toBe(34);
  });
});

describe('stretches of work', () => {
  it.each<[Sides, Dose, readonly number[]]>([
    ['both', reps(8), [40]],
    ['each', reps(8), [40, 40]],
    ['alternate', reps(8), [80]],
    ['alternate', { kind: 'time', seconds: just(30) }, [30]],
    ['each', { kind: 'time', seconds: just(30) }, [30, 30]],
  ])('with sides %s of %j are %j', (sides, dose, stretches) => {
    expect(workStretches(dose, sides, 'plan', TEST_FLOOR)).toEqual(stretches);
  });
});

describe('a change to another kind of dose', () => {
  const [drill] = testLibrary.drills;

  it.each(['time', 'reps', 'holds', 'feel'] as const)('begins with something that makes sense: %s', (kind) => {
    if (!drill) throw new Error('The invented library is empty.');
    const dose = startingDose(kind, drill);
    expect(dose.kind).toBe(kind);
    expect(workSecondsOneSide(dose, 'plan', TEST_FLOOR)).toBeGreaterThanOrEqual(15);
  });

  it('takes the drill’s usual dose where that is of the kind', () => {
    expect(drill && startingDose('reps', drill)).toBe(drill?.usual.dose);
  });
});
