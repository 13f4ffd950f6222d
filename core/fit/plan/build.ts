import { slotsOf, type Block, type Circuit, type Line, type Slot } from '../../circuit/circuit.ts';
import type { Drill } from '../../drills/drill.ts';
import type { Floor } from '../../dose/distance.ts';
import { floorOf } from '../../occasion/floor.ts';
import { countAt, just, type Seconds } from '../../units.ts';
import { restAt, restedSlot } from './rests.ts';
import { dosed } from './dosage.ts';
import type { Occasion } from '../../occasion/occasion.ts';
import { staysAsPlanned, type BlockPlan, type Plan } from './plan.ts';
import { combiningSlot } from './stranger.ts';

/**
 * A circuit with a plan carried out. Lines that could not be read stay where they are; a block with nothing left in it goes.
 *
 * @param available the seconds it is made for; as before where not said
 */
export function builtCircuit(circuit: Circuit, plan: Plan, occasion: Occasion, available?: Seconds): Circuit {
  const floor = floorOf(circuit, occasion);
  const drillOf = (id: string) => occasion.library.byId.get(id);
  const line = (one: Line, rest: BlockPlan['rest']): readonly Line[] => {
    if (one.kind === 'unread') return [one];
    const slot = builtSlot(one, plan, drillOf, floor, occasion);
    return slot ? [restedSlot(slot, rest)] : [];
  };
  const blocks = circuit.blocks.flatMap((block): readonly Block[] => {
    const { rest, rounds } = plan.blocks[block.id] ?? { rest: 'full', rounds: undefined };
    const lines = block.lines.flatMap((one) => line(one, rest));
    const left = new Set(lines.map(({ id }) => id));
    // What waits for its turn is not left with nothing to wait for.
    const isEmpty = block.pick === null ? lines.length === 0 : slotsOf(block).every(({ id }) => !left.has(id));
    if (isEmpty && block.lines.length > 0) return [];
    const asPlanned = rounds === undefined || rounds === countAt(block.rounds, 'plan');
    const untouched = asPlanned && rest === 'full' && slotsOf(block).every((slot) => staysAsPlanned(slot, plan));
    return [
      {
        ...block,
        lines,
        pick: block.pick === null ? null : slotsOf(block).filter(({ id }) => left.has(id)).length,
        // What was shortened is not filled up again to the time that it had.
        pickWithin: untouched ? block.pickWithin : null,
        rounds: asPlanned ? block.rounds : just(rounds),
        roundRest: restAt(block.roundRest, rest),
      },
    ];
  });
  return {
    ...circuit,
    blocks,
    namesOnly: circuit.namesOnly || plan.namesOnly,
    available: available ?? circuit.available,
  };
}

function builtSlot(
  slot: Slot,
  plan: Plan,
  drillOf: (id: string) => Drill | undefined,
  floor: Floor,
  occasion: Occasion,
): Slot | undefined {
  const change = plan.slots[slot.id];
  if (!change) return slot;
  switch (change.kind) {
    case 'out':
    case 'covered':
      return undefined;
    case 'kept': {
      const drill = drillOf(slot.drillId);
      return drill ? dosed(slot, drill, change.amount, change.sides, floor) : slot;
    }
    case 'combined': {
      const drill = drillOf(change.drillId);
      if (!drill) return undefined;
      const usual = combiningSlot(drill, slot.id, occasion);
      return dosed(usual, drill, change.amount, usual.sides, floor);
    }
  }
}
