import type { SwapReason } from '@prompt-spark/core/swaps/swapReason';
import { describe, expect, it } from 'vitest';
import { becauseWords, limitName } from './limitWords.ts';
import { reasonWords } from './reasonWords.ts';

describe('why a swap would do', () => {
  it.each<[readonly SwapReason[], string]>([
    [
      [
        { kind: 'version', harder: false, changes: ['support', 'range'] },
        { kind: 'keeps the time', seconds: 40 },
      ],
      'an easier version (support and range), keeps the 0:40',
    ],
    [
      [
        { kind: 'same target', target: 'hip · flexion' },
        { kind: 'posture', now: 'half-kneeling', planned: 'standing' },
        { kind: 'needs', kit: ['mat', 'wall'] },
        { kind: 'known well' },
      ],
      'same hip flexion, on one knee instead of standing, needs mat and wall, knows it well',
    ],
    [[{ kind: 'other target', now: 'calf · length', planned: 'hip · flexion' }], 'calf stretch instead of hip flexion'],
    [[{ kind: 'much the same' }, { kind: 'in the circuit' }], 'much the same, is in this circuit already'],
    [
      [{ kind: 'nothing like it' }, { kind: 'breathing' }],
      'nothing with the same purpose fits, calm breathing for the time',
    ],
  ])('%j is said as “%s”', (reasons, words) => {
    expect(reasonWords(reasons)).toBe(words);
  });
});

describe('why somebody may not do something', () => {
  const wrist = { kind: 'known', limitationId: 'wrist', severity: 'ease', side: 'left', until: '' } as const;
  it.each([
    [becauseWords({ kind: 'limit', limit: wrist }), 'Wrist, left'],
    [becauseWords({ kind: 'today', state: 'tired' }), 'tired today'],
    [becauseWords({ kind: 'sore', region: 'knee' }), 'sore knee today'],
    [becauseWords({ kind: 'hold', why: 'red flag' }), 'red flag, not cleared yet'],
    [
      limitName({ kind: 'own', capped: 'shoulder overhead', most: 0, side: 'left', until: '' }),
      'shoulder overhead up to 0, left',
    ],
  ])('“%s”', (said, words) => {
    expect(said).toBe(words);
  });
});
