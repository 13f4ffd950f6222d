import { NO_PACE } from '@prompt-spark/core/session/gaps';
import { emptyCircuit } from '@prompt-spark/core/circuit/circuit';
import { describe, expect, it } from 'vitest';
import { fullStorage, memoryStorage } from '../testing/fakeBrowser.ts';
import { browserKeep } from './browserKeep.ts';
import { keptBefore } from './keptBefore.ts';
import { upgradeKept } from './upgradeKept.ts';

interface Box {
  readonly size: number;
}

describe('a drawer in the browser’s storage', () => {
  it('gives back what was put in, until it is dropped', () => {
    const keep = browserKeep<Box>('box', 'run', memoryStorage());
    keep.put('a', { size: 1 });
    keep.put('b', { size: 2 });
    expect(keep.get('a')).toEqual({ size: 1 });
    expect(keep.all()).toEqual([
      ['a', { size: 1 }],
      ['b', { size: 2 }],
    ]);
    keep.drop('a');
    expect(keep.get('a')).toBeUndefined();
  });

  it('keeps apart from other drawers, and leaves alone what cannot be read', () => {
    const storage = memoryStorage();
    const [one, other] = [browserKeep<Box>('one', 'run', storage), browserKeep<Box>('one', 'circuit', storage)];
    one.put('a', { size: 1 });
    expect(other.all()).toEqual([]);
    const key = storage.key(0)?.replace(/a$/, 'c') ?? '';
    storage.setItem(key, 'not JSON');
    expect(one.all().map(([id]) => id)).toEqual(['a']);
    expect(storage.getItem(key)).toBe('not JSON');
  });

  it('says where the browser has no room left, and stays usable', () => {
    const keep = browserKeep<Box>('box', 'run', fullStorage());
    expect(keep.put('a', { size: 1 })).toBe(false);
    expect(keep.get('a')).toBeUndefined();
    expect(keep.all()).toEqual([]);
  });
});

describe('what an earlier version left in the browser', () => {
  const ID = '5f0d5f8e-6a1e-4f43-8f0b-2f3f0b8f4e11';
  const COACH = 'af0d5f8e-6a1e-4f43-8f0b-2f3f0b8f4e12';
  const { tags: _, approach: __, versions: ___, ...old } = emptyCircuit('Quay circuit');
  const slot = { kind: 'slot', id: 's', drillId: 'cat-cow', sides: 'both', setRest: 0, rest: 0, cue: '' };
  const dose = { kind: 'time', seconds: { low: 30, high: 30 } };
  const lines = [{ ...slot, dose, sets: { low: 1, high: 1 }, pinned: false, optional: false }];
  const block = { id: 'b', phase: 'raise', rounds: { low: 1, high: 1 }, roundRest: 0, lines };
  const save = { circuit: { ...old, blocks: [block] }, groupId: null, siteId: null, version: 3, saveId: ID };
  const run = {
    id: ID,
    sessionId: null,
    circuitId: ID,
    circuitTitle: 'Quay circuit',
    startedAt: '2026-11-25T18:00:00.000Z',
    finishedAt: '2026-11-25T18:01:00.000Z',
    endedEarly: false,
    effort: 4,
    warm: 'yes',
    note: '',
    turns: [],
  };

  it('is found by its name, brought into today’s shape, and taken up by today’s drawers', () => {
    const storage = memoryStorage();
    storage.setItem(`prompt-spark circuit ${ID}`, JSON.stringify(save));
    storage.setItem(`prompt-spark circuit in doubt ${ID}`, JSON.stringify(save));
    storage.setItem(`prompt-spark run ${COACH} ${ID}`, JSON.stringify(run));
    storage.setItem('prompt-spark-pulse', 'true');
    expect(keptBefore(storage)).toHaveLength(3);
    upgradeKept(keptBefore(storage), storage);
    expect(browserKeep('unsent', 'circuit', storage).get(ID)).toMatchObject({
      version: 3,
      circuit: {
        title: 'Quay circuit',
        tags: [],
        versions: [],
        blocks: [{ stations: false, lines: [{ extra: null, tracks: [] }] }],
      },
    });
    expect(browserKeep('in doubt', 'circuit', storage).get(ID)).toMatchObject({ saveId: ID });
    // What getting ready took was not booked then, nor what was tapped.
    expect(browserKeep(COACH, 'run', storage).all()).toEqual([[ID, { ...run, pace: NO_PACE, marks: [] }]]);
    expect(keptBefore(storage)).toEqual([]);
    expect(storage.length).toBe(4);
  });

  it('stays where it is where it was never sound', () => {
    const storage = memoryStorage();
    storage.setItem(`prompt-spark circuit ${ID}`, JSON.stringify({ ...save, circuit: { title: 4 } }));
    storage.setItem(`prompt-spark run ${COACH} ${ID}`, 'half a rec');
    upgradeKept(keptBefore(storage), storage);
    expect(storage.getItem(`prompt-spark run ${COACH} ${ID}`)).toBe('half a rec');
    expect(keptBefore(storage)).toHaveLength(2);
  });
});
