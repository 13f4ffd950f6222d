import { describe, expect, it } from 'vitest';
import { readCount, readDuration } from './amount.ts';
import { readTempoText } from './tempo.ts';

describe('a field for a count', () => {
  it.each([
    ['8', 8, 8],
    ['8-10', 8, 10],
    ['8–10', 8, 10],
    [' 12 ', 12, 12],
  ])('reads "%s"', (text, low, high) =>
    expect(readCount(text, { least: 1 })).toEqual({ ok: true, range: { low, high } }),
  );

  it.each(['', 'ten', '10-8', '0', '8.5', '1000', '8 9'])('says what it expected of "%s"', (text) => {
    expect(readCount(text, { least: 1 })).toMatchObject({ ok: false, expected: expect.stringContaining('Expected') });
  });

  it('takes none for an answer only where none will do, and no more than the most', () => {
    expect(readCount('0', { least: 0 })).toEqual({ ok: true, range: { low: 0, high: 0 } });
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
    expect(readDuration(text, { least: 0.5 })).toEqual({ ok: true, range: { low, high } });
  });

  it.each(['', 'soon', '1:75', '40-20', '0.3', '8000'])('says what it expected of "%s"', (text) => {
    expect(readDuration(text, { least: 0.5 }).ok).toBe(false);
  });

  it('takes no time at all only where that will do', () => {
    expect(readDuration('0', { least: 0 })).toEqual({ ok: true, range: { low: 0, high: 0 } });
    expect(readDuration('0', { least: 0.5 }).ok).toBe(false);
  });
});

describe('a field for a tempo', () => {
  it.each([
    ['3s', { kind: 'even', seconds: 3 }],
    ['1.5', { kind: 'even', seconds: 1.5 }],
    ['2-1-2', { kind: 'phased', lower: 2, hold: 1, lift: 2 }],
  ])('reads "%s"', (text, tempo) => expect(readTempoText(text)).toEqual({ ok: true, tempo }));

  it.each(['', 'slow', '0', '2-1', '90', '1.3'])('refuses "%s"', (text) => expect(readTempoText(text).ok).toBe(false));
});
