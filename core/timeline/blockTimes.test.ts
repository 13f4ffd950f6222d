import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { moveLine } from '../circuit/edit.ts';
import type { Circuit } from '../circuit/circuit.ts';
import { occasionOf } from '../occasion/occasion.ts';
import { anyCircuit } from '../testing/arbitrary.ts';
import { testLibrary } from '../testing/drills.ts';
import { blockTimer, lengthOf } from './blockTimes.ts';
import { timeCircuit } from './timeCircuit.ts';

const occasion = occasionOf({ library: testLibrary });

describe('block by block', () => {
  it('a circuit takes as long as it is laid out', () => {
    fc.assert(
      fc.property(anyCircuit, (circuit) => {
        const { total, blocks } = timeCircuit(circuit, occasion);
        const times = blockTimer(circuit, occasion, 'plan')(circuit.blocks);
        expect(lengthOf(times)).toBeCloseTo(total.plan, 6);
        expect(blocks).toEqual(times);
      }),
      { numRuns: 1000 },
    );
  });

  it('it takes as long after changes, with what is known of it from before', () => {
    fc.assert(
      fc.property(anyCircuit, fc.nat(), fc.nat(), (circuit, from, to) => {
        const timed = blockTimer(circuit, occasion, 'plan', timeCircuit(circuit, occasion).blocks);
        for (const changed of changesOf(circuit, from, to)) {
          expect(timed(changed.blocks)).toEqual(blockTimer(changed, occasion, 'plan')(changed.blocks));
        }
      }),
      { numRuns: 1000 },
    );
  });

  it('what was not changed, and is come to as before, is not gone through again', () => {
    fc.assert(
      fc.property(anyCircuit, (circuit) => {
        const { blocks: known } = timeCircuit(circuit, occasion);
        const times = blockTimer(circuit, occasion, 'plan', known)(circuit.blocks);
        expect(times.every((time, at) => time === known[at])).toBe(true);
      }),
    );
  });
});

/** The circuit with a line moved to the front of another block, and with a block taken to the end. */
function changesOf(circuit: Circuit, from: number, to: number): readonly Circuit[] {
  const lines = circuit.blocks.flatMap((block) => block.lines);
  const line = lines[from % Math.max(1, lines.length)];
  const block = circuit.blocks[to % Math.max(1, circuit.blocks.length)];
  if (!line || !block) return [];
  const blocks = [...circuit.blocks.filter((one) => one !== block), block];
  return [moveLine(circuit, line.id, { blockId: block.id, index: 0 }), { ...circuit, blocks }];
}
