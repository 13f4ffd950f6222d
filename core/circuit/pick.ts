import { slotsOf, waitingIn, type Block, type Circuit, type Slot } from './circuit.ts';

/** What is done of a block at one session: some of its slots. */
export interface BlockPick {
  readonly blockId: string;
  readonly slotIds: readonly string[];
}

/** What is known of a group where it is picked for. */
export interface PickedFor {
  /** When each drill was last done, by its id, as a number that grows with time. A drill that is missing was never done. */
  readonly lastDone: ReadonlyMap<string, number>;
  /** How many of the people present may not do a slot as it is written, by the slot's id. */
  readonly mayNot: ReadonlyMap<string, number>;
  /** How many of them have nothing to do in its place either. */
  readonly nothingFor: ReadonlyMap<string, number>;
}

/** The blocks of which only some slots are done at a time. */
export function pickingBlocks({ blocks }: Pick<Circuit, 'blocks'>): readonly Block[] {
  return blocks.filter((block) => waitingIn(block).length > 0);
}

/**
 * Whose turn it is in every block that picks: what leaves the fewest with nothing to do; of that what was not done for
 * longest; of that what the fewest may not do as it is written; of that what is written first. A drill that has a version
 * for everybody has its turn, also where somebody is limited: else the others would never do it. Common practice, no source.
 */
export function nextPicks(circuit: Pick<Circuit, 'blocks'>, known: PickedFor): readonly BlockPick[] {
  return pickingBlocks(circuit).map((block) => {
    const order = (slot: Slot): readonly number[] => [
      known.nothingFor.get(slot.id) ?? 0,
      known.lastDone.get(slot.drillId) ?? -Infinity,
      known.mayNot.get(slot.id) ?? 0,
    ];
    const inTurn = everySlot(block).toSorted((one, other) => compare(order(one), order(other)));
    return pickOf(block, inTurn);
  });
}

/** The picks with those of one block turned by hand: the next ones in the order in which they are written, round and round. */
export function turnedPick(
  circuit: Pick<Circuit, 'blocks'>,
  picks: readonly BlockPick[],
  blockId: string,
): readonly BlockPick[] {
  return pickingBlocks(circuit).map((block) => {
    const now = pickedIn(block, picks);
    if (block.id !== blockId) return pickOf(block, now);
    const slots = everySlot(block);
    const last = slots.findIndex(({ id }) => id === now.at(-1)?.id);
    return pickOf(block, [...slots.slice(last + 1), ...slots.slice(0, last + 1)]);
  });
}

/** A circuit as it is done with these picks: what is not picked is left out, and nothing waits. Blocks without a pick do the first ones. */
export function asPicked(circuit: Circuit, picks: readonly BlockPick[]): Circuit {
  if (pickingBlocks(circuit).length === 0) return circuit;
  const blocks = circuit.blocks.map((block): Block => {
    if (block.pick === null) return block;
    const picked = new Set(pickedIn(block, picks).map(({ id }) => id));
    const lines = block.lines.filter((line) => line.kind === 'unread' || picked.has(line.id));
    return { ...block, pick: null, lines };
  });
  return { ...circuit, blocks };
}

/** A circuit in which all is done at once. */
export function withNothingWaiting(circuit: Circuit): Circuit {
  return { ...circuit, blocks: circuit.blocks.map((block) => ({ ...block, pick: null })) };
}

/** The slots that are picked of a block, as they are written: as many as it asks for, also where some are there no more. */
export function pickedIn(block: Block, picks: readonly BlockPick[]): readonly Slot[] {
  const wanted = new Set(picks.find(({ blockId }) => blockId === block.id)?.slotIds);
  const slots = everySlot(block);
  const chosen = slots.filter(({ id }) => wanted.has(id));
  const others = slots.filter(({ id }) => !wanted.has(id));
  return inOrder(block, [...chosen, ...others].slice(0, slotsOf(block).length));
}

const pickOf = (block: Block, inTurn: readonly Slot[]): BlockPick => ({
  blockId: block.id,
  slotIds: inOrder(block, inTurn.slice(0, slotsOf(block).length)).map(({ id }) => id),
});

const everySlot = (block: Block): readonly Slot[] => [...slotsOf(block), ...waitingIn(block)];

function inOrder(block: Block, slots: readonly Slot[]): readonly Slot[] {
  const picked = new Set(slots);
  return everySlot(block).filter((slot) => picked.has(slot));
}

/** By the first figure in which two lists differ. */
function compare(one: readonly number[], other: readonly number[]): number {
  const at = one.findIndex((figure, place) => figure !== other[place]);
  return at >= 0 && (one[at] ?? 0) < (other[at] ?? 0) ? -1 : Number(at >= 0);
}
