import { MOST_ROUNDS } from '../circuit/bounds.ts';
import type { Slot } from '../circuit/circuit.ts';
import { usualSlot } from '../circuit/slot.ts';
import { minuteOfDay, type WallClock } from '../circuit/wallClock.ts';
import { APPROACHES } from '../approach/approaches.ts';
import { drillAtStart, nearestNames, plainName, type DrillLibrary } from '../drills/library.ts';
import { PHASES, type Phase } from '../drills/phase.ts';
import { just, type Range, type Seconds } from '../units.ts';
import { ONE_SET, readDoseWords, usualDoseAt } from './doseReader.ts';
import { Unreadable, type Problem } from './problem.ts';
import { COUNT, countRange, DURATION, durationRange, Scanner } from './scanner.ts';

/** What one whiteboard line says. */
export type ReadLine =
  | { readonly kind: 'blank' }
  | { readonly kind: 'title'; readonly title: string }
  | { readonly kind: 'purpose'; readonly purpose: string }
  | { readonly kind: 'approach'; readonly approach: string }
  | { readonly kind: 'available'; readonly available: Seconds }
  | { readonly kind: 'clock'; readonly clock: WallClock }
  | { readonly kind: 'people'; readonly people: number }
  | { readonly kind: 'lanes'; readonly lanes: number }
  | { readonly kind: 'block'; readonly phase: Phase; readonly rounds: Range; readonly roundRest: Seconds }
  | { readonly kind: 'slot'; readonly slot: Slot }
  | { readonly kind: 'problem'; readonly problem: Problem };

/**
 * Reads one line as a coach would write it on the board. Never throws: a line that cannot be read is a problem
 * with its column, what was expected there and, for an unknown drill, the nearest names.
 *
 * @param id given to the slot, where the line is one
 * @param lineNumber the line's number in the text it comes from, for the problem
 */
export function readLine(line: string, library: DrillLibrary, id: string, lineNumber = 1): ReadLine {
  const text = line.trim();
  if (text === '') return { kind: 'blank' };
  try {
    return readHeading(text) ?? readBlock(text) ?? { kind: 'slot', slot: readSlot(text, library, id) };
  } catch (error) {
    if (!(error instanceof Unreadable)) throw error;
    const indent = line.length - line.trimStart().length;
    const { column, expected, nearest } = error;
    return { kind: 'problem', problem: { line: lineNumber, column: column + indent, text, expected, nearest } };
  }
}

function readHeading(text: string): ReadLine | undefined {
  if (text.startsWith('#')) return { kind: 'title', title: text.slice(1).trim() };
  const heading = /^(for|approach|in|start|end|people|lanes)\s*:\s*/i.exec(text);
  if (!heading) return undefined;
  const column = heading[0].length + 1;
  const value = text.slice(heading[0].length);
  switch (heading[1]?.toLowerCase()) {
    case 'for':
      return { kind: 'purpose', purpose: value };
    case 'approach':
      return { kind: 'approach', approach: readApproach(value, column) };
    case 'in':
      return { kind: 'available', available: readAvailable(value, column) };
    case 'start':
    case 'end':
      return {
        kind: 'clock',
        clock: { of: heading[1]?.toLowerCase() === 'end' ? 'end' : 'start', minute: readMinute(value, column) },
      };
    case 'people':
      return { kind: 'people', people: readWhole(value, column) };
    default:
      return { kind: 'lanes', lanes: readWhole(value, column) };
  }
}

function readApproach(value: string, column: number): string {
  const typed = plainName(value);
  const found = APPROACHES.find(({ id, name }) => id === typed || plainName(name) === typed);
  if (!found)
    throw new Unreadable(
      column,
      'the name of an approach',
      APPROACHES.map(({ name }) => name.toLowerCase()),
    );
  return found.id;
}

function readMinute(value: string, column: number): number {
  const minute = minuteOfDay(value);
  if (minute === undefined) throw new Unreadable(column, 'a time of day, such as 18:30');
  return minute;
}

function readAvailable(value: string, column: number): Seconds {
  const scanner = new Scanner(value);
  const time = scanner.take(DURATION);
  if (!time || !scanner.atEnd) throw new Unreadable(column, 'a length of time, such as 8:00 or 12 min');
  return durationRange(time, column).high;
}

function readWhole(value: string, column: number): number {
  if (!/^\d{1,3}$/.test(value) || Number(value) === 0) throw new Unreadable(column, 'a whole number from 1 to 999');
  return Number(value);
}

const PHASE_NAME = `(${PHASES.join('|')})(?![\\w-])`;

function readBlock(text: string): ReadLine | undefined {
  const scanner = new Scanner(text);
  const name = scanner.take(PHASE_NAME)?.[0]?.toLowerCase();
  const phase = PHASES.find((known) => known === name);
  if (!phase) return undefined;
  let rounds = just(1);
  let roundRest = 0;
  while (!scanner.atEnd) {
    const { column } = scanner;
    const times = scanner.take(`${COUNT}\\s*rounds?(?![a-z])`);
    if (times) {
      rounds = countRange(times, column, MOST_ROUNDS);
      continue;
    }
    const rest = scanner.take(`rest\\s+${DURATION}`);
    if (!rest) throw new Unreadable(column, 'rounds and the rest between them, such as 2 rounds rest 20s');
    roundRest = durationRange(rest, column, 0).high;
  }
  return { kind: 'block', phase, rounds, roundRest };
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
    setRest: words.setRest ?? usual.setRest,
    rest: words.rest ?? 0,
    pinned: words.pinned ?? false,
    optional: words.optional ?? false,
    cue: words.cue ?? '',
  };
}

/** The part of a line that was meant as a name: up to the first word that looks like a dose. */
export function nameAsTyped(text: string): string {
  return text.replace(/\s+(?:\d|@|\/|!|\?|"|(?:feel|rest|alt|each|both|x)\b).*$/i, '').trim();
}
