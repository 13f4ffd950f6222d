import { describe, expect, it } from 'vitest';
import { hasHealthData, UNKNOWN_PERSON } from './person.ts';
import { inState, lastTrouble, MOST_SEEN, seenIn, withSeen, withSeenIn, type Seen } from './seen.ts';
import { everythingSeen, seenWords } from './seenWords.ts';
import { lastTechnique, techniqueIn, withTechnique, MOST_TECHNIQUE, TECHNIQUE_SESSIONS } from './technique.ts';

const seen = (runId: string, day: string, change: Partial<Seen> = {}): Seen => ({
  runId,
  day,
  title: 'Before squats',
  state: 'fine',
  where: null,
  side: null,
  pain: null,
  reached: [],
  technique: [],
  effort: null,
  signs: [],
  ...change,
});
const lunge = { drillId: 'lunge', drillName: 'Lateral lunge', fault: 'knee falls in', version: null } as const;
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

  it('says nothing of what somebody did who was not there', () => {
    const did = withTechnique(seen('a', '2026-11-20', { effort: 4, signs: ['sweat'] }), lunge);
    expect(inState(did, 'fine')).toEqual(did);
    expect(inState(did, 'not there')).toEqual(seen('a', '2026-11-20', { state: 'not there' }));
  });

  it('keeps how each drill was done, once, and nothing where there is nothing to say', () => {
    const fell = withTechnique(seen('a', '2026-11-20'), lunge);
    expect(techniqueIn(fell, 'lunge')).toEqual(lunge);
    const easier = withTechnique(fell, { ...lunge, fault: '', version: 'easier' });
    expect(easier.technique).toEqual([{ ...lunge, fault: '', version: 'easier' }]);
    expect(withTechnique(easier, { ...lunge, fault: '' }).technique).toEqual([]);
    const many = Array.from({ length: MOST_TECHNIQUE + 3 }, (_, at) => ({ ...lunge, drillId: String(at) }));
    const kept = many.reduce((all, one) => withTechnique(all, one), fell).technique;
    expect(kept).toEqual(many.slice(-MOST_TECHNIQUE));
  });

  it('reminds of how a drill was done the last time that anything was said of it', () => {
    const all = [
      seen('c', '2026-11-27'),
      withTechnique(seen('b', '2026-11-20'), lunge),
      withTechnique(seen('a', '2026-11-13'), { ...lunge, version: 'harder' }),
    ];
    expect(lastTechnique(all, 'lunge')).toEqual(lunge);
    const since = Array.from({ length: TECHNIQUE_SESSIONS }, (_, at) => seen(String(at), '2026-11-28'));
    expect(lastTechnique([...since, ...all], 'lunge')).toBeUndefined();
    expect(lastTechnique(all, 'squat')).toBeUndefined();
  });

  it('is one where two records of a class are joined: of each drill what the graver says, all signs, the effort that was asked', () => {
    const wall = withTechnique(seen('wall', '2026-11-20', { effort: 4, signs: ['ready'] }), {
      ...lunge,
      version: 'harder',
    });
    const phone = withTechnique(seen('phone', '2026-11-20', { ...knee, signs: ['sweat'] }), lunge);
    expect(withSeenIn([wall, phone], ['wall', 'phone'], 'wall')).toEqual([
      { ...phone, runId: 'wall', effort: 4, signs: ['sweat', 'ready'] },
    ]);
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
    const warm = withTechnique(seen('a', '2026-11-20', { effort: 4, signs: ['sweat', 'ready'] }), lunge);
    expect(everythingSeen(warm)).toBe('fine, effort 4, sweat and ready, Lateral lunge: knee falls in');
    const person = { ...UNKNOWN_PERSON, name: 'Bregje Moll' };
    expect(hasHealthData({ ...person, seen: [seen('a', '2026-11-20')] })).toBe(false);
    expect(hasHealthData({ ...person, seen: [seen('a', '2026-11-20', knee)] })).toBe(true);
  });
});
