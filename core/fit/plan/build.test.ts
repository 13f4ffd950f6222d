import { describe, expect, it } from 'vitest';
import { slotsOf, type Circuit } from '../../circuit/circuit.ts';
import { occasionOf } from '../../occasion/occasion.ts';
import { circuitOf, testLibrary, testSlot, timeOf } from '../../testing/drills.ts';
import { builtCircuit } from './build.ts';
import type { Plan } from './plan.ts';

const occasion = occasionOf({ library: testLibrary });
const leavingOut = (...ids: readonly string[]): Plan => ({
  slots: Object.fromEntries(ids.map((id) => [id, { kind: 'out' as const }])),
  blocks: {},
  namesOnly: false,
});

/** Four slots of which two are done at a time. */
function twoOfFour(): Circuit {
  const circuit = circuitOf(['a', 'b', 'c', 'd'].map((id) => testSlot('Tall reach', timeOf(30), 'both', { id })));
  return { ...circuit, blocks: circuit.blocks.map((block) => ({ ...block, pick: 2 })) };
}

describe('a circuit that is fitted', () => {
  it('does no drill in the place of one that is left out, and loses none that waits for its turn', () => {
    const [block] = builtCircuit(twoOfFour(), leavingOut('a'), occasion).blocks;
    expect(block && slotsOf(block).map(({ id }) => id)).toEqual(['b']);
    expect(block?.lines.map(({ id }) => id)).toEqual(['b', 'c', 'd']);
  });

  it('picks for its time where nothing in it is shortened, and by number where something is', () => {
    const circuit = twoOfFour();
    const inTime = { ...circuit, blocks: circuit.blocks.map((block) => ({ ...block, pickWithin: 90 })) };
    const within = (plan: Plan) =>
      builtCircuit(inTime, plan, occasion).blocks.map(({ pick, pickWithin }) => [pick, pickWithin]);
    expect(within(leavingOut())).toEqual([[2, 90]]);
    expect(within(leavingOut('a'))).toEqual([[1, null]]);
    const half: Plan = { slots: { a: { kind: 'kept', amount: 'half', sides: 'both' } }, blocks: {}, namesOnly: false };
    expect(within(half)).toEqual([[2, null]]);
  });

  it('has no block in which nothing is done', () => {
    expect(builtCircuit(twoOfFour(), leavingOut('a', 'b'), occasion).blocks).toEqual([]);
  });
});
