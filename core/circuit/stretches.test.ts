import { describe, expect, it } from 'vitest';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import { occasionOf } from '../occasion/occasion.ts';
import { testLibrary } from '../testing/drills.ts';
import { readWhiteboard } from '../whiteboard/readWhiteboard.ts';
import { workStretches } from './stretches.ts';

const circuitOf = (board: string) => readWhiteboard(board, testLibrary).circuit;

describe('how often somebody gets to work', () => {
  it('is a side of a set of a round', () => {
    expect(workStretches(circuitOf('mobilise\n deep sit 20s'))).toBe(1);
    expect(workStretches(circuitOf('mobilise 3 rounds\n tall reach 2 sets 10s/side\n deep sit 20s'))).toBe(
      3 * (2 * 2 + 1),
    );
    expect(workStretches(circuitOf(''))).toBe(0);
  });

  it('is what the timeline lays out, told before', () => {
    const circuit = circuitOf(
      'mobilise 3 rounds\n tall reach 2 sets 10s/side\n deep sit 20s\nraise\n deep sit 4 sets 5s',
    );
    const laid = timeCircuit(circuit, occasionOf({ library: testLibrary })).segments.filter(
      ({ kind }) => kind === 'work',
    );
    expect(workStretches(circuit)).toBe(laid.length);
  });
});
