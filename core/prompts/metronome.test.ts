import { expect, it } from 'vitest';
import { allSlots } from '../circuit/circuit.ts';
import { occasionOf } from '../occasion/occasion.ts';
import { testLibrary } from '../testing/drills.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import { readWhiteboard } from '../whiteboard/readWhiteboard.ts';
import { ticksOf } from './metronome.ts';

const ticks = (board: string) => {
  const { circuit } = readWhiteboard(board, testLibrary);
  const { segments } = timeCircuit(circuit, occasionOf({ library: testLibrary }));
  const slots = new Map(allSlots(circuit).map((slot) => [slot.id, slot]));
  const [work] = segments.filter(({ kind }) => kind === 'work');
  return {
    at: ticksOf(segments, ({ slotId }) => slots.get(slotId), true).map(({ at }) => at - (work?.start ?? 0)),
    work,
  };
};

it('ticks at every repetition but the first, and leaves the last three seconds to their count', () => {
  // Eight of three seconds last 24: a tick at 3, 6 … 18; 21 is within the last three.
  expect(ticks('raise\n deep sit 8 @3s')).toMatchObject({ at: [3, 6, 9, 12, 15, 18], work: { length: 24 } });
});

it('does not tick for a time, nor where there is no room for it', () => {
  expect(ticks('raise\n tall reach 30s').at).toEqual([]);
  expect(ticks('raise\n deep sit 1 @3s').at).toEqual([]);
});

it('ticks only where a slot asks for it, unless all do', () => {
  const { circuit } = readWhiteboard('raise\n deep sit 8 @3s\n deep sit 8 @3s', testLibrary);
  const { segments } = timeCircuit(circuit, occasionOf({ library: testLibrary }));
  const [first] = allSlots(circuit);
  const ticked = ticksOf(
    segments,
    ({ slotId }) => first && { dose: first.dose, guide: slotId === first.id ? 'tick' : null },
    false,
  );
  const end = segments.find(({ slotId, kind }) => kind === 'work' && slotId === first?.id)?.end ?? 0;
  expect(ticked).toHaveLength(6);
  expect(ticked.every(({ at }) => at < end)).toBe(true);
});
