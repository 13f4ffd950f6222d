import type { Phase } from '../drills/phase.ts';
import { just } from '../units.ts';
import { type Block, type Circuit, type Line, type Slot } from './circuit.ts';

/** Where a line stands: its block and its index there. */
export interface Place {
  readonly blockId: string;
  readonly index: number;
}

/** An empty block of one round. */
export function newBlock(id: string, phase: Phase): Block {
  return {
    id,
    phase,
    rounds: just(1),
    roundRest: 0,
    stations: false,
    noGaps: false,
    pick: null,
    pickWithin: null,
    lines: [],
  };
}

/** The place of a line, or undefined where the circuit has no such line. */
export function placeOf(circuit: Circuit, lineId: string): Place | undefined {
  for (const block of circuit.blocks) {
    const index = block.lines.findIndex((line) => line.id === lineId);
    if (index >= 0) return { blockId: block.id, index };
  }
  return undefined;
}

/** The place after the very last line, or undefined where the circuit has no block. */
export function endOf(circuit: Circuit): Place | undefined {
  const last = circuit.blocks.at(-1);
  return last && { blockId: last.id, index: last.lines.length };
}

/** Puts lines in at a place; an index past the end means the end. */
export function insertLines(circuit: Circuit, place: Place, lines: readonly Line[]): Circuit {
  return changeLines(circuit, place.blockId, (present) => present.toSpliced(place.index, 0, ...lines));
}

/** Takes a line out. */
export function takeOutLine(circuit: Circuit, lineId: string): Circuit {
  const place = placeOf(circuit, lineId);
  return place ? changeLines(circuit, place.blockId, (lines) => lines.toSpliced(place.index, 1)) : circuit;
}

/** Carries a line to a place, whose index counts the lines as they stand once this one is lifted out. */
export function moveLine(circuit: Circuit, lineId: string, to: Place): Circuit {
  const from = placeOf(circuit, lineId);
  if (!from) return circuit;
  const line = circuit.blocks.find((block) => block.id === from.blockId)?.lines[from.index];
  if (!line) return circuit;
  return insertLines(takeOutLine(circuit, lineId), to, [line]);
}

/** Carries a line one row up or down, into the neighbouring block where it stands at a block's edge. */
export function carryLine(circuit: Circuit, lineId: string, by: -1 | 1): Circuit {
  const from = placeOf(circuit, lineId);
  if (!from) return circuit;
  const at = circuit.blocks.findIndex((block) => block.id === from.blockId);
  const block = circuit.blocks[at];
  const next = circuit.blocks[at + by];
  if (!block) return circuit;
  const index = from.index + by;
  if (index >= 0 && index < block.lines.length) return moveLine(circuit, lineId, { blockId: block.id, index });
  if (!next) return circuit;
  return moveLine(circuit, lineId, { blockId: next.id, index: by < 0 ? next.lines.length : 0 });
}

/** The lines of a circuit with these ids, in the circuit's order. */
export function linesWith(circuit: Circuit, lineIds: ReadonlySet<string>): readonly Line[] {
  return circuit.blocks.flatMap(({ lines }) => lines.filter(({ id }) => lineIds.has(id)));
}

/** Carries lines to the end of a block, in the order they stand in. */
export function moveToBlock(circuit: Circuit, lineIds: ReadonlySet<string>, blockId: string): Circuit {
  const end = circuit.blocks.find(({ id }) => id === blockId);
  if (!end) return circuit;
  const lines = linesWith(circuit, lineIds);
  const left = lines.reduce((so, { id }) => takeOutLine(so, id), circuit);
  return insertLines(left, { blockId, index: Number.MAX_SAFE_INTEGER }, lines);
}

/** Puts a copy of a slot under a new id right after it. */
export function duplicateLine(circuit: Circuit, lineId: string, newId: string): Circuit {
  const place = placeOf(circuit, lineId);
  if (!place) return circuit;
  return changeLines(circuit, place.blockId, (lines) =>
    lines.flatMap((line) => (line.id === lineId ? [line, { ...line, id: newId }] : [line])),
  );
}

/** Changes one slot. */
export function changeSlot(circuit: Circuit, slotId: string, change: (slot: Slot) => Slot): Circuit {
  const place = placeOf(circuit, slotId);
  if (!place) return circuit;
  return changeLines(circuit, place.blockId, (lines) =>
    lines.map((line) => (line.kind === 'slot' && line.id === slotId ? change(line) : line)),
  );
}

/** Puts other lines in the place of one. */
export function replaceLine(circuit: Circuit, lineId: string, others: readonly Line[]): Circuit {
  const place = placeOf(circuit, lineId);
  return place ? changeLines(circuit, place.blockId, (lines) => lines.toSpliced(place.index, 1, ...others)) : circuit;
}

/** Changes the rounds, rest or phase of a block. */
export function changeBlock(circuit: Circuit, blockId: string, change: (block: Block) => Block): Circuit {
  return { ...circuit, blocks: circuit.blocks.map((block) => (block.id === blockId ? change(block) : block)) };
}

/** Puts a block in after another, or at the end where `afterId` is not given. */
export function insertBlock(circuit: Circuit, block: Block, afterId?: string): Circuit {
  const after = circuit.blocks.findIndex((present) => present.id === afterId);
  const at = after < 0 ? circuit.blocks.length : after + 1;
  return { ...circuit, blocks: circuit.blocks.toSpliced(at, 0, block) };
}

/** Carries a block up or down among the blocks. */
export function carryBlock(circuit: Circuit, blockId: string, by: -1 | 1): Circuit {
  const at = circuit.blocks.findIndex((block) => block.id === blockId);
  const block = circuit.blocks[at];
  if (!block || at + by < 0 || at + by >= circuit.blocks.length) return circuit;
  return { ...circuit, blocks: circuit.blocks.toSpliced(at, 1).toSpliced(at + by, 0, block) };
}

/** Puts a block in another place among the blocks, counted as they stand once it is lifted out. */
export function moveBlock(circuit: Circuit, blockId: string, index: number): Circuit {
  const block = circuit.blocks.find(({ id }) => id === blockId);
  if (!block) return circuit;
  return { ...circuit, blocks: circuit.blocks.filter((other) => other !== block).toSpliced(index, 0, block) };
}

/** Puts a copy of a block after it, every line under a new id. */
export function duplicateBlock(circuit: Circuit, blockId: string, newId: () => string): Circuit {
  const block = circuit.blocks.find(({ id }) => id === blockId);
  if (!block) return circuit;
  const lines = block.lines.map((line) => ({ ...line, id: newId() }));
  return insertBlock(circuit, { ...block, id: newId(), lines }, blockId);
}

/** Takes a block out with everything in it. */
export function takeOutBlock(circuit: Circuit, blockId: string): Circuit {
  return { ...circuit, blocks: circuit.blocks.filter((block) => block.id !== blockId) };
}

function changeLines(circuit: Circuit, blockId: string, change: (lines: readonly Line[]) => readonly Line[]): Circuit {
  return changeBlock(circuit, blockId, (block) => ({ ...block, lines: change(block.lines) }));
}

/** A slot pinned by one step more: its drill, then its dose as well, then not at all. */
export function pinnedOn(slot: Slot): Slot {
  if (slot.doseKept) return { ...slot, pinned: false, doseKept: false };
  return slot.pinned ? { ...slot, doseKept: true } : { ...slot, pinned: true };
}
