import type { Block, Circuit, Line } from '../circuit/circuit.ts';
import { just } from '../units.ts';
import { byInterval } from './byInterval.ts';
import { placeAfter, type Cursor } from '../circuit/cursor.ts';
import { changeBlock, changeSlot, insertBlock, insertLines, newBlock, type Place } from '../circuit/edit.ts';
import type { DrillLibrary } from '../drills/library.ts';
import type { ReadLine } from './reading.ts';
import { unreadLines } from './unreadLines.ts';

/** A circuit being written, and where the next line goes. */
export interface Written {
  readonly circuit: Circuit;
  readonly cursor: Cursor;
}

/** Makes ids for what a line brings: one for a block, one for each part of a line that could not be read. */
export interface NewIds {
  readonly block: () => string;
  readonly line: (part: number) => string;
}

/**
 * What a whiteboard line does to a circuit: a heading changes it, a phase opens a block after the cursor's, a slot goes
 * after the cursor, and a line that could not be read goes there too, with its text; before the first block it is kept
 * with the headings. A whole board is the fold of its lines.
 */
export function applyLine({ circuit, cursor }: Written, read: ReadLine, library: DrillLibrary, ids: NewIds): Written {
  const heading = (change: Partial<Circuit>): Written => ({ circuit: { ...circuit, ...change }, cursor });
  const unread = (text: string): Written => {
    const lines = unreadLines(text, ids.line);
    const place = placeAfter(circuit, cursor);
    return place ? putIn({ circuit, cursor }, place, lines) : heading({ unread: [...circuit.unread, ...lines] });
  };
  switch (read.kind) {
    case 'blank':
      return { circuit, cursor };
    case 'title':
      return read.title === '' ? { circuit, cursor } : heading({ title: read.title });
    case 'purpose':
      return heading({ purpose: read.purpose });
    case 'warm-up':
      return heading({
        purpose: read.purpose || circuit.purpose,
        available: read.available || circuit.available,
      });
    case 'not before':
      return heading({ notBefore: read.sessions });
    case 'not after':
      return heading({ notAfter: read.sessions });
    case 'tags':
      return heading({ tags: read.tags });
    case 'approach':
      return heading({ approach: read.approach });
    case 'available':
      return heading({ available: read.available });
    case 'clock':
      return heading({ clock: read.clock });
    case 'people':
      return heading({ people: read.people });
    case 'with':
      return heading(read.with);
    case 'lanes':
      return heading({ lanes: read.lanes });
    case 'block': {
      const { phase, rounds, roundRest, stations, noGaps, pick, pickWithin } = read;
      const block = { ...newBlock(ids.block(), phase), rounds, roundRest, stations, noGaps, pick, pickWithin };
      const after = placeAfter(circuit, cursor)?.blockId;
      return { circuit: insertBlock(circuit, block, after), cursor: { blockId: block.id, lineId: '' } };
    }
    case 'rounds':
      return ofPart({ circuit, cursor }, { rounds: read.rounds }, ids);
    case 'interval': {
      const { interval, rounds } = read;
      const part =
        rounds === undefined ? { circuit, cursor } : ofPart({ circuit, cursor }, { rounds: just(rounds) }, ids);
      return { ...part, cursor: { ...part.cursor, interval } };
    }
    case 'pick':
      return ofPart({ circuit, cursor }, { pick: read.pick, pickWithin: read.pickWithin }, ids);
    case 'round rest': {
      const here = blockAt(circuit, cursor);
      if (!here) return unread(read.text);
      return { circuit: changeBlock(circuit, here.id, (block) => ({ ...block, roundRest: read.rest })), cursor };
    }
    case 'slot': {
      const place = placeAfter(circuit, cursor);
      const slots = [read.slot, ...read.then].map((slot) => byInterval(slot, cursor.interval, library));
      if (place) return putIn({ circuit, cursor }, place, slots);
      const phase = library.byId.get(read.slot.drillId)?.phases[0] ?? 'mobilise';
      const opened = insertBlock(circuit, newBlock(ids.block(), phase));
      const blockId = opened.blocks.at(-1)?.id ?? '';
      return putIn({ circuit: opened, cursor }, { blockId, index: 0 }, slots);
    }
    case 'rest': {
      const before = lineBefore(circuit, cursor);
      if (before?.kind !== 'slot') return unread(read.text);
      return { circuit: changeSlot(circuit, before.id, (slot) => ({ ...slot, rest: read.rest })), cursor };
    }
    case 'problem':
      return unread(read.problem.text);
  }
}

/** What is said of a part on a line of its own: of the one that was opened by its phase and holds nothing yet, else of a new one. */
function ofPart({ circuit, cursor }: Written, said: Partial<Block>, ids: NewIds): Written {
  const here = blockAt(circuit, cursor);
  if (here?.lines.length === 0) {
    return { circuit: changeBlock(circuit, here.id, (block) => ({ ...block, ...said })), cursor };
  }
  const block = { ...newBlock(ids.block(), here?.phase ?? 'mobilise'), ...said };
  // Work and rest that were said before the first part are those of that part.
  const interval = here ? undefined : cursor.interval;
  const inside = { blockId: block.id, lineId: '', ...(interval ? { interval } : {}) };
  return { circuit: insertBlock(circuit, block, here?.id), cursor: inside };
}

/** The block that a new line would go into; undefined before the first. */
function blockAt(circuit: Circuit, cursor: Cursor): Block | undefined {
  const place = placeAfter(circuit, cursor);
  return circuit.blocks.find(({ id }) => id === place?.blockId);
}

/** The line that a new one would come after; undefined at the beginning of a block. */
function lineBefore(circuit: Circuit, cursor: Cursor): Line | undefined {
  const place = placeAfter(circuit, cursor);
  return circuit.blocks.find(({ id }) => id === place?.blockId)?.lines[(place?.index ?? 0) - 1];
}

function putIn({ circuit, cursor }: Written, place: Place, lines: readonly Line[]): Written {
  const after = { ...cursor, blockId: place.blockId, lineId: lines.at(-1)?.id ?? '' };
  return { circuit: insertLines(circuit, place, lines), cursor: after };
}
