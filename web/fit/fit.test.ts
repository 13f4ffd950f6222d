import type { FitCurve } from '@prompt-spark/core/fit/search/fitCurve';
import { PLAIN_RECIPE, READINGS, type Reading } from '@prompt-spark/core/circuit/shortVersion';
import { fitCurve, stepAt } from '@prompt-spark/core/fit/search/fitCurve';
import { AS_PLANNED, slimPlan, type AgreedFit } from '@prompt-spark/core/fit/plan/plan';
import { circuitOf, repsOf, testLibrary, testSlot, timeOf } from '@prompt-spark/core/testing/drills';
import { fitOccasion } from '@prompt-spark/core/testing/fitCircuits';
import { describe, expect, it } from 'vitest';
import { firstBudget, hindranceWords, saved, shareWords } from '../late/fitWords.ts';
import { fitIn } from '../stage/fitInAddress.ts';
import { stageWith } from '../late/stageAddress.ts';
import { offersAt } from './offers.ts';
import { curveData, curveOptions, fitSpan } from './fitChart.ts';

const circuit = circuitOf([
  testSlot('Tall reach', repsOf(10), 'each', { id: 'reach' }),
  testSlot('Run', timeOf(60), 'both', { id: 'run' }),
]);
const occasion = { ...fitOccasion(), library: testLibrary };
const curve: FitCurve = fitCurve(circuit, occasion, PLAIN_RECIPE);
const ink = { ink: '#000', soft: '#111', line: '#222', curve: '#333', under: '#444', spark: '#555' };

describe('the curve', () => {
  it('runs from under the shortest plan to past the planned one, in half minutes', () => {
    const span = fitSpan(curve);
    expect(span.least).toBeLessThanOrEqual(curve.steps[0]?.seconds ?? 0);
    expect(span.most).toBeGreaterThan(curve.planned);
    expect([span.least % 30, span.most % 30]).toEqual([0, 0]);
  });

  it('has a step for every plan within it, in hundredths, and holds to its end', () => {
    const span = fitSpan(curve);
    const points = curveData(curve, span, ink).datasets[0]?.data ?? [];
    const shown = curve.steps.filter(({ seconds }) => seconds <= span.most);
    expect(points).toHaveLength(shown.length + 1);
    expect(points[0]).toEqual({ x: shown[0]?.seconds, y: 100 * (shown[0]?.share ?? 0) });
    expect(points.at(-1)).toEqual({ x: span.most, y: 100 * (shown.at(-1)?.share ?? 0) });
    expect(curveOptions(curve, span, ink).scales?.['x']?.max).toBe(span.most);
  });
});

describe('the ways to shorten it', () => {
  const curves = Object.fromEntries(
    READINGS.map((reading) => [reading, fitCurve(circuit, occasion, { ...PLAIN_RECIPE, reading })]),
  );
  const planned = curve.planned;
  const offered = (seconds: number, chosen: Reading = 'best') =>
    offersAt(curves, seconds, chosen, circuit).map(({ reading }) => reading);

  it('are offered where they differ, and the one that is chosen always', () => {
    expect(offered(planned)).toEqual(['best']);
    expect(offered(planned, 'drop')).toEqual(['best', 'drop']);
    for (let seconds = 30; seconds < planned; seconds += 5) {
      const plans = offered(seconds).map((reading) => JSON.stringify(stepAt(curves[reading] ?? curve, seconds)?.plan));
      expect(new Set(plans).size).toBe(plans.length);
    }
    expect(offered(planned - 20).length).toBeGreaterThan(1);
  });

  it('all stand there while they are worked out', () => {
    expect(offersAt({}, 60, 'best', circuit).map(({ reading }) => reading)).toEqual([...READINGS]);
  });
});

describe('in words', () => {
  it('seconds saved add up to the half second, and what takes longer says so', () => {
    expect([saved(26), saved(26.5), saved(-4), saved(0)]).toEqual(['0:26', '0:26½', '+0:04', '0:00']);
  });

  it('shares under one in a hundred are not told as nothing', () => {
    expect([shareWords(0.043), shareWords(0.004), shareWords(-0.02), shareWords(0)]).toEqual([
      '−4 %',
      '−0.4 %',
      '+2 %',
      '0 %',
    ]);
  });

  it('names what stands in the way', () => {
    expect(hindranceWords({ kind: 'pin', slotId: 'a', drill: 'Glute bridge', saves: 19 })).toBe(
      'Glute bridge, which is kept (0:19)',
    );
    expect(hindranceWords({ kind: 'part', phase: 'raise', saves: 0 })).toBe('Raise, an essential part');
  });

  it('begins with the minutes there are, else five, else two thirds', () => {
    expect([firstBudget(461, 360), firstBudget(461, 480), firstBudget(461, 0), firstBudget(150, 0)]).toEqual([
      360, 300, 300, 100,
    ]);
  });
});

describe('the address of a run', () => {
  const agreed: AgreedFit = {
    seconds: 100,
    plan: { ...AS_PLANNED, slots: { run: { kind: 'out' }, reach: { kind: 'kept', amount: 'half', sides: 'each' } } },
  };

  it('carries the plan that was agreed, and only what it changes', () => {
    const to = stageWith('one', 'two', { ...agreed, plan: slimPlan(agreed.plan, circuit) });
    const query = typeof to === 'object' ? to.query : undefined;
    expect(query?.['session']).toBe('two');
    expect(fitIn(query?.['fit'] as string)).toEqual(agreed);
    const same = { kind: 'kept', amount: 'full', sides: 'each' } as const;
    expect(slimPlan({ ...AS_PLANNED, slots: { reach: same } }, circuit)).toEqual(AS_PLANNED);
  });

  it('is run as planned where the plan cannot be read', () => {
    for (const broken of ['', 'no plan', '{"seconds":-1}', JSON.stringify({ ...agreed, seconds: 'soon' })]) {
      expect(fitIn(broken)).toBeNull();
    }
    expect(fitIn(undefined)).toBeNull();
  });
});
