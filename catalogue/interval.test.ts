import { allSlots } from '@prompt-spark/core/circuit/circuit';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { readLine } from '@prompt-spark/core/whiteboard/lineReader';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { writeLine } from '@prompt-spark/core/whiteboard/writeWhiteboard';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';

const library = libraryOf(catalogue);
const read = (...lines: readonly string[]) => readWhiteboard(lines.join('\n'), library).circuit;
const written = (...lines: readonly string[]) => allSlots(read(...lines)).map((slot) => writeLine(slot, library));

// Common practice, no source: a timed circuit is written as its work and rest, with the drills below.
describe('work and rest over the drills that are done by them', () => {
  it.each([
    ['40 on 20 off', 40, 20, undefined],
    ['40 on 20 off x 2', 40, 20, 2],
    ['40s on / 20s off, 3 rounds', 40, 20, 3],
    ['30s work 15s rest', 30, 15, undefined],
    ['45/15', 45, 15, undefined],
    ['45s each, 15s rest', 45, 15, undefined],
    ['each exercise: 30 seconds on, 10 seconds off', 30, 10, undefined],
  ])('are told from “%s”', (line, work, rest, rounds) => {
    expect(readLine(line, library, 'id')).toEqual({
      kind: 'interval',
      interval: { work: { low: work, high: work }, rest },
      rounds,
    });
  });

  it.each(['plank 40 on 20 off', '45s each side, 15s rest', '20s rest', '3 rounds', '40 seconds'])(
    'are nothing that “%s” says',
    (line) => {
      expect(readLine(line, library, 'id').kind).not.toBe('interval');
    },
  );

  it('are those of every drill below that says no amount of its own', () => {
    const board = ['40 on 20 off x 2', '- jumping jacks', '- squat', '- inchworm 5'];
    expect(written(...board)).toEqual(['jumping jack 40s rest 20s', 'body-weight squat 40s rest 20s', 'inchworm 5']);
    expect(read(...board).blocks.map(({ rounds }) => rounds.high)).toEqual([2]);
  });

  it('hold both sides of a drill that is done on each', () => {
    expect(written('40 on 20 off', 'lateral lunge', 'side plank')).toEqual([
      'lateral lunge 40s alt rest 20s',
      'side plank 20s/side rest 20s',
    ]);
  });

  it('are there before a part that is opened after them, and end with it', () => {
    const board = ['30s on 10s off', '2 rounds:', 'jumping jacks', 'Mobility:', 'cat-cow'];
    expect(written(...board)).toEqual(['jumping jack 30s rest 10s', writeLine(usual('cat-cow'), library)]);
  });
});

function usual(name: string) {
  const line = readLine(name, library, 'id');
  if (line.kind !== 'slot') throw new Error(`${name} is no drill`);
  return line.slot;
}
