import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import { READINGS, type Reading } from '@prompt-spark/core/circuit/shortVersion';
import { slimPlan } from '@prompt-spark/core/fit/plan/plan';
import { stepAt, type FitCurve } from '@prompt-spark/core/fit/search/fitCurve';
import type { Seconds } from '@prompt-spark/core/units';

export type Curves = Readonly<Partial<Record<Reading, FitCurve>>>;

/** A way to shorten that is offered. */
export interface Offer {
  readonly reading: Reading;
  /** 0–1, of what the circuit is worth as planned; undefined until it is known, or where it cannot be as short. */
  readonly share: number | undefined;
}

/**
 * The ways to shorten a circuit that lead to plans of their own. One that comes to the same as another, or cannot be as
 * short, is left out, unless it is the one that is chosen.
 */
export function offersAt(curves: Curves, seconds: Seconds, chosen: Reading, circuit: Circuit): readonly Offer[] {
  const plans = new Set<string>();
  return READINGS.flatMap((reading): readonly Offer[] => {
    const curve = curves[reading];
    if (!curve) return [{ reading, share: undefined }];
    const step = stepAt(curve, seconds);
    const plan = step && JSON.stringify(slimPlan(step.plan, circuit));
    const own = plan !== undefined && !plans.has(plan);
    if (own) plans.add(plan);
    return own || reading === chosen ? [{ reading, share: step?.share }] : [];
  });
}
