import { describe, expect, it } from 'vitest';
import { repsOf, timeOf } from '../testing/drills.ts';
import {
  MOST_REACHED,
  reachedBefore,
  reachedIn,
  reachedWords,
  unitOf,
  withoutReached,
  withReached,
} from './reached.ts';
import { withSeenIn, type Seen } from './seen.ts';

const seen = (runId: string, day: string, amounts: readonly number[] = []): Seen => ({
  runId,
  day,
  title: 'Before squats',
  state: 'fine',
  where: null,
  side: null,
  pain: null,
  reached: amounts.map((amount) => ({ drillId: 'push-up', drillName: 'Push-up', amount, unit: 'reps' })),
  technique: [],
  effort: null,
  signs: [],
});
const pushUps = { drillId: 'push-up', drillName: 'Push-up', amount: 12, unit: 'reps' } as const;

describe('what somebody reached', () => {
  it('is one number a drill and run, put right by the next, and taken out again', () => {
    const counted = withReached(seen('a', '2026-11-20', [9]), pushUps);
    expect(counted.reached).toEqual([pushUps]);
    expect(reachedIn(counted, 'push-up')?.amount).toBe(12);
    expect(withoutReached(counted, 'push-up').reached).toEqual([]);
    expect(reachedIn(undefined, 'push-up')).toBeUndefined();
  });

  it('is remembered from the last time before, in the same unit, and never from a later day', () => {
    const all = [seen('c', '2026-11-27', [14]), seen('b', '2026-11-20', [12]), seen('a', '2026-11-13', [8])];
    expect(reachedBefore(all, { runId: 'c', day: '2026-11-27' }, pushUps)?.amount).toBe(12);
    expect(reachedBefore(all, { runId: 'a', day: '2026-11-13' }, pushUps)).toBeUndefined();
    expect(reachedBefore(all, { runId: 'c', day: '2026-11-27' }, { ...pushUps, unit: 's' })).toBeUndefined();
  });

  it('is kept of both records where two of one class are joined', () => {
    const plank = { drillId: 'front-plank', drillName: 'Front plank', amount: 40, unit: 's' } as const;
    const both = [withReached(seen('a', '2026-11-20'), pushUps), withReached(seen('b', '2026-11-20'), plank)];
    const [joined] = withSeenIn(both, ['a', 'b'], 'c');
    expect(joined?.reached.map(({ drillId }) => drillId).toSorted()).toEqual(['front-plank', 'push-up']);
  });

  it('is counted of no more drills than are kept', () => {
    const many = Array.from({ length: MOST_REACHED + 3 }, (_, at) => ({ ...pushUps, drillId: String(at) }));
    expect(many.reduce(withReached, seen('a', '2026-11-20')).reached).toHaveLength(MOST_REACHED);
  });

  it('is said with its unit, counted or timed as the drill usually is', () => {
    expect(reachedWords(pushUps)).toBe('Push-up 12 reps');
    expect(reachedWords({ ...pushUps, drillName: 'Shuttle run', amount: 7, unit: 'level' })).toBe(
      'Shuttle run level 7',
    );
    expect([unitOf(repsOf(10)), unitOf(timeOf(30))]).toEqual(['reps', 's']);
  });
});
