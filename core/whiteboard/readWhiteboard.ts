import type { Approach } from '../approach/approach.ts';
import { APPROACHES } from '../approach/approaches.ts';
import { MOST_BOARD_LINES } from '../circuit/bounds.ts';
import { emptyCircuit, type Block, type Circuit, type Line, type UnreadLine } from '../circuit/circuit.ts';
import { newBlock } from '../circuit/edit.ts';
import type { DrillLibrary } from '../drills/library.ts';
import { readLine, wellFormed } from './lineReader.ts';
import type { ReadLine } from './reading.ts';
import type { Problem } from './problem.ts';
import { unreadLines } from './unreadLines.ts';

/** A circuit read from whiteboard text, with what could not be read. */
export interface WhiteboardReading {
  readonly circuit: Circuit;
  readonly problems: readonly Problem[];
}

/**
 * Reads a whole whiteboard: headings, phase lines that open blocks, and one line a slot. Never throws; a line that
 * cannot be read stays in the circuit with its text. Ids are made from line numbers: unique within this circuit only.
 *
 * @param untitled the title where the text has none
 */
export function readWhiteboard(
  text: string,
  library: DrillLibrary,
  untitled = 'Untitled circuit',
  approaches: readonly Approach[] = APPROACHES,
): WhiteboardReading {
  const draft = new Draft(untitled);
  const lines = wellFormed(text).split(/\r\n|\r|\n/);
  lines.slice(0, MOST_BOARD_LINES).forEach((line, index) => {
    const number = index + 1;
    draft.add(readLine(line, library, `line-${number}`, number, approaches), line, number, library);
  });
  draft.keepRest(lines.slice(MOST_BOARD_LINES).join('\n'));
  return draft.reading();
}

/** A circuit being read, line by line. */
class Draft {
  private circuit: Circuit;
  private readonly blocks: { block: Block; lines: Line[] }[] = [];
  private readonly unread: UnreadLine[] = [];
  private readonly problems: Problem[] = [];
  private titled = false;

  constructor(untitled: string) {
    this.circuit = emptyCircuit(untitled);
  }

  add(read: ReadLine, line: string, number: number, library: DrillLibrary): void {
    switch (read.kind) {
      case 'blank':
        return;
      case 'title':
        return this.addTitle(read.title, line, number);
      case 'purpose':
        this.circuit = { ...this.circuit, purpose: read.purpose };
        return;
      case 'tags':
        this.circuit = { ...this.circuit, tags: read.tags };
        return;
      case 'approach':
        this.circuit = { ...this.circuit, approach: read.approach };
        return;
      case 'available':
        this.circuit = { ...this.circuit, available: read.available };
        return;
      case 'clock':
        this.circuit = { ...this.circuit, clock: read.clock };
        return;
      case 'people':
        this.circuit = { ...this.circuit, people: read.people };
        return;
      case 'with':
        this.circuit = { ...this.circuit, ...read.with };
        return;
      case 'lanes':
        this.circuit = { ...this.circuit, lanes: read.lanes };
        return;
      case 'block':
        this.open({
          ...newBlock(`block-${number}`, read.phase),
          rounds: read.rounds,
          roundRest: read.roundRest,
          stations: read.stations,
        });
        return;
      case 'slot': {
        const phase = library.byId.get(read.slot.drillId)?.phases[0] ?? 'mobilise';
        const block = this.blocks.at(-1) ?? this.open(newBlock(`block-${number}`, phase));
        block.lines.push(read.slot);
        return;
      }
      case 'problem':
        this.keep(read.problem, number);
    }
  }

  reading(): WhiteboardReading {
    const blocks = this.blocks.map(({ block, lines }) => ({ ...block, lines }));
    return { circuit: { ...this.circuit, unread: this.unread, blocks }, problems: this.problems };
  }

  /** Keeps what follows the last line that is read: nothing is lost of a text that is far too long for a circuit. */
  keepRest(text: string): void {
    if (text.trim() === '') return;
    const expected = `a board of at most ${MOST_BOARD_LINES} lines`;
    this.keep({ line: MOST_BOARD_LINES + 1, column: 1, text, expected, nearest: [] }, MOST_BOARD_LINES + 1);
  }

  private addTitle(title: string, line: string, number: number): void {
    if (this.titled || title === '') {
      const expected = title === '' ? 'a title after #' : 'one title only; this circuit has its title already';
      this.keep({ line: number, column: 1, text: line.trim(), expected, nearest: [] }, number);
      return;
    }
    this.titled = true;
    this.circuit = { ...this.circuit, title };
  }

  private keep(problem: Problem, number: number): void {
    this.problems.push(problem);
    const kept = unreadLines(problem.text, (part) => (part === 0 ? `line-${number}` : `line-${number}-${part + 1}`));
    (this.blocks.at(-1)?.lines ?? this.unread).push(...kept);
  }

  private open(block: Block): { block: Block; lines: Line[] } {
    const opened = { block, lines: [] };
    this.blocks.push(opened);
    return opened;
  }
}
