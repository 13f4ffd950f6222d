import { catalogue } from '@prompt-spark/catalogue';
import { approachOf } from '@prompt-spark/core/approach/approaches';
import { PLAIN_RECIPE } from '@prompt-spark/core/circuit/shortVersion';
import { mainSessionOf } from '@prompt-spark/core/approach/meantSession';
import { coverageOf } from '@prompt-spark/core/coverage/coverageOf';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { builtCircuit } from '@prompt-spark/core/fit/plan/build';
import { choiceSetsOf, choicesOf } from '@prompt-spark/core/fit/search/choices';
import { fitCurve, stepAt } from '@prompt-spark/core/fit/search/fitCurve';
import { AS_PLANNED } from '@prompt-spark/core/fit/plan/plan';
import { refitRun } from '@prompt-spark/core/fit/refitRun';
import { planValue } from '@prompt-spark/core/fit/search/value';
import { reviewCircuit } from '@prompt-spark/core/review/reviewCircuit';
import { siteFrom } from '@prompt-spark/core/occasion/site';
import { Referee } from '@prompt-spark/core/testing/referee';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { afterAll, describe, expect, it } from 'vitest';
import { circuits, sites, type CircuitKey } from './saltmere.ts';

const library = libraryOf(catalogue);

const keys = Object.keys(circuits) as CircuitKey[];

function demoCircuit(key: CircuitKey) {
  const { circuit, problems } = readWhiteboard(circuits[key].text, library);
  const site = sites.find(({ name }) => name === circuits[key].site);
  if (!site || problems.length > 0) throw new Error('The demo circuit cannot be read.');
  const occasion = occasionOf({
    library,
    site: siteFrom(site),
    approach: approachOf(circuit.approach),
    session: mainSessionOf(circuit.purpose),
  });
  return { circuit, occasion };
}

describe.each(keys)('the demo circuit %s', (key) => {
  const { circuit, occasion } = demoCircuit(key);

  it('is what a good coach would write', () => {
    expect(coverageOf(circuit, occasion, occasion.session).whole).toBeGreaterThanOrEqual(0.8);
    const grave = reviewCircuit(circuit, occasion).filter(({ severity }) => severity !== 'note');
    // One asks for more mats than the hall has, to show what is said of it.
    expect(grave.map(({ rule }) => rule)).toEqual(key === 'squats' ? ['too-few-things'] : []);
  });

  const referee = new Referee();
  afterAll(() => referee.close());

  it('is fitted exactly at every half minute: as an integer program solved by highs', async () => {
    const curve = fitCurve(circuit, occasion);
    const set = choicesOf(circuit, occasion, PLAIN_RECIPE, 'shorter');
    const sets = choiceSetsOf(circuit, occasion, PLAIN_RECIPE, 'shorter');
    const whole = planValue(AS_PLANNED, set);
    let compared = 0;
    for (let seconds = 30; seconds <= curve.planned; seconds += 30) {
      const verdict = await referee.best(sets, seconds);
      const step = stepAt(curve, seconds);
      if (!step) expect(verdict).toEqual({ kind: 'nothing fits' });
      else {
        expect(verdict.kind === 'best' && Math.abs(step.share * whole - verdict.worth)).toBeLessThan(1);
        const { total } = timeCircuit(builtCircuit(circuit, step.plan, occasion), occasion);
        expect(total.plan).toBeLessThanOrEqual(seconds);
      }
      compared += 1;
    }
    expect(compared).toBe(Math.floor(curve.planned / 30));
  }, 300_000);
});

describe('a run of a demo circuit that is late', () => {
  it('ends within two seconds of when it is asked to, eight times in nine, and never after it', () => {
    let [asked, near] = [0, 0];
    for (const key of keys) {
      const { circuit, occasion } = demoCircuit(key);
      const { segments, total } = timeCircuit(circuit, occasion);
      for (let position = 5; position < total.plan - 60; position += 37) {
        for (const share of [0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9]) {
          const left = Math.round((total.plan - position) * share);
          const { segments: next, inTime } = refitRun(circuit, segments, position, left, occasion, PLAIN_RECIPE);
          if (!inTime) continue;
          const early = position + left - (next.at(-1)?.end ?? 0);
          expect(early).toBeGreaterThanOrEqual(0);
          asked += 1;
          if (early <= 2) near += 1;
        }
      }
    }
    expect(asked).toBeGreaterThan(250);
    expect(near / asked).toBeGreaterThan(8 / 9);
  });
});
