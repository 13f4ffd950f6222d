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

/** Whether a block of some slots, done after these blocks, is no more than is done of it at a time. */
export type Room = (block: Block, before: readonly Block[]) => boolean;

/** The blocks of which only some slots are done at a time. */
export function pickingBlocks({ blocks }: Pick<Circuit, 'blocks'>): readonly Block[] {
  return blocks.filter((block) => block.pickWithin !== null || waitingIn(block).length > 0);
}

/**
 * Whose turn it is in every block that picks: what leaves the fewest with nothing to do; of that what was not done for
 * longest; of that what the fewest may not do as it is written; of that what is written first. A drill that has a version
 * for everybody has its turn, also where somebody is limited: else the others would never do it. Where there is no room
 * for a drill, a shorter one after it has its turn. Common practice, no source.
 */
export function nextPicks(circuit: Pick<Circuit, 'blocks'>, known: PickedFor, room: Room): readonly BlockPick[] {
  return picksBy(circuit, room, (block, fits) => {
    const order = (slot: Slot): readonly number[] => [
      known.nothingFor.get(slot.id) ?? 0,
      known.lastDone.get(slot.drillId) ?? -Infinity,
      known.mayNot.get(slot.id) ?? 0,
    ];
    const inTurn = everySlot(block).toSorted((one, other) => compare(order(one), order(other)));
    const picked: Slot[] = [];
    for (const slot of inTurn) if (fits([...picked, slot])) picked.push(slot);
    return atLeastOne(block, picked, inTurn);
  });
}

/** The picks with those of one block turned by hand: the next ones in the order in which they are written, round and round. */
export function turnedPick(
  circuit: Pick<Circuit, 'blocks'>,
  picks: readonly BlockPick[],
  blockId: string,
  room: Room,
): readonly BlockPick[] {
  return picksBy(circuit, room, (block, fits) => {
    const now = pickedIn(block, picks);
    return block.id === blockId ? firstOf(block, afterThese(block, now), fits) : now;
  });
}

/** A circuit in which what is done within a time is how many of its first slots fit; at least one. The same one where that is so already. */
export function withRoom(circuit: Circuit, room: Room): Circuit {
  const picks = picksBy(circuit, room, (block, fits) => firstOf(block, everySlot(block), fits));
  const blocks = circuit.blocks.map((block) => {
    const pick = block.pickWithin === null ? block.pick : slotIdsIn(block, picks).size;
    return pick === block.pick ? block : { ...block, pick };
  });
  return blocks.every((block, at) => block === circuit.blocks[at]) ? circuit : { ...circuit, blocks };
}

/** A circuit as it is done with these picks: what is not picked is left out, and nothing waits. Blocks without a pick do the first ones. */
export function asPicked(circuit: Circuit, picks: readonly BlockPick[]): Circuit {
  if (pickingBlocks(circuit).length === 0) return circuit;
  const blocks = circuit.blocks.map((block): Block => {
    return block.pick === null ? block : withOnly(block, pickedIn(block, picks));
  });
  return { ...circuit, blocks };
}

/** A circuit in which all is done at once. */
export function withNothingWaiting(circuit: Circuit): Circuit {
  return { ...circuit, blocks: circuit.blocks.map((block) => ({ ...block, pick: null, pickWithin: null })) };
}

/**
 * The slots that are picked of a block, as they are written. Of a number that is picked, as many as it asks for, also where
 * some are there no more; what was picked for a time stays alone, since others might take longer.
 */
export function pickedIn(block: Block, picks: readonly BlockPick[]): readonly Slot[] {
  const wanted = slotIdsIn(block, picks);
  const slots = everySlot(block);
  const chosen = slots.filter(({ id }) => wanted.has(id));
  if (block.pickWithin !== null && chosen.length > 0) return chosen;
  const others = slots.filter(({ id }) => !wanted.has(id));
  return inOrder(block, [...chosen, ...others].slice(0, slotsOf(block).length));
}

/** Whether some slots of a block are no more than is done of it at a time. */
type Fits = (slots: readonly Slot[]) => boolean;

/** What is picked of every block that picks, where the blocks before it are done as they were picked. */
function picksBy(
  circuit: Pick<Circuit, 'blocks'>,
  room: Room,
  pick: (block: Block, fits: Fits) => readonly Slot[],
): readonly BlockPick[] {
  const picking = new Set(pickingBlocks(circuit));
  const before: Block[] = [];
  const picks: BlockPick[] = [];
  for (const block of circuit.blocks) {
    const fits: Fits = (slots) =>
      block.pickWithin === null
        ? slots.length <= slotsOf(block).length
        : room(withOnly(block, inOrder(block, slots)), before);
    const slots = picking.has(block) ? inOrder(block, pick(block, fits)) : slotsOf(block);
    before.push(withOnly(block, slots));
    if (picking.has(block)) picks.push({ blockId: block.id, slotIds: slots.map(({ id }) => id) });
  }
  return picks;
}

/** A block in which these slots are done, and nothing waits. */
function withOnly(block: Block, slots: readonly Slot[]): Block {
  const done = new Set(slots.map(({ id }) => id));
  const lines = block.lines.filter((line) => line.kind === 'unread' || done.has(line.id));
  return { ...block, pick: null, pickWithin: null, lines };
}

/** The first of some slots, until there is no room for the next. */
function firstOf(block: Block, inTurn: readonly Slot[], fits: Fits): readonly Slot[] {
  const end = inTurn.findIndex((_, at) => !fits(inTurn.slice(0, at + 1)));
  return atLeastOne(block, end < 0 ? inTurn : inTurn.slice(0, end), inTurn);
}

/** Where a time is too short for anything, whose turn it is first is done all the same. */
const atLeastOne = (block: Block, picked: readonly Slot[], inTurn: readonly Slot[]): readonly Slot[] =>
  picked.length > 0 || block.pickWithin === null ? picked : inTurn.slice(0, 1);

/** Every slot of a block, from the one that comes after some of them, round and round. */
function afterThese(block: Block, slots: readonly Slot[]): readonly Slot[] {
  const all = everySlot(block);
  const now = new Set(slots);
  const next = all.findLastIndex((slot, at) => !now.has(slot) && now.has(all.at(at - 1) ?? slot));
  return next < 0 ? all : [...all.slice(next), ...all.slice(0, next)];
}

const slotIdsIn = (block: Block, picks: readonly BlockPick[]): ReadonlySet<string> =>
  new Set(picks.find(({ blockId }) => blockId === block.id)?.slotIds);

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
