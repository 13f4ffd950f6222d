import type { Circuit, UnreadLine } from '../circuit/circuit.ts';
import { placeAfter, type Cursor } from '../circuit/cursor.ts';
import { insertBlock, insertLines, newBlock } from '../circuit/edit.ts';
import type { Line } from '../circuit/circuit.ts';
import type { DrillLibrary } from '../drills/library.ts';
import type { ReadLine } from './reading.ts';

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
      return addLine(circuit, cursor, read.slot, () => newBlock(newId(), phase));
    }
    case 'problem': {
      const unread: UnreadLine = { kind: 'unread', id: newId(), text: read.problem.text };
      return addLine(circuit, cursor, unread, () => newBlock(newId(), 'mobilise'));
    }
  }
}

function addLine(circuit: Circuit, cursor: Cursor, line: Line, openBlock: () => ReturnType<typeof newBlock>): Added {
  const place = placeAfter(circuit, cursor);
  if (place) {
    const added = insertLines(circuit, place, [line]);
    return { circuit: added, cursor: { blockId: place.blockId, lineId: line.id } };
  }
  const block = { ...openBlock(), lines: [line] };
  return { circuit: insertBlock(circuit, block), cursor: { blockId: block.id, lineId: line.id } };
}
