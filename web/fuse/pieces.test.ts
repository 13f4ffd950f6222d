import { TEST_FLOOR } from '@prompt-spark/core/testing/places';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { testLibrary } from '@prompt-spark/core/testing/drills';
import { describe, expect, it } from 'vitest';
import { clock, countdown, timeOfDay } from '../wording/clock.ts';
import { doseWords } from '../wording/doseWords.ts';
import { fuseShape } from './fuseShape.ts';
import { verdictOn } from './verdict.ts';

describe('a clock', () => {
  it.each([
    [0, '0:00'],
    [40, '0:40'],
    [59.5, '1:00'],
    [465, '7:45'],
    [3600, '1:00:00'],
  ])('shows %d s as %s', (seconds, shown) => expect(clock(seconds)).toBe(shown));

  it('counts down by the second that is running out, so that 0 is never worked through', () => {
    expect([3, 2.99, 2.01, 2, 0.2, 0].map(countdown)).toEqual(['3', '3', '3', '2', '1', '0']);
  });

  it('shows the wall clock at the site', () => {
    expect(timeOfDay('2026-07-01T05:15:00Z', 'Europe/London')).toBe('6:15');
    expect(timeOfDay('2026-12-01T18:30:00Z', 'Europe/London')).toBe('18:30');
  });
});

describe('a verdict', () => {
  it.each([
    [461, 480, 'fits', '0:19 to spare'],
    [375, 360, 'over', '0:15 over'],
    [360, 360, 'fits', 'On the dot'],
    [360, 0, 'open', 'No time set'],
  ])('on %d s in %d s is %s: %s', (planned, available, kind, words) => {
    expect(verdictOn(planned, available)).toEqual({ kind, words });
  });
});

describe('the fuse', () => {
  const text = 'raise\n tall reach 30s\nmobilise 2 rounds rest 10s\n deep sit 20s\n all-fours sway 20s rest 5s';
  const timeline = timeCircuit(readWhiteboard(text, testLibrary).circuit, occasionOf({ library: testLibrary }));
  const shape = fuseShape(timeline, 800, timeline.total.plan);

  it('is as long as the time, with no stretch past its end', () => {
    const ends = shape.stretches.map(({ x, width }) => x + width);
    expect(Math.max(...ends)).toBeCloseTo(800);
    expect(shape.stretches.every(({ x, width }) => x >= 0 && width >= 0)).toBe(true);
  });

  it('leaves a gap with its name at a block and a knot at a round', () => {
    expect(shape.blocks.map(({ label }) => label)).toEqual(['Raise', 'Mobilise ×2']);
    expect(shape.knots).toHaveLength(1);
  });

  it('draws only work thick', () => {
    expect(new Set(shape.stretches.map(({ segment, effort }) => `${segment.kind} ${String(effort)}`))).toEqual(
      new Set(['ready null', 'work 3', 'rest null']),
    );
  });

  it('leaves a name out where it would run into the next', () => {
    expect(fuseShape(timeline, 90, timeline.total.plan).blocks[0]?.label).toBe('');
  });
});

describe('a dose in words', () => {
  it.each([
    ['tall reach 4/side alt', '4 a side, alternating · 8 total · 3 s each'],
    ['rope turn 60s rest 10s', '60 s · rest 10 s · rope'],
    ['floor bridge 8 @2-1-2', '8 · tempo 2-1-2'],
    ['loop step 8-12/way', '8–12 each way · 16–24 total · 3 s each · loop band'],
    ['tall reach 3x8', '3 sets of 8 · 3 s each'],
    ['tall reach 4-5x5s x4pos/side', '4–5 × 5 s held in 4 positions a side · 8–10 total'],
    ['tall reach feel 20-40s', '20–40 s by feel'],
    ['tall reach 30s alt', '30 s, alternating'],
  ])('%s is “%s”', (line, words) => {
    const [slot] = readWhiteboard(line, testLibrary).circuit.blocks[0]?.lines ?? [];
    if (slot?.kind !== 'slot') throw new Error('The line was not read.');
    const drill = testLibrary.byId.get(slot.drillId);
    expect(drill && doseWords(slot, drill, TEST_FLOOR)).toBe(words);
  });
});
