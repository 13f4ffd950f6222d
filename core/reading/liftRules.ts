import { MOST_LIFT_STEPS } from '../circuit/bounds.ts';
import { LOAD_UNITS, rampUp, type LiftDose, type LiftStep, type LoadUnit } from '../dose/lift.ts';
import { once, rule, type SpokenRule } from './spokenRule.ts';

const LOAD = '(\\d{1,3}(?:\\.\\d{1,2})?)';
const UNIT = '(kg|lb)s?';
/** Before a number of repetitions: "x5", "for 5". */
const BY = '(?: ?x ?| for )';
const STEP = `\\d{1,3} ?%${BY}\\d{1,2}`;
const SET = `(?:\\d{1,3}(?:\\.\\d{1,2})? ?(?:kgs?|lbs?)?|(?:the |an )?(?:empty )?bar)${BY}\\d{1,2}`;
/** What the bar itself weighs: common practice, no source. */
const BAR: Readonly<Record<LoadUnit, number>> = { kg: 20, lb: 45 };
const TO = '(?:(?:work(?:ing)?|build(?:ing)?|ramp(?:ing)?)(?:-| )up |ramp-up sets |warm-?up sets )to ';

const unitFrom = (word: string | undefined): LoadUnit => LOAD_UNITS.find((unit) => unit === word) ?? 'kg';

/** The steps of a climb as they were said; the usual ones where none were, or more than a climb has. */
function stepsOf(said: readonly LiftStep[], reps: number): LiftDose['steps'] {
  const [first, ...rest] = said;
  return first && said.length <= MOST_LIFT_STEPS ? [first, ...rest] : rampUp(reps);
}

const stepsIn = (text = ''): readonly LiftStep[] =>
  [...text.matchAll(/\b(\d{1,3}) ?%(?: ?x ?| for )(\d{1,2})/g)].map(([, percent, reps]) => ({
    percent: Number(percent),
    reps: Number(reps),
  }));

/** Sets of weights that grow, "40x8 60x5 80x3 100x5": the last is what they climb to. Undefined where they do not grow. */
function climbIn(text: string): LiftDose | undefined {
  const unit = text.includes('lb') ? 'lb' : 'kg';
  const sets = [...text.matchAll(/\b(bar|\d{1,3}(?:\.\d{1,2})?) ?(?:kgs?|lbs?)?(?: ?x ?| for )(\d{1,2})/g)].map(
    ([, load, reps]) => ({ load: load === 'bar' ? BAR[unit] : Number(load), reps: Number(reps) }),
  );
  const top = sets.at(-1);
  if (!top || sets.some(({ load }, at) => at > 0 && load <= (sets[at - 1]?.load ?? 0))) return undefined;
  const steps = sets.slice(0, -1).map(({ load, reps }) => ({ percent: Math.round((100 * load) / top.load), reps }));
  return { kind: 'lift', load: top.load, unit, reps: top.reps, steps: stepsOf(steps, top.reps) };
}

/** The sets on the way up to a lift: its load and repetitions with the steps before it, or every set with its own weight. */
export const LIFT_RULES: readonly SpokenRule[] = [
  rule(`\\b${LOAD} ?${UNIT}${BY}(\\d{1,2})[:,]? ((?:${STEP},? ?){1,10})`, (said, [load, unit, reps, steps]) =>
    once(said, 'lift', {
      kind: 'lift',
      load: Number(load),
      unit: unitFrom(unit),
      reps: Number(reps),
      steps: stepsOf(stepsIn(steps), Number(reps)),
    }),
  ),
  rule(`\\b${TO}${LOAD} ?${UNIT}${BY}(\\d{1,2})\\b`, (said, [load, unit, reps]) =>
    once(said, 'lift', {
      kind: 'lift',
      load: Number(load),
      unit: unitFrom(unit),
      reps: Number(reps),
      steps: rampUp(Number(reps)),
    }),
  ),
  rule(`\\b((?:${SET},? ?(?:and )?){2,10})(?![\\w.])`, (said, [sets = '']) => {
    const climb = climbIn(sets);
    // Two sets climb where they are as heavy as a bar; lighter weights in the hand are sets of that drill.
    const climbs = climb !== undefined && (climb.steps.length > 1 || climb.load > 2 * BAR[climb.unit]);
    return climbs && once(said, 'lift', climb);
  }),
];
