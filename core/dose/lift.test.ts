import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LOAD_UNITS, liftSets, plateLoad, rampUp, USUAL_PLATES, USUAL_RAMP_UP, type LiftDose } from './lift.ts';

const squat: LiftDose = { kind: 'lift', load: 100, unit: 'kg', reps: 5, steps: rampUp(5) };

describe('ramp-up sets', () => {
  // Common practice, no source: 40, 55, 70 and 85 % of 100 kg with 1.25 kg plates.
  it('climb to the working set in loads that plates can make', () => {
    expect(liftSets(squat)).toEqual([
      { load: 40, reps: 5 },
      { load: 55, reps: 5 },
      { load: 70, reps: 3 },
      { load: 85, reps: 2 },
    ]);
  });

  it('round to the plates of the site', () => {
    const coarse = { unit: 'kg', bar: 20, smallest: 5 } as const;
    expect(liftSets(squat, coarse).map(({ load }) => load)).toEqual([40, 60, 70, 90]);
  });

  it('use pounds where the lift is in pounds, whatever the site counts in', () => {
    const pounds: LiftDose = { ...squat, load: 225, unit: 'lb' };
    expect(liftSets(pounds, USUAL_PLATES.kg).map(({ load }) => load)).toEqual([90, 125, 160, 190]);
  });

  it('never have more repetitions than the working set', () => {
    expect(rampUp(3).map(({ reps }) => reps)).toEqual([3, 3, 3, 2]);
    expect(rampUp(12)).toEqual(USUAL_RAMP_UP);
  });

  it('start with the empty bar where a share is less', () => {
    expect(plateLoad(12, USUAL_PLATES.kg)).toBe(20);
  });

  it('are within half a pair of plates of the share asked for, from the bar up', () => {
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 400 }), fc.constantFrom(...LOAD_UNITS), (load, unit) => {
        const plates = USUAL_PLATES[unit];
        if (load < plates.bar) return;
        expect(Math.abs(plateLoad(load, plates) - load)).toBeLessThanOrEqual(plates.smallest);
      }),
    );
  });
});
