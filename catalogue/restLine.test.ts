import { catalogue } from './index.ts';
import { describe, expect, it } from 'vitest';
import { allSlots } from '@prompt-spark/core/circuit/circuit';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { writeWhiteboard } from '@prompt-spark/core/whiteboard/writeWhiteboard';
import { restSaid } from '@prompt-spark/core/reading/restLine';

const library = libraryOf(catalogue);
const restsOf = (board: string) => allSlots(readWhiteboard(board, library).circuit).map(({ rest }) => rest);

describe('a rest on a line of its own', () => {
  it.each([
    ['20 seconds rest', 20],
    ['rest 20s', 20],
    ['rest for half a minute', 30],
    ['then take a short rest, 45 secs', 45],
    ['1 min break', 60],
    ['water break', 30],
    ['water, 1 min', 60],
    ['quick sip of water', 30],
    ['drinks break 2 min', 120],
    ['water bottle curls', undefined],
    ['rest', undefined],
    ['rest day', undefined],
    ['plank 20s rest 10s', undefined],
    ['squats 10', undefined],
    ['child’s pose rest 30s', undefined],
    ['rest 20s between rounds', undefined],
  ])('“%s” is %s', (line, seconds) => {
    expect(restSaid(line)).toBe(seconds);
  });

  it('belongs to the drill before, and is written with it', () => {
    const board = 'mobilise\ncat cow 8\n20 seconds rest\nglute bridge 10\nrest 10s\nrest 15s';
    expect(restsOf(board)).toEqual([20, 15]);
    const { circuit, problems } = readWhiteboard(board, library);
    expect(problems).toEqual([]);
    expect(restsOf(writeWhiteboard(circuit, library))).toEqual([20, 15]);
  });

  it('is kept as it was written where no drill is before it', () => {
    const { circuit } = readWhiteboard('rest 20s\nmobilise\nrest 10s\ncat cow 8', library);
    expect(circuit.unread.map(({ text }) => text)).toEqual(['rest 20s']);
    expect(circuit.blocks[0]?.lines.map((line) => (line.kind === 'unread' ? line.text : line.kind))).toEqual([
      'rest 10s',
      'slot',
    ]);
  });
});
