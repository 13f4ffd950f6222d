import type { Approach } from '../approach/approach.ts';
import { APPROACHES } from '../approach/approaches.ts';
import { MOST_BOARD_LINES } from '../circuit/bounds.ts';
import { emptyCircuit, type Circuit } from '../circuit/circuit.ts';
import type { DrillLibrary } from '../drills/library.ts';
import { boardLines, withTitleMeant } from './boardLines.ts';
import { readLine } from './lineReader.ts';
import type { ReadLine } from './reading.ts';
import type { Problem } from './problem.ts';
import { applyLine, type NewIds, type Written } from './applyLine.ts';

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
  const lines = boardLines(text, library);
  const read = lines
    .slice(0, MOST_BOARD_LINES)
    .map((line, index) => readLine(line, library, `line-${index + 1}`, index + 1, approaches));
  const titled = withTitleMeant(read, lines);
  const all = withOneTitle([...titled, ...restOf(lines.slice(MOST_BOARD_LINES))], lines);
  const start: Written = { circuit: emptyCircuit(untitled), cursor: { blockId: '', lineId: '' } };
  const { circuit } = all.reduce((so, line, index) => applyLine(so, line, library, idsOf(index + 1)), start);
  return { circuit, problems: all.flatMap((line) => (line.kind === 'problem' ? [line.problem] : [])) };
}

function idsOf(number: number): NewIds {
  return {
    block: () => `block-${number}`,
    line: (part) => (part === 0 ? `line-${number}` : `line-${number}-${part + 1}`),
  };
}

/** What follows the last line that is read, as one line that was not: nothing is lost of a text that is far too long for a circuit. */
function restOf(lines: readonly string[]): readonly ReadLine[] {
  const text = lines.join('\n');
  if (text.trim() === '') return [];
  const expected = `a board of at most ${MOST_BOARD_LINES} lines`;
  return [
    {
      kind: 'problem',
      problem: { line: MOST_BOARD_LINES + 1, column: 1, text, expected, unknown: false, nearest: [] },
    },
  ];
}

/** The lines with every title after the first, and every empty one, as a line that could not be read. */
function withOneTitle(read: readonly ReadLine[], lines: readonly string[]): readonly ReadLine[] {
  const first = read.findIndex((line) => line.kind === 'title' && line.title !== '');
  return read.map((line, index) => {
    if (line.kind !== 'title' || index === first) return line;
    const expected = line.title === '' ? 'a title after #' : 'one title only; this circuit has its title already';
    const text = lines[index]?.trim() ?? '';
    return { kind: 'problem', problem: { line: index + 1, column: 1, text, expected, unknown: false, nearest: [] } };
  });
}
