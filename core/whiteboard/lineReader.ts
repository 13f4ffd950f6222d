import type { Approach } from '../approach/approach.ts';
import { APPROACHES } from '../approach/approaches.ts';
import { usualSetRest } from '../dose/trade.ts';
import { MOST_ROUNDS, MOST_TYPED } from '../circuit/bounds.ts';
import type { Slot } from '../circuit/circuit.ts';
import { usualSlot } from '../circuit/slot.ts';
import { drillAtStart, nearestNames, type DrillLibrary } from '../drills/library.ts';
import { PHASES } from '../drills/phase.ts';
import { just } from '../units.ts';
import { ONE_SET, readDoseWords, usualDoseAt } from './doseReader.ts';
import { readHeading } from './headingReader.ts';
import { Unreadable } from './problem.ts';
import type { ReadLine } from './reading.ts';
import { COUNT, countRange, DURATION, durationRange, Scanner } from './scanner.ts';

/**
 * Reads one line as a coach would write it on the board. Never throws: a line that cannot be read is a problem
 * with its column, what was expected there and, for an unknown drill, the nearest names.
 *
 * @param id given to the slot, where the line is one
 * @param lineNumber the line's number in the text it comes from, for the problem
 */
export function readLine(
  typed: string,
  library: DrillLibrary,
  id: string,
  lineNumber = 1,
  approaches: readonly Approach[] = APPROACHES,
): ReadLine {
  const line = wellFormed(typed);
  const text = line.trim();
  if (text === '') return { kind: 'blank' };
  if (text.length > MOST_TYPED) {
    const expected = `a shorter line, of at most ${MOST_TYPED} letters`;
    return { kind: 'problem', problem: { line: lineNumber, column: 1, text, expected, nearest: [] } };
  }
  try {
    return readHeading(text, approaches) ?? readBlock(text) ?? { kind: 'slot', slot: readSlot(text, library, id) };
  } catch (error) {
    if (!(error instanceof Unreadable)) throw error;
    const indent = line.length - line.trimStart().length;
    const { column, expected, nearest } = error;
    return { kind: 'problem', problem: { line: lineNumber, column: column + indent, text, expected, nearest } };
  }
}

/** Half a letter and the letter zero, as a file that is no text holds them, cannot be kept anywhere: each is shown as �. */
export const wellFormed = (text: string): string => text.replaceAll(/\0|\p{Surrogate}/gu, '\uFFFD');

const PHASE_NAME = `(${PHASES.join('|')})(?![\\w-])`;

function readBlock(text: string): ReadLine | undefined {
  const scanner = new Scanner(text);
  const name = scanner.take(PHASE_NAME)?.[0]?.toLowerCase();
  const phase = PHASES.find((known) => known === name);
  if (!phase) return undefined;
  let rounds = just(1);
  let roundRest = 0;
  let stations = false;
  while (!scanner.atEnd) {
    const { column } = scanner;
    if (scanner.take('stations(?![a-z])')) {
      stations = true;
      continue;
    }
    const times = scanner.take(`${COUNT}\\s*rounds?(?![a-z])`);
    if (times) {
      rounds = countRange(times, column, MOST_ROUNDS);
      continue;
    }
    const rest = scanner.take(`rest\\s+${DURATION}`);
    if (!rest) throw new Unreadable(column, 'rounds and the rest between them, such as 2 rounds rest 20s');
    roundRest = durationRange(rest, column, 0).high;
  }
  return { kind: 'block', phase, rounds, roundRest, stations };
}

function readSlot(text: string, library: DrillLibrary, id: string): Slot {
  const found = drillAtStart(text, library);
  if (!found) {
    const typed = nameAsTyped(text);
    throw new Unreadable(1, `the name of a drill or a phase; "${typed}" is neither`, nearestNames(typed, library));
  }
  const { drill } = found;
  const scanner = new Scanner(text);
  scanner.skip(found.length);
  const words = readDoseWords(scanner, drill);
  const usual = usualSlot(drill, id);
  const allowsBoth = drill.sidesAllowed.includes('both');
  return {
    ...usual,
    dose: words.dose ?? usualDoseAt(drill, words.tempo, scanner.column),
    sides: words.sides ?? (words.extra ? 'each' : words.dose && allowsBoth ? 'both' : usual.sides),
    extra: words.extra ?? null,
    sets: words.sets ?? ONE_SET,
    setRest: words.setRest ?? usualSetRest(words.dose ?? usual.dose),
    rest: words.rest ?? 0,
    pinned: words.pinned ?? false,
    optional: words.optional ?? false,
    cue: words.cue ?? '',
  };
}

/** The part of a line that was meant as a name: up to the first word that looks like a dose. */
export function nameAsTyped(text: string): string {
  const dose = text.search(/\s(?:\d|@|\/|!|\?|"|(?:feel|rest|alt|each|both|x)\b)/i);
  return (dose < 0 ? text : text.slice(0, dose)).trim();
}
