import { describe, expect, it } from 'vitest';
import { hasHealthData, UNKNOWN_PERSON } from './person.ts';
import { inState, lastTrouble, MOST_SEEN, seenIn, seenWords, withSeen, withSeenIn, type Seen } from './seen.ts';

const seen = (runId: string, day: string, change: Partial<Seen> = {}): Seen => ({
  runId,
  day,
  title: 'Before squats',
  state: 'fine',
  where: null,
  side: null,
  pain: null,
  reached: [],
  ...change,
});
const knee = { state: 'niggle', where: 'knee', side: 'left', pain: 3 } as const;

describe('what was seen of somebody', () => {
  it('is one entry a run, the last day first, and no more than is kept', () => {
    const first = withSeen([], seen('a', '2026-11-20'));
    const second = withSeen(first, seen('b', '2026-11-24', knee));
    expect(second.map(({ runId }) => runId)).toEqual(['b', 'a']);
    const changed = withSeen(second, seen('a', '2026-11-20', { state: 'not there' }));
    expect(changed.map(({ runId, state }) => `${runId} ${state}`)).toEqual(['b niggle', 'a not there']);
    expect(seenIn(changed, 'a')?.state).toBe('not there');
    const many = Array.from({ length: MOST_SEEN }, (_, at) => seen(String(at), '2026-01-01'));
    expect(withSeen(many, seen('new', '2026-11-24'))).toHaveLength(MOST_SEEN);
    expect(withSeen(many, seen('new', '2026-11-24'))[0]?.runId).toBe('new');
  });

  it('is the gravest of it where two records of a class are joined, and goes back where they are taken apart', () => {
    const both = withSeen(
      withSeen([seen('old', '2026-11-10')], seen('a', '2026-11-20')),
      seen('b', '2026-11-20', knee),
    );
    const joined = withSeenIn(both, ['a', 'b'], 'c');
    expect(joined).toEqual([seen('c', '2026-11-20', knee), seen('old', '2026-11-10')]);
    expect(withSeenIn(joined, ['c'], 'a')).toEqual([seen('a', '2026-11-20', knee), seen('old', '2026-11-10')]);
    expect(withSeenIn(both, ['x'], 'c')).toBe(both);
  });

  it('says where only of what hurt', () => {
    expect(inState(seen('a', '2026-11-20', knee), 'fine')).toEqual(seen('a', '2026-11-20'));
    expect(inState(seen('a', '2026-11-20', knee), 'stopped')).toMatchObject({ ...knee, state: 'stopped' });
  });

  it('reminds of the last trouble, until they were there again without', () => {
    const niggle = seen('b', '2026-11-24', knee);
    expect(lastTrouble([niggle, seen('a', '2026-11-20')])).toBe(niggle);
    expect(lastTrouble([seen('d', '2026-11-26', { state: 'not there' }), niggle])).toBe(niggle);
    expect(lastTrouble([seen('c', '2026-11-25'), niggle])).toBeUndefined();
    expect(lastTrouble([])).toBeUndefined();
  });

  it('is put in words, and is health data where something hurt', () => {
    expect(seenWords(seen('a', '2026-11-20', knee))).toBe('niggle, left knee, 3 of 10');
    expect(seenWords(seen('a', '2026-11-20', { ...knee, side: 'both', pain: null }))).toBe('niggle, both sides, knee');
    expect(seenWords(seen('a', '2026-11-20', { state: 'stopped' }))).toBe('stopped');
    const person = { ...UNKNOWN_PERSON, name: 'Bregje Moll' };
    expect(hasHealthData({ ...person, seen: [seen('a', '2026-11-20')] })).toBe(false);
    expect(hasHealthData({ ...person, seen: [seen('a', '2026-11-20', knee)] })).toBe(true);
  });
});
