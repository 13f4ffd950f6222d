import { MOST_CUE, MOST_POSITIONS, MOST_SETS, MOST_UNREAD } from '../circuit/bounds.ts';
import { takesAim } from '../circuit/aim.ts';
import { takesExtra, type Dose, type Tempo } from '../dose/dose.ts';
import { USUAL_HOLD_MOVE_SECONDS } from '../dose/trade.ts';
import { meansMetres, meansSeconds, meansSets } from '../drills/kinds.ts';
import { usualPace } from '../drills/usualPace.ts';
import { usualTempo } from '../drills/usualTempo.ts';
import type { Drill } from '../drills/drill.ts';
import { countedPerSide } from '../dose/workSeconds.ts';
import { just, type Range } from '../units.ts';
import { readAim } from './aimReader.ts';
import { set, type DoseWords } from './doseWords.ts';
import { Unreadable } from './problem.ts';
import type { Scanner } from './scanner.ts';
import { COUNT, countRange, DURATION, DURATION_GROUPS, durationRange } from './scanner.ts';
import { readDistance, readDistanceDetails, readExtra, withDistanceDetails } from './distanceReader.ts';
import { readInHand } from './inHandReader.ts';
import { readLift } from './liftReader.ts';
import { readRamp } from './rampReader.ts';
import { takeTempo } from './tempo.ts';

/** Reads everything after a drill's name. Throws Unreadable at the first word that does not fit. */
export function readDoseWords(scanner: Scanner, drill: Drill): DoseWords {
  const words: DoseWords = {};
  while (!scanner.atEnd) {
    const column = scanner.column;
    const read = READERS.some((reader) => reader(scanner, words, drill));
    if (!read) throw new Unreadable(column, EXPECTED);
  }
  return settled(words, drill, scanner);
}

const EXPECTED =
  'a dose (30s, 8-10, 3x8, 5x5s, 10m x4), sides (/side, alt), tempo or pace (@3s, @2m/s), "rest 10s", !, ? or a cue in quotes';

type Reader = (scanner: Scanner, words: DoseWords, drill: Drill) => boolean;

const READERS: readonly Reader[] = [
  readGuess,
  readCue,
  readMarks,
  readRests,
  readSets,
  readHoldDetails,
  readRamp,
  readLift,
  readAim,
  readInHand,
  readDistance,
  readDistanceDetails,
  readDose,
  readExtra,
  readSides,
  readTempo,
];

function readCue(scanner: Scanner, words: DoseWords): boolean {
  const { column } = scanner;
  const cue = scanner.take('"((?:[^"]|"")*)"');
  if (!cue) return false;
  const text = (cue[0] ?? '').replaceAll('""', '"');
  if (text.length > MOST_CUE) throw new Unreadable(column, `a cue of at most ${MOST_CUE} letters`);
  set(words, 'cue', text, column);
  return true;
}

function readGuess(scanner: Scanner, words: DoseWords): boolean {
  const { column } = scanner;
  const guess = scanner.take('guessed\\s+from\\s+"((?:[^"]|"")*)"');
  if (!guess) return false;
  const text = (guess[0] ?? '').replaceAll('""', '"');
  if (text.length > MOST_UNREAD) throw new Unreadable(column, `a line of at most ${MOST_UNREAD} letters`);
  set(words, 'guess', text, column);
  return true;
}

function readMarks(scanner: Scanner, words: DoseWords): boolean {
  const { column } = scanner;
  if (scanner.take('!!')) {
    set(words, 'pinned', true, column);
    set(words, 'doseKept', true, column);
  } else if (scanner.take('!')) set(words, 'pinned', true, column);
  else if (scanner.take('\\?')) set(words, 'optional', true, column);
  else if (scanner.take('new(?![a-z])')) set(words, 'shownFirst', true, column);
  else return false;
  return true;
}

function readRests(scanner: Scanner, words: DoseWords): boolean {
  const { column } = scanner;
  const between = scanner.take(`set\\s+rest\\s+${DURATION}`);
  const after = between ?? scanner.take(`rest\\s+${DURATION}`);
  if (!after) return false;
  const range = durationRange(after, column, 0);
  if (range.low !== range.high) throw new Unreadable(column, 'one length of rest, not a range');
  set(words, between ? 'setRest' : 'rest', range.low, column);
  return true;
}

function readSets(scanner: Scanner, words: DoseWords): boolean {
  const { column } = scanner;
  const sets = scanner.take(`${COUNT}\\s*sets?(?![a-z])(?!\\s+rest)`);
  if (!sets) return false;
  set(words, 'sets', countRange(sets, column, MOST_SETS), column);
  return true;
}

function readHoldDetails(scanner: Scanner, words: DoseWords): boolean {
  const { column } = scanner;
  const positions = scanner.take('x\\s*(\\d+)\\s*pos(?:itions?)?(?![a-z])');
  if (positions) {
    set(words, 'positions', countRange(positions, column, MOST_POSITIONS).low, column);
    return true;
  }
  const move = scanner.take(`move\\s+${DURATION}`);
  if (!move) return false;
  set(words, 'move', durationRange(move, column, 0).low, column);
  return true;
}

