import type { Circuit } from '../circuit/circuit.ts';
import { PLAIN_RECIPE, type FitRecipe } from '../circuit/shortVersion.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import type { Timeline } from '../timeline/timeline.ts';
import type { Seconds } from '../units.ts';
import { builtCircuit } from './plan/build.ts';
import { choicesOf } from './search/choices.ts';
import { fitCurve, stepAt, type CurveStep, type FitCurve } from './search/fitCurve.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { keptIn, type Kept } from './outcome/kept.ts';
import { movesOf, type Move } from './outcome/moves.ts';
import type { Plan } from './plan/plan.ts';
import { inTheWay, type Hindrance } from './search/shortest.ts';

/** A circuit fitted to a number of seconds. */
export interface Fitted {
  readonly kind: 'fitted';
  readonly circuit: Circuit;
  readonly timeline: Timeline;
  readonly plan: Plan;
  /** Of the planned circuit's worth. */
  readonly share: number;
  /** How far the share may be below the best; 0 where it is the best. */
  readonly within: number;
  /** The least harmful first. */
  readonly moves: readonly Move[];
  /** What each essential part still has, and what else was held to. */
  readonly kept: readonly Kept[];
}

/** Nothing in the choice set is as short. */
export interface TooShort {
  readonly kind: 'too short';
  readonly shortest: Seconds;
  /** The pins and parts that hold it up, the greatest first, two at most. */
  readonly inTheWay: readonly Hindrance[];
}

/** Fits a circuit to a number of seconds: the best plan no longer than that, with its reasons. */
export function fitCircuit(
  circuit: Circuit,
  occasion: Occasion,
  seconds: Seconds,
  recipe: FitRecipe = PLAIN_RECIPE,
): Fitted | TooShort {
  return fittedTo(circuit, occasion, seconds, recipe, fitCurve(circuit, occasion, recipe));
}

/** The same, read off a curve that has been worked out already. */
export function fittedTo(
  circuit: Circuit,
  occasion: Occasion,
  seconds: Seconds,
  recipe: FitRecipe,
  curve: FitCurve,
): Fitted | TooShort {
  const step = stepAt(curve, seconds);
  if (step) return fittedBy(circuit, occasion, seconds, recipe, step);
  const shortest = curve.steps[0]?.seconds ?? 0;
  return { kind: 'too short', shortest, inTheWay: inTheWay(circuit, occasion, recipe) };
}

/** A circuit fitted by one step of its curve. */
export function fittedBy(
  circuit: Circuit,
  occasion: Occasion,
  seconds: Seconds,
  recipe: FitRecipe,
  { plan, share, within, seconds: length }: CurveStep,
): Fitted {
  const planned = timeCircuit(circuit, occasion).total.plan;
  const set = choicesOf(circuit, occasion, recipe, length > planned ? 'longer' : 'shorter');
  const built = builtCircuit(circuit, plan, occasion, seconds);
  const timeline = timeCircuit(built, occasion);
  return {
    kind: 'fitted',
    circuit: built,
    timeline,
    plan,
    share,
    within,
    moves: movesOf(plan, set),
    kept: keptIn(built, timeline, occasion, recipe),
  };
}
