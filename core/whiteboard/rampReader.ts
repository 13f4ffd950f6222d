import { MOST_GRADE, MOST_SECONDS, MOST_SPEED, MOST_STEPS } from '../circuit/bounds.ts';
import { SPEED_UNITS } from '../dose/distance.ts';
import { usualClimb, type RampDose, type RampUnit } from '../dose/ramp.ts';
import type { Drill } from '../drills/drill.ts';
import { just, type Seconds } from '../units.ts';
import { set, type DoseWords } from './doseWords.ts';
import { readField, type FieldReading } from './field.ts';
import { Unreadable } from './problem.ts';
import { countRange, DURATION, DURATION_GROUPS, durationRange, type Scanner } from './scanner.ts';

const NUMBER = '(\\d+(?:\\.\\d+)?)';
const MOST_EFFORT = 10;
const EXPECTED = 'a ramp such as ramp 0.5>2.5 mph at 10% 5x60s, ramp 3 mph at 1>6% 90/60/60s, or ramp effort 3>6 4x60s';

/**
 * A climb in steps: "ramp 0.5>2.5 mph at 10% 5x60s", "ramp 3 mph at 1>6% 90/60/60s", "ramp effort 3>6 4x60s". One that
 * says only how long its steps are, "ramp 90/60/60/45s", climbs from light to as hard as the drill is.
 */
export function readRamp(scanner: Scanner, words: DoseWords, drill: Drill): boolean {
  const { column } = scanner;
  if (!scanner.take('ramp(?![a-z])')) return false;
  const climb = takeClimb(scanner, column) ?? usualClimb(drill.effort);
  const slope = takeSlope(scanner);
  const steps = takeSteps(scanner);
  if (!steps) throw new Unreadable(column, EXPECTED);
  const most = climb.unit === 'effort' ? MOST_EFFORT : MOST_SPEED;
  const { grade = 0, gradeTo = grade } = slope;
  if (Math.max(climb.from, climb.to) > most || Math.max(grade, gradeTo) > MOST_GRADE) {
    throw new Unreadable(column, `a ramp up to ${most} at no more than ${MOST_GRADE}%`);
  }
  if (climb.unit === 'effort' && Math.max(grade, gradeTo) > 0) {
    throw new Unreadable(column, 'an effort without a grade, or a speed with one');
  }
  set(words, 'dose', { kind: 'ramp', ...climb, grade: 0, ...slope, ...steps }, column);
  return true;
}

type Climb = Pick<RampDose, 'from' | 'to' | 'unit'>;

function takeClimb(scanner: Scanner, column: number): Climb | undefined {
  const effort = scanner.take('effort(?![a-z])') !== undefined;
  const ends = scanner.take(`${NUMBER}\\s*>\\s*${NUMBER}`) ?? scanner.take(`${NUMBER}(?=\\s*(?:m/s|km/h|mph|at))`);
  if (!ends) {
    if (effort) throw new Unreadable(column, EXPECTED);
    return undefined;
  }
  const unit = effort ? 'effort' : scanner.take('(m/s|km/h|mph)(?![\\w/])')?.[0]?.toLowerCase();
  if (!unit) throw new Unreadable(column, EXPECTED);
  const [from = 0, to = from] = ends.map(Number);
  return { from, to, unit: effort ? 'effort' : rampUnitIn(unit) };
}

function takeSlope(scanner: Scanner): Partial<Pick<RampDose, 'grade' | 'gradeTo'>> {
  const rising = scanner.take(`at\\s+${NUMBER}\\s*%?\\s*>\\s*${NUMBER}\\s*%`);
  if (rising) {
    const [grade = 0, gradeTo = grade] = rising.map(Number);
    return grade === gradeTo ? { grade } : { grade, gradeTo };
  }
  const level = scanner.take(`at\\s+${NUMBER}\\s*%`);
  return level ? { grade: Number(level[0]) } : {};
}

function takeSteps(scanner: Scanner): Pick<RampDose, 'steps' | 'each' | 'uneven'> | undefined {
  const { column } = scanner;
  const uneven = takeUneven(scanner);
  if (uneven) return { steps: uneven.length, each: just(uneven[0] ?? 0), uneven };
  const even = scanner.take(`(\\d+)\\s*x\\s*${DURATION}`);
  if (!even) return undefined;
  const steps = countRange(even, column, MOST_STEPS).low;
  return { steps, each: durationRange(even.slice(-DURATION_GROUPS), column) };
}

/** Steps of their own length: "90/60/60/45s", "2/1/1 min". */
function takeUneven(scanner: Scanner): readonly Seconds[] | undefined {
  const { column } = scanner;
  const list = scanner.take(
    '(\\d+(?:\\.\\d+)?(?:\\s*/\\s*\\d+(?:\\.\\d+)?)+)\\s*(s|secs?|seconds?|mins?|minutes?)(?![a-z])',
  );
  if (!list) return undefined;
  const unit = list[1]?.toLowerCase().startsWith('m') ? 60 : 1;
  const seconds = (list[0] ?? '').split('/').map((part) => Number(part) * unit);
  if (seconds.length > MOST_STEPS) throw new Unreadable(column, `at most ${MOST_STEPS} steps`);
  const fits = seconds.every((step) => step >= 0.5 && step <= MOST_SECONDS && Number.isInteger(step * 2));
  if (!fits) throw new Unreadable(column, `steps from 0.5 to ${MOST_SECONDS} s, in whole or half seconds`);
  return seconds;
}

/** How long the steps of a ramp are: all alike, or each its own. */
export type StepLengths = Pick<RampDose, 'each' | 'uneven'>;

/** Reads how long the steps are from a field of its own: "90/60/60/45", or "60" and "45-60" where all are alike. */
export function readStepLengths(text: string): FieldReading<StepLengths> {
  const typed = text.trim();
  const take = (scanner: Scanner): StepLengths | undefined => {
    const { column } = scanner;
    const uneven = takeUneven(scanner);
    if (uneven) return { each: just(uneven[0] ?? 0), uneven };
    const one = scanner.take(DURATION);
    return one && { each: durationRange(one, column) };
  };
  return readField(
    /[a-z]$/i.test(typed) ? typed : `${typed}s`,
    take,
    'how long each step is, such as 60, or 90/60/60/45',
  );
}

const rampUnitIn = (text: string): RampUnit => SPEED_UNITS.find((unit) => unit === text) ?? 'm/s';
