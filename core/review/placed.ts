import { slotsOf, type Circuit } from '../circuit/circuit.ts';
import type { DrillLibrary } from '../drills/library.ts';
import { countAt } from '../units.ts';
import type { Placed } from './finding.ts';

/** Every slot of a circuit whose drill is known, in order, with what rules ask about it. */
export function placedIn(circuit: Circuit, library: DrillLibrary): readonly Placed[] {
  return circuit.blocks.flatMap((block) =>
    slotsOf(block).flatMap((slot): readonly Placed[] => {
      const drill = library.byId.get(slot.drillId);
      if (!drill) return [];
      return [{ slot, drill, blockId: block.id, phase: block.phase, rounds: countAt(block.rounds, 'plan') }];
    }),
  );
}
