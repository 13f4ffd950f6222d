import type { Block, Slot } from '../circuit/circuit.ts';
import type { Drill } from '../drills/drill.ts';
import { busySeconds, piecesOf } from '../timeline/pieces.ts';
import { peopledSetting } from '../timeline/setting.ts';
import { AT_THE_START } from '../timeline/stance.ts';
import type { Seconds } from '../units.ts';
import type { ChoiceSet } from './choice.ts';

/** What a slot takes in one round once people are ready, its rest apart, and how much of that is work. */
export function slotSeconds(
  slot: Slot,
  drill: Drill,
  { circuit, context, floor }: Pick<ChoiceSet, 'circuit' | 'context' | 'floor'>,
  block: Block,
): { readonly busy: Seconds; readonly work: Seconds } {
  const setting = peopledSetting(circuit, context.setting);
  const pieces = piecesOf({ block, slot, drill, round: 1, rounds: 1 }, AT_THE_START, setting, 'plan', floor);
  const work = pieces.reduce((sum, { kind, length }) => (kind === 'work' ? sum + length : sum), 0);
  return { busy: busySeconds(pieces), work };
}
