import { withRoom, type Room } from '../circuit/pick.ts';
import type { Circuit } from '../circuit/circuit.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { blockTimer, lengthOf } from './blockTimes.ts';

/** Whether what is picked of a block fits into its time, with all its rounds, as people come to it from the blocks before. */
export function pickRoom(circuit: Circuit, occasion: Occasion): Room {
  const within = new Map(circuit.blocks.map(({ id, pickWithin }) => [id, pickWithin ?? Infinity]));
  const times = blockTimer(circuit, occasion, 'plan');
  return (block, before) => lengthOf(times([...before, block]).slice(-1)) <= (within.get(block.id) ?? Infinity);
}

/** A circuit in which as many of the first slots are done as fit, where a block has a time to pick for. */
export function withPicksInTime(circuit: Circuit, occasion: Occasion): Circuit {
  // Most circuits have no such block, and nothing is timed for them.
  if (circuit.blocks.every(({ pickWithin }) => pickWithin === null)) return circuit;
  return withRoom(circuit, pickRoom(circuit, occasion));
}
