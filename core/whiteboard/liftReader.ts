import { MOST_COUNT, MOST_LIFT_STEPS, MOST_LOAD, MOST_PERCENT } from '../circuit/bounds.ts';
import { LOAD_UNITS, rampUp, type LiftDose, type LiftStep } from '../dose/lift.ts';
import { set, type DoseWords } from './doseWords.ts';
import { readField, type FieldReading } from './field.ts';
import { Unreadable } from './problem.ts';
import type { Scanner } from './scanner.ts';

const STEP = '(\\d+)\\s*%\\s*x\\s*(\\d+)';

/** Reads the climb to a lift: "lift 100kg x5", with steps of its own after it as "40%x8 60%x5". */
export function readLift(scanner: Scanner, words: DoseWords): boolean {
  const { column } = scanner;
  const found = scanner.take('lift\\s+(\\d+(?:\\.\\d+)?)\\s*(kg|lb)s?\\s*x\\s*(\\d+)(?![\\w.])');
  if (!found) return false;
  const [load, reps] = [Number(found[0]), Number(found[2])];
  const unit = LOAD_UNITS.find((known) => known === found[1]?.toLowerCase()) ?? 'kg';
  if (load <= 0 || load > MOST_LOAD) throw new Unreadable(column, `a load up to ${MOST_LOAD} ${unit}`);
  if (reps < 1 || reps > MOST_COUNT) throw new Unreadable(column, `repetitions from 1 to ${MOST_COUNT}`);
  const [first, ...rest] = readSteps(scanner);
  set(words, 'dose', { kind: 'lift', load, unit, reps, steps: first ? [first, ...rest] : rampUp(reps) }, column);
  return true;
}

/** Reads the steps of a climb from a field of its own, as they are written after a lift: "40%x8 60%x5". */
export function readLiftSteps(text: string): FieldReading<LiftDose['steps']> {
  return readField(
    text,
    (scanner) => {
      const [first, ...rest] = readSteps(scanner);
      return first && [first, ...rest];
    },
    'shares and repetitions, such as 40%x8 60%x5',
  );
}

function readSteps(scanner: Scanner): readonly LiftStep[] {
  const steps: LiftStep[] = [];
  for (;;) {
    const { column } = scanner;
    const step = scanner.take(STEP);
    if (!step) return steps;
    const [percent, reps] = [Number(step[0]), Number(step[1])];
    if (percent < 1 || percent > MOST_PERCENT || reps < 1 || reps > MOST_COUNT || steps.length >= MOST_LIFT_STEPS) {
      throw new Unreadable(column, `up to ${MOST_LIFT_STEPS} steps of a share and repetitions, such as 60%x5`);
    }
    steps.push({ percent, reps });
  }
}
