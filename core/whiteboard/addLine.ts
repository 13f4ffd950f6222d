import type { Circuit, Line } from '../circuit/circuit.ts';
import { placeAfter, type Cursor } from '../circuit/cursor.ts';
import { insertBlock, insertLines, newBlock } from '../circuit/edit.ts';
import type { DrillLibrary } from '../drills/library.ts';
import type { ReadLine } from './reading.ts';
import { unreadLines } from './unreadLines.ts';

/** A circuit with a line added, and where the next one goes. */
export interface Added {
  readonly circuit: Circuit;
  readonly cursor: Cursor;
}

/**
 * Adds what a whiteboard line says to a circuit: a heading changes it, a phase opens a block after the cursor's, a slot
 * goes after the cursor, and a line that could not be read goes there too, with its text.
 *
 * @param newId makes ids for what is new
 */
export function addReadLine(
  circuit: Circuit,
  cursor: Cursor,
  read: ReadLine,
  library: DrillLibrary,
  newId: () => string,
): Added {
  switch (read.kind) {
    case 'blank':
      return { circuit, cursor };
    case 'title':
      return { circuit: read.title === '' ? circuit : { ...circuit, title: read.title }, cursor };
    case 'purpose':
      return { circuit: { ...circuit, purpose: read.purpose }, cursor };
    case 'tags':
      return { circuit: { ...circuit, tags: read.tags }, cursor };
    case 'approach':
      return { circuit: { ...circuit, approach: read.approach }, cursor };
    case 'available':
      return { circuit: { ...circuit, available: read.available }, cursor };
    case 'clock':
      return { circuit: { ...circuit, clock: read.clock }, cursor };
    case 'people':
      return { circuit: { ...circuit, people: read.people }, cursor };
    case 'with':
      return { circuit: { ...circuit, ...read.with }, cursor };
    case 'lanes':
      return { circuit: { ...circuit, lanes: read.lanes }, cursor };
    case 'block': {
      const block = {
        ...newBlock(newId(), read.phase),
        rounds: read.rounds,
        roundRest: read.roundRest,
        stations: read.stations,
      };
      const after = placeAfter(circuit, cursor)?.blockId;
      return { circuit: insertBlock(circuit, block, after), cursor: { blockId: block.id, lineId: '' } };
    }
    case 'slot': {
      const phase = library.byId.get(read.slot.drillId)?.phases[0] ?? 'mobilise';
      return addLines(circuit, cursor, [read.slot], () => newBlock(newId(), phase));
    }
    case 'problem': {
      return addLines(circuit, cursor, unreadLines(read.problem.text, newId), () => newBlock(newId(), 'mobilise'));
    }
  }
}

function addLines(
  circuit: Circuit,
  cursor: Cursor,
  lines: readonly Line[],
  openBlock: () => ReturnType<typeof newBlock>,
): Added {
  const lineId = lines.at(-1)?.id ?? '';
  const place = placeAfter(circuit, cursor);
  if (place) return { circuit: insertLines(circuit, place, lines), cursor: { blockId: place.blockId, lineId } };
  const block = { ...openBlock(), lines };
  return { circuit: insertBlock(circuit, block), cursor: { blockId: block.id, lineId } };
}
