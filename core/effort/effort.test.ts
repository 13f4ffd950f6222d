import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { circuitOf, testLibrary, testSlot, timeOf } from '../testing/drills.ts';
import { occasionOf } from '../occasion/occasion.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import { effortOf, usualHeart } from './effortOf.ts';
import {
  highestPulse,
  highestPulseByTwoTwenty,
  pulseAfter,
  pulseAtReserve,
  steadyPulse,
  ZONES,
  zoneOf,
  type Heart,
} from './pulse.ts';

const heart: Heart = { rest: 60, highest: highestPulse(40), metMost: 10 };

describe('the highest pulse', () => {
  // Tanaka, Monahan & Seals, J Am Coll Cardiol 2001;37:153–156.
  it('is 208 less seven tenths of the age', () => {
    expect([20, 40, 70].map(highestPulse)).toEqual([194, 180, 159]);
  });

  it('crosses the older form at forty', () => {
    expect(highestPulseByTwoTwenty(40)).toBe(highestPulse(40));
    expect(highestPulseByTwoTwenty(20)).toBeGreaterThan(highestPulse(20));
    expect(highestPulseByTwoTwenty(60)).toBeLessThan(highestPulse(60));
  });
});

describe('zones', () => {
  // ACSM: light 30–39 %, moderate 40–59 %, vigorous 60–89 % of the heart-rate reserve; Karvonen 1957.
  it.each([
    [0.2, undefined],
    [0.3, 'light'],
    [0.39, 'light'],
    [0.4, 'moderate'],
    [0.59, 'moderate'],
    [0.6, 'vigorous'],
    [0.89, 'vigorous'],
    [0.95, undefined],
  ])('put %d of the reserve in %s', (share, zone) => {
    expect(zoneOf(pulseAtReserve(share + 1e-9, 60, 180), 60, 180)).toBe(zone);
  });

  it('meet without a gap', () => {
    expect(ZONES.light[1]).toBe(ZONES.moderate[0]);
    expect(ZONES.moderate[1]).toBe(ZONES.vigorous[0]);
    expect(pulseAtReserve(0.5, 60, 180)).toBe(120);
  });
});

describe('the pulse', () => {
  it('of the model’s example: age 40, rest 60, 4 MET for a minute, reaches 89.5 of a steady 100', () => {
    expect(steadyPulse(4, heart)).toBeCloseTo(100, 9);
    expect(pulseAfter(60, 4, 60, heart)).toBeCloseTo(89.5, 1);
  });

  it('comes to the same whether a stretch is taken whole or in pieces', () => {
    const cost = fc.double({ min: 1, max: 12, noNaN: true });
    const time = fc.double({ min: 0, max: 300, noNaN: true });
    fc.assert(
      fc.property(fc.double({ min: 60, max: 180, noNaN: true }), cost, time, time, (from, met, one, other) => {
        const whole = pulseAfter(from, met, one + other, heart);
        expect(pulseAfter(pulseAfter(from, met, one, heart), met, other, heart)).toBeCloseTo(whole, 6);
      }),
    );
  });

  it('never leaves the range from rest to highest', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.double({ min: 1, max: 20, noNaN: true }), fc.integer({ min: 1, max: 200 }))),
        (stretches) => {
          let pulse = heart.rest;
          for (const [met, seconds] of stretches) {
            pulse = pulseAfter(pulse, met, seconds, heart);
            expect(pulse).toBeGreaterThanOrEqual(heart.rest - 1e-9);
            expect(pulse).toBeLessThanOrEqual(heart.highest + 1e-9);
          }
        },
      ),
    );
  });
});

describe('effort along a circuit', () => {
  const circuit = circuitOf([testSlot('Tall reach', timeOf(60)), testSlot('Deep sit', timeOf(60))]);
  const timeline = timeCircuit(circuit, occasionOf({ library: testLibrary }));
  const curve = effortOf(timeline, [60, 25]);

  it('follows the timeline from its first second to its last', () => {
    expect(curve.points[0]?.at).toBe(0);
    expect(curve.points.at(-1)?.at).toBe(timeline.total.plan);
    const times = curve.points.map(({ at }) => at);
    expect(times).toEqual(times.toSorted((one, other) => one - other));
  });

  it('starts at rest, and rises less for the eldest than for the youngest', () => {
    expect(curve.points[0]?.pulse).toEqual([65, 65]);
    const [eldest, youngest] = curve.points.at(-1)?.pulse ?? [0, 0];
    expect(eldest).toBeGreaterThan(66);
    expect(youngest).toBeGreaterThan(eldest);
    expect(curve.hearts[0]).toEqual(usualHeart(60));
  });
});
