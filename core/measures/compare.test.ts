import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testPerson } from '../testing/people.ts';
import { MEASURES, type Measure } from './measure.ts';
import { seriesOf, withMeasured, type Measured } from '../people/measured.ts';
import { changesSince, differenceIn, stifferSides } from './compare.ts';

const known = (id: string): Measure => MEASURES.find((one) => one.id === id) ?? expect.fail(`There is no ${id}.`);
const wall = known('knee-to-wall');
const reach = known('shoulder-reach');
const at = (measureId: string, day: string, left: number | null, right: number | null): Measured => ({
  id: `${measureId} ${day}`,
  measureId,
  day,
  left,
  right,
  once: null,
});

describe('the two sides of a measurement', () => {
  it('differ by so many units and per cent, and that is ordinary or not', () => {
    // By hand: 10 and 7 cm are 3 cm apart, three tenths of the larger; up to 1.5 cm is ordinary.
    expect(differenceIn(wall, { left: 7, right: 10 })).toEqual({
      worse: 'left',
      units: 3,
      percent: 30,
      ordinary: false,
      large: false,
    });
    expect(differenceIn(wall, { left: 10, right: 9 })).toMatchObject({ worse: 'right', ordinary: true });
    expect(differenceIn(wall, { left: 4, right: 10 })).toMatchObject({ large: true });
    expect(differenceIn(wall, { left: 9, right: 9 })).toBeUndefined();
    expect(differenceIn(wall, { left: null, right: 9 })).toBeUndefined();
  });

  it('are worse on the side that has more where less is better', () => {
    expect(differenceIn(reach, { left: 4, right: 16 })).toMatchObject({ worse: 'right', ordinary: false });
  });

  it('compare the other way round when left and right are changed, and never by more than all of it', () => {
    const amount = fc.integer({ min: 0, max: 200 });
    fc.assert(
      fc.property(fc.constantFrom(...MEASURES), amount, amount, (measure, left, right) => {
        const [one, other] = [
          differenceIn(measure, { left, right }),
          differenceIn(measure, { left: right, right: left }),
        ];
        expect(one && { ...one, worse: one.worse === 'left' ? 'right' : 'left' }).toEqual(other);
        expect(one?.percent ?? 0).toBeLessThanOrEqual(100);
      }),
    );
  });
});

describe('what changed since the time before', () => {
  it('is said only where it is more than the spread of measuring twice, and whether it got better', () => {
    const series = [at('knee-to-wall', '2026-10-01', 7, 10), at('knee-to-wall', '2026-11-01', 9.5, 9)];
    expect(changesSince(wall, series)).toEqual([{ of: 'left', by: 2.5 }]);
    const worse = [at('shoulder-reach', '2026-10-01', 4, 5), at('shoulder-reach', '2026-11-01', 9, 5)];
    expect(changesSince(reach, worse)).toEqual([{ of: 'left', by: -5 }]);
    expect(changesSince(wall, series.slice(0, 1))).toEqual([]);
  });
});

describe('the stiffer side', () => {
  it('follows from the last measurement of each measure, unless a coach said otherwise or two disagree', () => {
    const measured = [at('knee-to-wall', '2026-11-01', 7, 10), at('knee-to-wall', '2026-10-01', 10, 7)];
    expect(stifferSides(testPerson({ measured }))).toEqual({ ankle: 'left' });
    expect(stifferSides(testPerson({ measured, stiffer: { ankle: 'right', hip: 'left' } }))).toEqual({
      ankle: 'right',
      hip: 'left',
    });
    const disagree = [...measured, at('single-leg-heel-raises', '2026-11-02', 25, 12)];
    expect(stifferSides(testPerson({ measured: disagree }))).toEqual({});
    // A measure of the studio's own says it, too, where it is known.
    const own: Measure = { ...known('knee-to-wall'), id: 'own', name: 'Heel drop', region: 'hip' };
    const behind = testPerson({ measured: [at('own', '2026-11-01', 5, 10)] });
    expect(stifferSides(behind)).toEqual({});
    expect(stifferSides(behind, [...MEASURES, own])).toEqual({ hip: 'left' });
    expect(stifferSides(testPerson({ measured: [at('knee-to-wall', '2026-11-01', 9, 10)] }))).toEqual({});
  });
});

it('is kept once each, the last day first, and read in order of days', () => {
  const first = at('knee-to-wall', '2026-10-01', 7, 10);
  const second = at('knee-to-wall', '2026-11-01', 8, 10);
  const kept = withMeasured(withMeasured(withMeasured([], second), first), { ...first, left: 7.5 });
  expect(kept.map(({ day, left }) => [day, left])).toEqual([
    ['2026-11-01', 8],
    ['2026-10-01', 7.5],
  ]);
  expect(seriesOf(kept, 'knee-to-wall').map(({ day }) => day)).toEqual(['2026-10-01', '2026-11-01']);
});

it('has measures with steps, bounds that make sense, and a source', () => {
  expect(new Set(MEASURES.map(({ id }) => id)).size).toBe(MEASURES.length);
  for (const { least, most, how, source, sided, region } of MEASURES) {
    expect(least).toBeLessThan(most);
    expect(how.length).toBeGreaterThanOrEqual(3);
    expect(source).not.toBe('');
    if (!sided) expect(region).toBeNull();
  }
});

it('is told to coaches as it is, with its source', () => {
  const page = readFileSync(new URL('../../docs/measures.md', import.meta.url), 'utf8').replaceAll(/ +/g, ' ');
  for (const { name, source, noticeable, unit } of MEASURES) {
    expect(page).toContain(`| ${name} |`);
    expect(page).toContain(`${String(noticeable)} ${unit} | ${source} |`);
  }
});
