import { setCount } from './sets.ts';
import { slotsOf, type Circuit } from './circuit.ts';

/**
 * How often somebody gets to work in a circuit, with the most rounds and sets that it allows: each side of each set of
 * each round. A circuit is laid out stretch by stretch, so this says how long that takes before it is begun.
 */
export function workStretches({ blocks }: Pick<Circuit, 'blocks'>): number {
  return blocks.reduce((sum, block) => {
    const round = slotsOf(block).reduce((turns, slot) => {
      const sides = slot.sides === 'each' || slot.extra ? 2 : 1;
      return turns + setCount(slot, 'high') * sides;
    }, 0);
    return sum + round * block.rounds.high;
  }, 0);
}
