import { slotsOf, type Circuit } from '../circuit/circuit.ts';
import type { DrillLibrary } from '../drills/library.ts';
import { countAt } from '../units.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { floorOf, headcount } from '../occasion/floor.ts';
import type { Timeline } from '../timeline/timeline.ts';
import type { Laid, Placed, WhoDoesWhat } from './finding.ts';
import { drillIn } from '../drills/onRung.ts';

/** Every slot of a circuit whose drill is known, in order, with what rules ask about it. */
export function placedIn(circuit: Circuit, library: DrillLibrary): readonly Placed[] {
  return circuit.blocks.flatMap((block) =>
    slotsOf(block).flatMap((slot): readonly Placed[] => {
      const drill = drillIn(slot, library);
      if (!drill) return [];
      return [{ slot, drill, blockId: block.id, phase: block.phase, rounds: countAt(block.rounds, 'plan') }];
    }),
  );
}

/** A circuit laid out for the rules: what each slot is, on which floor, in what time, for whom. */
export function laidOut(
  circuit: Circuit,
  occasion: Occasion,
  { tracks, people }: WhoDoesWhat,
  timeline: Timeline,
): Laid {
  const placed = placedIn(circuit, occasion.library);
  const here = { floor: floorOf(circuit, occasion), headcount: headcount(circuit, occasion) };
  return { ...occasion, ...here, circuit, timeline, placed, tracks, people };
}
