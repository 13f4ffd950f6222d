import { MOST_GRADE, MOST_SPEED, MOST_STEPS } from '../circuit/bounds.ts';
import { SPEED_UNITS } from '../dose/distance.ts';
import type { RampUnit } from '../dose/ramp.ts';
import { set, type DoseWords } from './doseWords.ts';
import { Unreadable } from './problem.ts';
import { countRange, DURATION, DURATION_GROUPS, durationRange, type Scanner } from './scanner.ts';

const NUMBER = '(\\d+(?:\\.\\d+)?)';

/** A climb in steps: "ramp 0.5>2.5 mph at 10% 5x60s", "ramp effort 3>6 4x60s". */
export function readRamp(scanner: Scanner, words: DoseWords): boolean {
  const { column } = scanner;
  if (!scanner.take('ramp(?![a-z])')) return false;
  const effort = scanner.take('effort(?![a-z])') !== undefined;
  const climb = scanner.take(`${NUMBER}\\s*>\\s*${NUMBER}`);
  const unit = effort ? 'effort' : scanner.take('(m/s|km/h|mph)(?![\\w/])')?.[0]?.toLowerCase();
  const grade = scanner.take(`at\\s+${NUMBER}\\s*%`)?.[0] ?? '0';
  const steps = scanner.take(`(\\d+)\\s*x\\s*${DURATION}`);
  if (!climb || !unit || !steps) {
    throw new Unreadable(column, 'a ramp such as ramp 0.5>2.5 mph at 10% 5x60s, or ramp effort 3>6 4x60s');
  }
  const most = effort ? 10 : MOST_SPEED;
  const [from = 0, to = 0] = climb.map(Number);
  if (Math.max(from, to) > most || Number(grade) > MOST_GRADE) {
    throw new Unreadable(column, `a ramp up to ${most} at no more than ${MOST_GRADE}%`);
  }
  if (effort && Number(grade) > 0) throw new Unreadable(column, 'an effort without a grade, or a speed with one');
  set(
    words,
    'dose',
    {
      kind: 'ramp',
      from,
      to,
      unit: effort ? 'effort' : rampUnitIn(unit),
      grade: Number(grade),
      steps: countRange(steps, column, MOST_STEPS).low,
      each: durationRange(steps.slice(-DURATION_GROUPS), column),
    },
    column,
  );
  return true;
}

const rampUnitIn = (text: string): RampUnit => SPEED_UNITS.find((unit) => unit === text) ?? 'm/s';
