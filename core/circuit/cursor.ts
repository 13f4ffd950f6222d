import type { Range, Seconds } from '../units.ts';
import type { Circuit } from './circuit.ts';
import { endOf, placeOf, type Place } from './edit.ts';

/** Where the next line goes: after a line, or at the end of a block where no line is named. */
export interface Cursor {
  readonly blockId: string;
  readonly lineId: string;
  /** What drills are done by that are written here without an amount of their own. */
  readonly interval?: Interval;
}

/** Work and rest of every drill of a part. */
export interface Interval {
  readonly work: Range;
  readonly rest: Seconds;
}

/** The place after the cursor; the end of the circuit where the cursor points at nothing; undefined without a block. */
export function placeAfter(circuit: Circuit, cursor: Cursor): Place | undefined {
  const place = placeOf(circuit, cursor.lineId);
  if (place) return { blockId: place.blockId, index: place.index + 1 };
  const block = circuit.blocks.find((present) => present.id === cursor.blockId);
  return block ? { blockId: block.id, index: block.lines.length } : endOf(circuit);
}

/** Where a line goes that takes the place of another. */
export function cursorBefore(circuit: Circuit, lineId: string): Cursor {
  const place = placeOf(circuit, lineId);
  const block = circuit.blocks.find(({ id }) => id === place?.blockId);
  return { blockId: place?.blockId ?? '', lineId: block?.lines[(place?.index ?? 0) - 1]?.id ?? '' };
}

/** The ids of all lines in order. */
export function lineIds(circuit: Circuit): readonly string[] {
  return circuit.blocks.flatMap((block) => block.lines.map((line) => line.id));
}

/** The line to stand on once one is gone: the one after it, else the one before; empty where none is left. */
export function neighbourOf(circuit: Circuit, lineId: string): string {
  const ids = lineIds(circuit);
  const at = ids.indexOf(lineId);
  return ids[at + 1] ?? ids[at - 1] ?? '';
}
