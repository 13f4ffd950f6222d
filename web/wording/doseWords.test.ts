import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anySlot } from '@prompt-spark/core/testing/arbitrary';
import type { Plates } from '@prompt-spark/core/dose/lift';
import { testLibrary } from '@prompt-spark/core/testing/drills';
import { TEST_FLOOR } from '@prompt-spark/core/testing/places';
import { readLine } from '@prompt-spark/core/whiteboard/lineReader';
import { rangeWords } from '@prompt-spark/core/rangeWords';
import { amountWords, doseWords } from './doseWords.ts';

/** What a whiteboard line's dose is called. */
function said(line: string, floor = TEST_FLOOR, plates?: Plates): string {
  const read = readLine(line, testLibrary, 'one');
  const drill = read.kind === 'slot' ? testLibrary.byId.get(read.slot.drillId) : undefined;
  if (read.kind !== 'slot' || !drill) throw new Error(`“${line}” is no slot.`);
  return doseWords(read.slot, drill, floor, plates);
}

describe('a dose in words', () => {
  it.each([
    ['deep sit 30s', '30 s'],
    ['deep sit 20-40s', '20–40 s'],
    ['deep sit 1:30', '90 s'],
    ['deep sit feel 20-40s', '20–40 s by feel'],
    ['deep sit 8 @3s', '8 · 3 s each'],
    ['deep sit 8-10 @2-1-2', '8–10 · tempo 2-1-2'],
    ['deep sit 3x8 @3s', '3 sets of 8 · 3 s each'],
    ['deep sit 5x5s', '5 × 5 s held'],
    ['deep sit 4-5x3-5s x4pos', '4–5 × 3–5 s held in 4 positions'],
    ['run 10m', '10 m · 2 m/s'],
    ['run 10 yd x4 @6mph', '4 × 10 yd · 6 mph'],
    ['run 1 lap', '1 lap · 2 m/s'],
    ['run 3-4 lengths 50/75/100%', '3–4 lengths at 50, 75, 100 % · 2 m/s'],
    ['run 10yd step 6 in', '10 yd, 60 steps a length · 0.05 m/s'],
    ['run ramp 0.5>2.5 mph at 10% 5x60s', '5 × 60 s, 0.5 → 1 → 1.5 → 2 → 2.5 mph at 10 %'],
    ['run ramp effort 3>6 4x30-60s', '4 × 30–60 s, effort 3 → 4 → 5 → 6'],
    ['run ramp 1>9 km/h 9x20s', '9 × 20 s, 1 → 9 km/h'],
    ['deep sit lift 100kg x5 50%x5 80%x2', '50 × 5, 80 × 2 on the way to 100 kg × 5'],
  ])('%s is told as “%s”', (line, words) => expect(said(line)).toBe(words));

  it.each([
    ['tall reach 8/side @3s', '8 a side · 16 total · 3 s each'],
    ['tall reach 8/side alt @3s', '8 a side, alternating · 16 total · 3 s each'],
    ['tall reach 30s alt', '30 s, alternating'],
    ['tall reach 30s/side', '30 s a side · 60 s total'],
    ['loop step 8/way @2s', '8 each way · 16 total · 2 s each · loop band'],
    ['tall reach 8/side left +2 @3s', '8 a side · 18 total · 2 more on the left · 3 s each'],
  ])('%s says how the sides are taken', (line, words) => expect(said(line)).toBe(words));

  it('names rest, and the kit that is picked up but not what stands there', () => {
    expect(said('rope turn 60s rest 10s')).toBe('60 s · rest 10 s · rope');
    expect(said('floor bridge 10 @3s')).not.toContain('mat');
  });

  it('rounds loads to the plates there are, and counts steps over the lane there is', () => {
    expect(said('deep sit lift 60kg x5 55%x5', TEST_FLOOR, { bar: 20, smallest: 5, unit: 'kg' })).toContain('30 × 5');
    expect(said('run 2 lengths step 0.5m', { laneMetres: 15, lapMetres: 0, waves: 1 })).toContain('30 steps a length');
  });

  it('is a range only where it is one', () => {
    expect([rangeWords({ low: 8, high: 8 }), rangeWords({ low: 8, high: 10 })]).toEqual(['8', '8–10']);
  });

  it('says something of every dose, and nothing that is no word', () => {
    fc.assert(
      fc.property(anySlot('one'), (slot) => {
        const drill = testLibrary.byId.get(slot.drillId);
        if (!drill) throw new Error('The drill is not in the library.');
        const words = doseWords(slot, drill, TEST_FLOOR);
        expect(words).not.toMatch(/undefined|NaN|null|Infinity|\[object|· ·|\d\.\d{4}/);
        expect(words.startsWith(amountWords(slot, drill, TEST_FLOOR))).toBe(true);
        expect(amountWords(slot, drill, TEST_FLOOR)).toMatch(/\d/);
      }),
      { numRuns: 500 },
    );
  });
});