function readDose(scanner: Scanner, words: DoseWords, drill: Drill): boolean {
  const { column } = scanner;
  const feel = scanner.take(`feel\\s+${DURATION}`);
  if (feel) {
    set(words, 'dose', { kind: 'feel', seconds: durationRange(feel, column) }, column);
    return true;
  }
  const holds = scanner.take(`${COUNT}\\s*x\\s*${DURATION}`);
  if (holds) {
    const hold = durationRange(holds.slice(-DURATION_GROUPS), column);
    const count = countRange(holds, column);
    set(words, 'dose', { kind: 'holds', count, positions: 1, hold, move: USUAL_HOLD_MOVE_SECONDS }, column);
    if (scanner.take('held(?![a-z])')) words.held = true;
    return true;
  }
  const time = scanner.take(DURATION);
  if (time) {
    set(words, 'dose', { kind: 'time', seconds: durationRange(time, column) }, column);
    return true;
  }
  const setsOfReps = scanner.take(`${COUNT}\\s*x\\s*${COUNT}${NO_UNIT}`);
  const metres = setsOfReps && countRange(setsOfReps, column);
  if (metres && meansMetres(drill, metres)) {
    // "Row 250 x3": as far, three times.
    set(words, 'dose', distanceOf(metres, countRange(setsOfReps.slice(-2), column), drill), column);
    return true;
  }
  if (setsOfReps) set(words, 'sets', countRange(setsOfReps, column, MOST_SETS), column);
  const reps = setsOfReps?.slice(-2) ?? scanner.take(`${COUNT}${NO_UNIT}`);
  if (!reps) return false;
  const named = scanner.take('rep(?:etition)?s?(?![a-z])') !== undefined;
  const count = countRange(reps, column);
  if (!named && meansSeconds(drill, count)) {
    set(words, 'dose', { kind: 'time', seconds: count }, column);
    return true;
  }
  if (!named && meansMetres(drill, count)) {
    set(words, 'dose', distanceOf(count, just(1), drill), column);
    return true;
  }
  set(words, 'dose', { kind: 'reps', count, tempo: usualTempo(drill) }, column);
  return true;
}

/** Metres of a drill, at the drill's usual pace. */
function distanceOf(metres: Range, lengths: Range, drill: Drill): Dose {
  const length = { of: 'measure', measure: { amount: metres.low, unit: 'm' } } as const;
  return { kind: 'distance', length, lengths, pace: usualPace(drill), percents: [], step: null };
}

/** A bare count ends where no letter, decimal or further range follows. */
const NO_UNIT = '(?![\\w.:-])(?!\\s*(?:sets?(?!\\s+rest)|s|secs?|mins?)(?![a-z]))';

function readSides(scanner: Scanner, words: DoseWords, drill: Drill): boolean {
  const { column } = scanner;
  // "6 each" of a drill without sides is of each letter or position.
  if (drill.sidesAllowed.every((sides) => sides === 'both') && scanner.take('each(?!\\s+(?:side|way)|[a-z])'))
    return true;
  const each = scanner.take('(?:/|per\\s+|each\\s+)(?:sides?|ways?)(?![a-z])|each(?![a-z])');
  const alternate = scanner.take('alt(?:ernat(?:e|ing))?(?![a-z])');
  if (each || alternate) {
    if (each && alternate && words.dose && !countedPerSide(words.dose)) {
      throw new Unreadable(column, 'work that alternates as one total, such as 60s alt');
    }
    words.sideNamed = words.sideNamed === true || each !== undefined;
    if (alternate && words.sides === 'each') words.sides = 'alternate';
    else set(words, 'sides', alternate ? 'alternate' : 'each', column);
    return true;
  }
  if (scanner.take('in\\s+turn(?![a-z])')) {
    set(words, 'inTurn', true, column);
    return true;
  }
  if (!scanner.take('both(?![a-z])')) return false;
  set(words, 'sides', 'both', column);
  return true;
}

function readTempo(scanner: Scanner, words: DoseWords): boolean {
  const { column } = scanner;
  const tempo = takeTempo(scanner, '@\\s*');
  if (!tempo) return false;
  set(words, 'tempo', tempo, column);
  return true;
}

function settled(words: DoseWords, drill: Drill, scanner: Scanner): DoseWords {
  const { dose, tempo, positions, move } = words;
  if (tempo && dose && dose.kind !== 'reps') {
    throw new Unreadable(scanner.column, 'a count of repetitions to go with the tempo');
  }
  if ((positions !== undefined || move !== undefined) && dose?.kind !== 'holds') {
    throw new Unreadable(scanner.column, 'holds, such as 4x5s, to go with positions or moves');
  }
  if (words.aim && dose && !takesAim(dose))
    throw new Unreadable(scanner.column, 'a time, such as 45s, to aim at a number in');
  if (words.extra && words.sides === 'both')
    throw new Unreadable(scanner.column, 'sides, such as /side, to have more on one of them');
  if (words.extra && dose && !takesExtra(dose))
    throw new Unreadable(scanner.column, 'a dose other than a ramp or a lift to have more of on one side');
  if (dose?.kind === 'distance' || words.pace || words.percents || words.step)
    return withDistanceDetails(words, drill, scanner.column);
  if (dose?.kind === 'reps' && tempo) return { ...words, dose: { ...dose, tempo } };
  if (dose?.kind === 'holds') {
    const isHeld = words.held === true || positions !== undefined || move !== undefined || words.sets !== undefined;
    if (!isHeld && meansSets(drill) && dose.count.high <= MOST_SETS) {
      return { ...words, dose: { kind: 'time', seconds: dose.hold }, sets: dose.count };
    }
    return { ...words, dose: { ...dose, positions: positions ?? dose.positions, move: move ?? dose.move } };
  }
  return words;
}

/** A tempo alone changes the drill's usual repetitions; other usual doses have none to change. */
export function usualDoseAt(drill: Drill, tempo: Tempo | undefined, column: number): Dose {
  const { dose } = drill.usual;
  if (!tempo) return dose;
  if (dose.kind !== 'reps') throw new Unreadable(column, 'a count of repetitions to go with the tempo');
  return { ...dose, tempo };
}

/** One set, where a line says nothing of sets. */
export const ONE_SET = just(1);
