import { slotsOf, type Block, type Circuit } from '../circuit/circuit.ts';
import { drillIn } from '../drills/onRung.ts';
import type { DrillLibrary } from '../drills/library.ts';
import { floorOf, headcount } from '../occasion/floor.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { countAt } from '../units.ts';
import type { Laid, Placed, WhoDoesWhat } from './finding.ts';

/** The slots of a block whose drill is known, in order, with what rules ask about them. */
function placedIn(block: Block, library: DrillLibrary): readonly Placed[] {
  const rounds = countAt(block.rounds, 'plan');
  return slotsOf(block).flatMap((slot): readonly Placed[] => {
    const drill = drillIn(slot, library);
    return drill ? [{ slot, drill, blockId: block.id, phase: block.phase, rounds }] : [];
  });
}

/** A circuit laid out for the rules: what each slot is, on which floor, in what time, for whom. */
export function laidOut(
  circuit: Circuit,
  occasion: Occasion,
  { tracks, people }: WhoDoesWhat,
  lasts: Laid['lasts'],
): Laid {
  const here = { floor: floorOf(circuit, occasion), headcount: headcount(circuit, occasion) };
  const placedByBlock = circuit.blocks.map((block) => placedIn(block, occasion.library));
  const placed = inOrder(placedByBlock);
  return { occasion, ...here, circuit, lasts, placedByBlock, placed, tracks, people };
}

/** The same with another circuit for the same people: a block that is in both is not placed again. */
export function withCircuit(laid: Laid, circuit: Circuit, lasts: Laid['lasts']): Laid {
  const before = laid.circuit.blocks;
  const placedByBlock = circuit.blocks.map(
    (block) => laid.placedByBlock[before.indexOf(block)] ?? placedIn(block, laid.occasion.library),
  );
  return { ...laid, circuit, lasts, placedByBlock, placed: inOrder(placedByBlock) };
}

/** The slots of some blocks, one after the other. */
// Not flat(): it takes a slow path in the engine (npm run bench).
export const inOrder = (placedByBlock: readonly (readonly Placed[])[]): readonly Placed[] =>
  ([] as readonly Placed[]).concat(...placedByBlock);
