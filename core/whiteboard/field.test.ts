import { describe, expect, it } from 'vitest';
import { readCount, readDuration } from './amount.ts';
import { readPercents, readStep } from './distanceReader.ts';
import { readTagField } from './headingReader.ts';
import { readLiftSteps } from './liftReader.ts';
import { readTempo } from './tempo.ts';

describe('a field for a count', () => {
  it.each([
    ['8', 8, 8],
    ['8-10', 8, 10],
    ['8–10', 8, 10],
    [' 12 ', 12, 12],
  ])('reads "%s"', (text, low, high) =>
    expect(readCount(text, { least: 1 })).toEqual({ ok: true, value: { low, high } }),
  );

  it.each(['', 'ten', '10-8', '0', '8.5', '1000', '8 9'])('says what it expected of "%s"', (text) => {
    expect(readCount(text, { least: 1 })).toMatchObject({ ok: false, expected: expect.stringContaining('Expected') });
  });

  it('takes none for an answer only where none will do, and no more than the most', () => {
    expect(readCount('0', { least: 0 })).toEqual({ ok: true, value: { low: 0, high: 0 } });
    expect(readCount('51', { least: 1, most: 50 }).ok).toBe(false);
  });
});

describe('a field for a time', () => {
  it.each([
    ['40', 40, 40],
    ['40s', 40, 40],
    ['20-40', 20, 40],
    ['20–40 s', 20, 40],
    ['1:30', 90, 90],
    ['1-3min', 60, 180],
    ['2.5', 2.5, 2.5],
  ])('reads "%s"', (text, low, high) => {
    expect(readDuration(text, { least: 0.5 })).toEqual({ ok: true, value: { low, high } });
  });

  it.each(['', 'soon', '1:75', '40-20', '0.3', '8000'])('says what it expected of "%s"', (text) => {
    expect(readDuration(text, { least: 0.5 }).ok).toBe(false);
  });

  it('takes no time at all only where that will do', () => {
    expect(readDuration('0', { least: 0 })).toEqual({ ok: true, value: { low: 0, high: 0 } });
    expect(readDuration('0', { least: 0.5 }).ok).toBe(false);
  });
});

describe('a field for a tempo', () => {
  it.each([
    ['3s', { kind: 'even', seconds: 3 }],
    ['1.5', { kind: 'even', seconds: 1.5 }],
    ['2-1-2', { kind: 'phased', lower: 2, hold: 1, lift: 2 }],
  ])('reads "%s"', (text, tempo) => expect(readTempo(text)).toEqual({ ok: true, value: tempo }));

  it.each(['', 'slow', '0', '2-1', '90', '1.3'])('refuses "%s"', (text) => expect(readTempo(text).ok).toBe(false));
});

describe('a field for percentages of a pace', () => {
  it.each([
    ['50/75/100%', [50, 75, 100]],
    ['50/75/100', [50, 75, 100]],
    [' 80 % ', [80]],
    ['', []],
  ])('reads "%s"', (text, percents) => expect(readPercents(text)).toEqual({ ok: true, value: percents }));

  it.each(['fast', '0/50', '50//75', '50/75/', '151', '50-75'])('refuses "%s"', (text) =>
    expect(readPercents(text)).toMatchObject({ ok: false, expected: expect.stringMatching(/^Expected percentages/) }),
  );
});

describe('a field for a length of step', () => {
  it.each([
    ['6 in', { amount: 6, unit: 'in' }],
    ['0.5 metres', { amount: 0.5, unit: 'm' }],
    ['', null],
  ])('reads "%s"', (text, step) => expect(readStep(text)).toEqual({ ok: true, value: step }));

  it.each(['6', '0 m', '9000 m', '6 in 3', 'long'])('refuses "%s"', (text) => expect(readStep(text).ok).toBe(false));
});

describe('a field for the sets on the way up', () => {
  it('reads shares and repetitions, one and more', () => {
    expect(readLiftSteps('40%x8 60 % x 5')).toEqual({
      ok: true,
      value: [
        { percent: 40, reps: 8 },
        { percent: 60, reps: 5 },
      ],
    });
  });

  it.each(['', '40', '40%', '40%x0', '200%x5', '40%x8 then more', Array(13).fill('50%x5').join(' ')])(
    'refuses "%s"',
    (text) => expect(readLiftSteps(text).ok).toBe(false),
  );
});

describe('a field for tags', () => {
  it.each([
    ['Morning, no  kit,', ['morning', 'no kit']],
    ['rain, rain', ['rain']],
    ['', []],
  ])('reads "%s"', (text, tags) => expect(readTagField(text)).toEqual({ ok: true, value: tags }));

  it('refuses a tag that is too long, and too many', () => {
    expect(readTagField('x'.repeat(41)).ok).toBe(false);
    expect(readTagField(Array.from({ length: 21 }, (_, at) => String(at)).join())).toMatchObject({ ok: false });
  });
});
