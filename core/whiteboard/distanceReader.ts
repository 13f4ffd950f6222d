import { MOST_METRES, MOST_PERCENT, MOST_SPEED } from '../circuit/bounds.ts';
import {
  LENGTH_UNITS,
  metresOf,
  SPEED_UNITS,
  type LengthUnit,
  type Measure,
  type OneLength,
  type SpeedUnit,
} from '../dose/distance.ts';
import type { Drill } from '../drills/drill.ts';
import { steppingPace, usualPace } from '../drills/usualPace.ts';
import { just, type Range } from '../units.ts';
import { set, type DoseWords } from './doseWords.ts';
import { readField, type FieldReading } from './field.ts';
import { Unreadable } from './problem.ts';
import { COUNT, countRange, type Scanner } from './scanner.ts';

const NUMBER = '(\\d+(?:\\.\\d+)?)';
/** A measured length, as text inside a pattern; fills two groups. */
export const LENGTH = `${NUMBER}\\s*(m|met(?:re|er)s?|cm|yds?|yards?|ft|feet|in)(?!\\w|/s(?![a-z]))`;
const SPEED = `${NUMBER}\\s*(m/s|km/h|mph)(?![\\w/])`;

/** A length of floor: "10 m x4", "2 lengths", "1 lap". */
export function readDistance(scanner: Scanner, words: DoseWords, drill: Drill): boolean {
  const { column } = scanner;
  const measured = scanner.take(LENGTH);
  if (measured) {
    const length: OneLength = { of: 'measure', measure: measureIn(measured, column) };
    const times = scanner.take(`x\\s*${COUNT}(?![\\w.:-])(?!\\s*pos)`);
    addDistance(words, drill, length, times ? countRange(times, column) : just(1), column);
    return true;
  }
  const counted = scanner.take(`${COUNT}\\s*(lengths?|laps?)(?![a-z])`);
  if (!counted) return false;
  const of = counted[2]?.toLowerCase().startsWith('lap') ? 'lap' : 'lane';
  addDistance(words, drill, { of }, countRange(counted, column), column);
  return true;
}

function addDistance(words: DoseWords, drill: Drill, length: OneLength, lengths: Range, column: number): void {
  const pace = usualPace(drill);
  set(words, 'dose', { kind: 'distance', length, lengths, pace, percents: [], step: null }, column);
}

export function measureIn([amount, unit = '']: readonly (string | undefined)[], column: number): Measure {
  const short = unit
    .toLowerCase()
    .replace(/^met.*/, 'm')
    .replace(/^y.*/, 'yd')
    .replace(/^f.*/, 'ft');
  const known = LENGTH_UNITS.find((name): name is LengthUnit => name === short) ?? 'm';
  const measure = { amount: Number(amount), unit: known };
  const metres = metresOf(measure);
  if (metres <= 0 || metres > MOST_METRES) throw new Unreadable(column, `a length up to ${MOST_METRES} m`);
  return measure;
}

/** What goes with a distance: "@2m/s", "50/75/100%", "step 6 in". */
export function readDistanceDetails(scanner: Scanner, words: DoseWords): boolean {
  const { column } = scanner;
  const pace = scanner.take(`@\\s*${SPEED}`);
  if (pace) {
    set(words, 'pace', { amount: speedIn(pace[0], column), unit: unitIn(pace[1]) }, column);
    return true;
  }
  const percents = takePercents(scanner);
  if (percents) {
    set(words, 'percents', percents, column);
    return true;
  }
  const step = scanner.take(`steps?\\s+${LENGTH}`);
  if (!step) return false;
  set(words, 'step', measureIn(step, column), column);
  return true;
}

function takePercents(scanner: Scanner): readonly number[] | undefined {
  const { column } = scanner;
  const percents = scanner.take('(\\d{1,3}(?:/\\d{1,3})*)\\s*%');
  return percents?.[0]?.split('/').map((part) => percentIn(part, column));
}

/** Reads percentages of a pace from a field of its own, "50/75/100%" or without the sign; none where it is empty. */
export function readPercents(text: string): FieldReading<readonly number[]> {
  if (text.trim() === '') return { ok: true, value: [] };
  const signed = text.includes('%') ? text : `${text.trim()}%`;
  return readField(signed, takePercents, 'percentages, such as 50/75/100, or nothing');
}

/** Reads a length of step from a field of its own: "6 in"; none where it is empty. */
export function readStep(text: string): FieldReading<Measure | null> {
  if (text.trim() === '') return { ok: true, value: null };
  const take = (scanner: Scanner) => {
    const { column } = scanner;
    const step = scanner.take(LENGTH);
    return step && measureIn(step, column);
  };
  return readField(text, take, 'a length, such as 6 in or 0.5 m, or nothing');
}

function speedIn(text: string | undefined, column: number): number {
  const speed = Number(text);
  if (speed <= 0 || speed > MOST_SPEED) throw new Unreadable(column, `a speed up to ${MOST_SPEED}`);
  return speed;
}

const unitIn = (text = ''): SpeedUnit => SPEED_UNITS.find((unit) => unit === text.toLowerCase()) ?? 'm/s';

function percentIn(text: string, column: number): number {
  const percent = Number(text);
  if (percent < 1 || percent > MOST_PERCENT) throw new Unreadable(column, `percentages from 1 to ${MOST_PERCENT}`);
  return percent;
}

/** Puts pace, percentages and step into the distance they belong to. */
export function withDistanceDetails(words: DoseWords, drill: Drill, column: number): DoseWords {
  const { dose, pace, percents, step } = words;
  if (dose?.kind !== 'distance') {
    throw new Unreadable(column, 'a distance, such as 10m x4 or 2 lengths, to go with a pace, percentages or steps');
  }
  const stepped = step ?? dose.step;
  return {
    ...words,
    dose: {
      ...dose,
      pace: pace ?? steppingPace(drill, stepped),
      percents: percents ?? dose.percents,
      step: stepped,
    },
  };
}

/** More on one side: "left +4". */
export function readExtra(scanner: Scanner, words: DoseWords): boolean {
  const { column } = scanner;
  const extra = scanner.take('(left|right|first|other)\\s*\\+\\s*(\\d+)(?![\\w.])');
  if (!extra) return false;
  const side = /^(left|first)$/i.test(extra[0] ?? '') ? 'left' : 'right';
  set(words, 'extra', { side, more: countRange(extra.slice(1), column).low }, column);
  return true;
}
