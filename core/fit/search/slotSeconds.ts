import type { Block, Slot } from '../../circuit/circuit.ts';
import type { Drill } from '../../drills/drill.ts';
import { bodyOf } from '../../timeline/pieces.ts';
import { withItsPeople } from '../../occasion/occasion.ts';
import type { Seconds } from '../../units.ts';
import type { ChoiceSet } from './choice.ts';

/** What a slot takes in one round once people are ready, its rest apart, and how much of that is work. */
export function slotSeconds(
  slot: Slot,
  drill: Drill,
  { circuit, occasion, floor }: Pick<ChoiceSet, 'circuit' | 'occasion' | 'floor'>,
  block: Block,
): { readonly busy: Seconds; readonly work: Seconds } {
  const { pieces, busy } = bodyOf(
    { block, slot, drill, round: 1, rounds: 1, nonstop: circuit.noGaps || block.noGaps, entry: 'ready' },
    withItsPeople(circuit, occasion),
    'plan',
    floor,
  );
  const work = pieces.reduce((sum, { kind, length }) => (kind === 'work' ? sum + length : sum), 0);
  return { busy, work };
}
