import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { metabolicEquivalent, mph, oxygenUptake } from './metabolicEquations.ts';

describe('the metabolic equations', () => {
  it('give what model.md works out for walking up 10 %', () => {
    expect(mph(1)).toBeCloseTo(26.8224, 4);
    expect(oxygenUptake('walking', mph(0.5), 0.1)).toBeCloseTo(7.26, 2);
    expect(metabolicEquivalent('walking', mph(0.5), 0.1)).toBeCloseTo(2.07, 2);
    expect(oxygenUptake('walking', mph(2.5), 0.1)).toBeCloseTo(22.28, 2);
    expect(metabolicEquivalent('walking', mph(2.5), 0.1)).toBeCloseTo(6.36, 2);
  });

  it('give the handbook example of running on the level: 6 mph costs 35.7 mL/kg/min, 10.2 MET', () => {
    // ACSM's Guidelines for Exercise Testing and Prescription, worked example; from memory.
    expect(oxygenUptake('running', mph(6))).toBeCloseTo(35.69, 2);
    expect(metabolicEquivalent('running', mph(6))).toBeCloseTo(10.2, 1);
  });

  it('cost one MET at a standstill, and never less for more speed or rise', () => {
    const gait = fc.constantFrom('walking' as const, 'running' as const);
    const speed = fc.double({ min: 0, max: 400, noNaN: true });
    const grade = fc.double({ min: 0, max: 0.2, noNaN: true });
    fc.assert(
      fc.property(gait, speed, speed, grade, grade, (how, slow, more, level, rise) => {
        expect(metabolicEquivalent(how, 0, rise)).toBe(1);
        const one = metabolicEquivalent(how, slow, level);
        expect(metabolicEquivalent(how, slow + more, level)).toBeGreaterThanOrEqual(one);
        expect(metabolicEquivalent(how, slow, level + rise)).toBeGreaterThanOrEqual(one);
      }),
    );
  });
});
