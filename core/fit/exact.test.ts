import fc from 'fast-check';
import { afterAll, describe, expect, it } from 'vitest';
import type { Circuit } from '../circuit/circuit.ts';
import { MOVE_KINDS, type FitRecipe, type MoveKind } from '../circuit/shortVersion.ts';
import { anyApproach, anyFitCircuit, fitDrills, fitOccasion } from '../testing/fitCircuits.ts';
import { LONG, often } from '../testing/often.ts';
import { Referee } from '../testing/referee.ts';
import { everyPlan } from '../testing/everyPlan.ts';
import type { ChoiceSet } from './search/choice.ts';
import { choiceSetsOf, choicesOf } from './search/choices.ts';
import { USUAL_PACE, type Habits, type Occasion } from '../occasion/occasion.ts';
import { fitCurve, stepAt, type FitCurve } from './search/fitCurve.ts';
import { changesOf } from './outcome/moves.ts';
import { AS_PLANNED } from './plan/plan.ts';
import { planValue } from './search/value.ts';

const anyRecipe: fc.Arbitrary<FitRecipe> = fc.record({
  reading: fc.constantFrom('best' as const, 'best' as const, 'shorten' as const, 'drop' as const),
  emphasis: fc.constantFrom('general' as const, 'sore' as const, 'athletic' as const),
  refused: fc.constant([]),
});

/** A coach at the usual pace, or one who talks long, moves people quickly and lets them rest. */
const anyHabits: fc.Arbitrary<Habits> = fc.constantFrom(USUAL_PACE, USUAL_PACE, {
  move: 0.8,
  talk: 1.6,
  switch: 1.2,
  rest: 1.35,
  drills: { [fitDrills[0]?.id ?? '']: 2 },
});

/** Five budgets: under the shortest plan, the shortest, two between, and more than planned. */
function budgets({ steps, planned }: FitCurve): readonly number[] {
  const shortest = steps[0]?.seconds ?? 0;
  const between = (share: number) => Math.round(shortest + share * (planned - shortest));
  return [shortest - 0.5, shortest, between(0.35), between(0.7), Math.round(planned * 1.15)];
}

function setFor(circuit: Circuit, occasion: Occasion, recipe: FitRecipe): ChoiceSet {
  return choicesOf(circuit, occasion, recipe, 'shorter');
}

/** Three rounds only now and then: the programs grow with them. */
const anyLargeCircuit = fc.oneof(
  { weight: 9, arbitrary: anyFitCircuit(5, 14, 2) },
  { weight: 1, arbitrary: anyFitCircuit(5, 8, 3) },
);

describe('the fit is exact', () => {
  const referee = new Referee();
  afterAll(() => referee.close());

  it('equal to trying every plan, on 100 random circuits of 2 to 4 slots at four budgets', () => {
    let tried = 0;
    fc.assert(
      fc.property(anyFitCircuit(2, 4, 2), anyApproach, anyRecipe, anyHabits, (circuit, approach, recipe, habits) => {
        const occasion = { ...fitOccasion(approach), habits };
        const plans = everyPlan(circuit, occasion, recipe, 4000);
        fc.pre(plans !== undefined);
        const curve = fitCurve(circuit, occasion, recipe);
        const set = setFor(circuit, occasion, recipe);
        const whole = planValue(AS_PLANNED, set);
        for (const seconds of budgets(curve).slice(0, 4)) {
          const best = Math.max(-1, ...plans.filter((plan) => plan.seconds <= seconds).map(({ value }) => value));
          const step = stepAt(curve, seconds);
          expect(step ? Math.round(step.share * whole) : -1).toBe(best);
        }
        tried += 1;
      }),
      { numRuns: 100 },
    );
    expect(tried).toBe(100);
  });

  it('equal to an integer program solved by highs, on random circuits of 5 to 14 slots at five budgets', async () => {
    const circuits = often(40, 400);
    const kinds = new Set<MoveKind>();
    let compared = 0;
    await fc.assert(
      fc.asyncProperty(
        anyLargeCircuit,
        anyApproach,
        anyRecipe,
        anyHabits,
        async (circuit, approach, recipe, habits) => {
          const occasion = { ...fitOccasion(approach), habits };
          const curve = fitCurve(circuit, occasion, recipe);
          const whole = planValue(AS_PLANNED, setFor(circuit, occasion, recipe));
          for (const seconds of budgets(curve)) {
            const direction = seconds > curve.planned ? 'longer' : 'shorter';
            const verdict = await referee.best(choiceSetsOf(circuit, occasion, recipe, direction), seconds);
            if (verdict.kind === 'no answer') continue;
            const step = stepAt(curve, seconds);
            if (verdict.kind === 'nothing fits') expect(step).toBeUndefined();
            else expect(Math.abs((step?.share ?? 0) * whole - verdict.worth)).toBeLessThan(1);
            if (step) for (const { key } of changesOf(step.plan, circuit)) kinds.add(key.kind);
            compared += 1;
          }
        },
      ),
      { numRuns: circuits },
    );
    expect(compared).toBeGreaterThanOrEqual(circuits * 5 * 0.99);
    // The best plans made use of every kind of choice.
    if (LONG) expect([...kinds].toSorted()).toEqual([...MOVE_KINDS].toSorted());
    else expect(kinds.size).toBeGreaterThan(MOVE_KINDS.length / 2);
  }, 1_200_000);
});
