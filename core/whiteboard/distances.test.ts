import { describe, expect, it } from 'vitest';
import type { Slot } from '../circuit/circuit.ts';
import { testLibrary } from '../testing/drills.ts';
import { readLine, readPlainLine } from './lineReader.ts';
import { writeLine } from './writeWhiteboard.ts';

const slotOf = (words: string): Slot => {
  const read = readLine(`tall reach ${words}`, testLibrary, 'a');
  if (read.kind !== 'slot') throw new Error(JSON.stringify(read));
  return read.slot;
};
const expectedAt = (words: string) => {
  const read = readPlainLine(`tall reach ${words}`, testLibrary, 'a');
  return read.kind === 'problem' ? read.problem.expected : 'it was read';
};

describe('a distance on the whiteboard', () => {
  it.each([
    ['10 m x4 @2m/s', '10m x4'],
    ['10m x4', '10m x4'],
    ['10 yards x 2-4 @1.2 m/s step 6 in', '10yd x2-4 @1.2m/s step 6in'],
    ['2 lengths', '2 lengths'],
    ['1 lap/side', '1 lap/side'],
    ['3 lengths 50/75/100%', '3 lengths 50/75/100%'],
    ['100 ft @6 mph', '100ft @6mph'],
    ['2 sets 20 metres x2 alt', '2 sets 20m x2 alt'],
  ])('reads "%s" and writes it as "%s"', (typed, written) => {
    const slot = slotOf(typed);
    expect(writeLine(slot, testLibrary)).toBe(`tall reach ${written}`);
    expect(slotOf(written)).toEqual(slot);
  });

  it('keeps minutes and metres apart', () => {
    expect(slotOf('10 min').dose.kind).toBe('time');
    expect(slotOf('10 m').dose.kind).toBe('distance');
    expect(slotOf('1-3min').dose).toEqual({ kind: 'time', seconds: { low: 60, high: 180 } });
  });

  it.each([
    ['30s @2m/s', 'a distance'],
    ['10m @0m/s', 'a speed up to'],
    ['9999m', 'a length up to'],
    ['10m 200%', 'percentages from 1'],
    ['10m/side alt', 'alternates as one total'],
    ['8 50%', 'a distance'],
  ])('says of "%s" that it expected %s', (typed, expected) => {
    expect(expectedAt(typed)).toContain(expected);
  });
});

describe('a ramp on the whiteboard', () => {
  it.each([
    ['ramp 0.5>2.5 mph at 10% 5x60s', 'ramp 0.5>2.5 mph at 10% 5x60s'],
    ['ramp effort 3 > 6 4x1min', 'ramp effort 3>6 4x60s'],
    ['ramp 4>8km/h 3x40-60s', 'ramp 4>8 km/h 3x40-60s'],
  ])('reads "%s" and writes it as "%s"', (typed, written) => {
    expect(writeLine(slotOf(typed), testLibrary)).toBe(`tall reach ${written}`);
  });

  it('says what one looks like where it is not whole', () => {
    expect(expectedAt('ramp 3>6 4x60s')).toContain('a ramp such as');
    expect(expectedAt('ramp effort 3>16 4x60s')).toContain('up to 10');
    expect(expectedAt('ramp 3>6 mph at 90% 4x60s')).toContain('no more than 40%');
    expect(expectedAt('ramp effort 3>6 at 5% 4x60s')).toContain('an effort without a grade');
  });
});

describe('more on one side', () => {
  it.each([
    ['8/side left +4', '8/side left +4'],
    ['8 right + 2', '8/side right +2'],
    ['30s/side left +10', '30s/side left +10'],
    ['6/side alt right +2', '6/side alt right +2'],
  ])('reads "%s" and writes it as "%s"', (typed, written) => {
    expect(writeLine(slotOf(typed), testLibrary)).toBe(`tall reach ${written}`);
  });

  it('wants sides to have more on one of them', () => {
    expect(expectedAt('8 both left +4')).toContain('sides');
    expect(expectedAt('ramp effort 3>6 4x60s/side left +2')).toContain('other than a ramp');
  });
});
