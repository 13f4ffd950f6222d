import { expect, it } from 'vitest';
import { allSlots } from '../circuit/circuit.ts';
import { occasionOf } from '../occasion/occasion.ts';
import { testLibrary } from '../testing/drills.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import { readWhiteboard } from '../whiteboard/readWhiteboard.ts';
import { breathAt, breathSounds } from './breathing.ts';

function led(board: string) {
  const { circuit } = readWhiteboard(board, testLibrary);
  const { segments } = timeCircuit(circuit, occasionOf({ library: testLibrary }));
  const slots = new Map(allSlots(circuit).map((slot) => [slot.id, { ...slot, guide: 'breath' as const }]));
  const work = segments.find(({ kind }) => kind === 'work');
  if (!work) throw new Error('There is no work.');
  const slot = slots.get(work.slotId);
  const sounds = breathSounds(segments, ({ slotId }) => slots.get(slotId));
  return { work, slot, sounds: sounds.map(({ at, kind }) => [at - work.start, kind]) };
}

it('goes in for four seconds and out for six, six times a minute', () => {
  expect(led('raise\n tall reach 30s').sounds).toEqual([
    [4, 'out'],
    [10, 'in'],
    [14, 'out'],
    [20, 'in'],
    [24, 'out'],
  ]);
});

it('is as long as a repetition where that can be breathed, and usual where it is too quick', () => {
  expect(led('raise\n deep sit 2 @5s').sounds).toEqual([
    [2, 'out'],
    [5, 'in'],
  ]);
  expect(led('raise\n deep sit 6 @2s').sounds).toEqual([[4, 'out']]);
});

it('rises from nothing to full and falls again, and is nothing where it does not lead', () => {
  const { work, slot } = led('raise\n tall reach 30s');
  const at = (into: number) => breathAt(work, slot, into);
  expect(at(0)).toEqual({ goes: 'in', done: 0 });
  expect(at(2)).toEqual({ goes: 'in', done: 0.5 });
  expect(at(7)?.goes).toBe('out');
  expect(at(7)?.done).toBeCloseTo(0.5, 9);
  expect(at(14)?.goes).toBe('out');
  expect(slot && breathAt(work, { ...slot, guide: null }, 2)).toBeUndefined();
  expect(breathAt({ ...work, kind: 'rest' }, slot, 2)).toBeUndefined();
});
