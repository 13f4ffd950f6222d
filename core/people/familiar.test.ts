import { describe, expect, it } from 'vitest';
import { familiarToAll } from './familiar.ts';
import type { Choice } from './person.ts';

const chosen: Choice = {
  circuitId: 'c',
  slotId: 's',
  drillId: 'wall-squat',
  variantId: 'base',
  day: '2026-11-02',
  answeredBy: '',
  answeredOn: '',
};

describe('the drills that everybody there knows', () => {
  it('are those that each knows, or was given before', () => {
    const one = { familiar: ['cat-cow', 'bird-dog'], choices: [chosen] };
    const other = { familiar: ['bird-dog', 'wall-squat'], choices: [] };
    expect([...familiarToAll([one])].sort()).toEqual(['bird-dog', 'cat-cow', 'wall-squat']);
    expect([...familiarToAll([one, other])].sort()).toEqual(['bird-dog', 'wall-squat']);
    expect(familiarToAll([one, other, { familiar: [], choices: [] }]).size).toBe(0);
  });

  it('are none where nobody is named', () => expect(familiarToAll([]).size).toBe(0));
});
