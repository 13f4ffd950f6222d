import { usualSlot } from '@prompt-spark/core/circuit/slot';
import type { MoveFacts } from '@prompt-spark/core/fit/outcome/moveFacts';
import { testLibrary } from '@prompt-spark/core/testing/drills';
import { TEST_FLOOR } from '@prompt-spark/core/testing/places';
import { just } from '@prompt-spark/core/units';
import { describe, expect, it } from 'vitest';
import { keptWords, moveWords } from './moveWords.ts';

const [drill] = testLibrary.drills;
if (!drill) throw new Error('There is no drill to word a move with.');
const reps = (count: number) => ({ kind: 'reps', count: just(count), tempo: { kind: 'even', seconds: 3 } }) as const;
const amount = (count: number, sides: 'each' | 'alternate') => ({
  slot: { ...usualSlot(drill, 'a'), dose: reps(count), sides },
  drill: { ...drill, name: 'Lateral lunge', sideWord: 'side' as const },
  floor: TEST_FLOOR,
});

describe('a change of a fit', () => {
  it.each<[MoveFacts, string]>([
    [{ kind: 'names only' }, 'Names only: everybody knows the drills'],
    [{ kind: 'rounds', phase: 'mobilise', before: 2, now: 1 }, 'Mobilise once through instead of twice'],
    [{ kind: 'rounds', phase: 'raise', before: 5, now: 4 }, 'Raise 4 times instead of 5 times'],
    [{ kind: 'rest', phase: 'raise', now: 'none' }, 'Raise with no rest'],
    [{ kind: 'rest', phase: 'raise', now: 'half' }, 'Raise with half the rest'],
    [{ kind: 'stations out', phase: 'activate' }, 'The stations of activate left out'],
    [
      { kind: 'out', drill: 'Step jack', extra: null, target: 'system · pulse', server: 'Skipping rope' },
      'Step jack left out; skipping rope still covers the pulse',
    ],
    [
      { kind: 'out', drill: 'Cat-cow', extra: { side: 'left', more: 2 }, target: 'hip · flexion', server: null },
      'Cat-cow left out, and the 2 more on the left with it; nothing else covers the hip flexion',
    ],
    [{ kind: 'out', drill: 'Our drill', extra: null, target: null, server: null }, 'Our drill left out'],
    [
      { kind: 'combined', amount: amount(5, 'each'), inPlaceOf: ['Forward lunge', 'T-spine opener'], shownFirst: true },
      'Lateral lunge, 5 a side, in place of forward lunge and T-spine opener; new to them, so show it first',
    ],
    [{ kind: 'interval', phase: 'raise', before: reps(12), now: reps(8) }, 'Raise: 8 each instead of 12'],
    [
      { kind: 'sides', drill: 'Arm circles', sideWord: 'way', before: 'each', now: 'alternate' },
      'Arm circles: ways alternating instead of one after the other',
    ],
    [
      { kind: 'sides', drill: 'Calf raise', sideWord: 'side', before: 'alternate', now: 'both' },
      'Calf raise: both sides at once instead of in turn',
    ],
    [{ kind: 'dose', before: amount(5, 'each'), now: amount(3, 'each') }, 'Lateral lunge: 3 a side instead of 5'],
    [
      { kind: 'dose', before: amount(6, 'alternate'), now: amount(4, 'alternate') },
      'Lateral lunge: 4 a side instead of 6',
    ],
  ])('%j is said as “%s”', (facts, words) => {
    expect(moveWords(facts)).toBe(words);
  });
});

describe('what is kept', () => {
  it.each([
    [
      { kind: 'part', phase: 'raise', drills: ['Step jack', 'March'], work: 75 },
      'Raise still has step jack, march: 1:15 of work.',
    ],
    [{ kind: 'pinned', drills: ['Cat-cow'] }, 'Kept because you said so: cat-cow.'],
    [{ kind: 'raised', seconds: 60 }, '1:00 of raising before the fast work.'],
    [{ kind: 'ceilings' }, 'Nobody is given anything they may not do.'],
  ] as const)('%j is said as “%s”', (kept, words) => {
    expect(keptWords(kept)).toBe(words);
  });
});
