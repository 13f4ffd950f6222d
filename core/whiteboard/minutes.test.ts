import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { clockWords } from '../clockWords.ts';
import { readMinutes } from './minutes.ts';

const read = (typed: string) => {
  const found = readMinutes(typed, { least: 1, most: 7200 });
  return found.ok ? found.value : found.expected;
};

describe('a field that says minutes', () => {
  it.each([
    ['6', 360],
    [' 6 ', 360],
    ['6:00', 360],
    ['6:30', 390],
    ['06:30', 390],
    ['6.5', 390],
    ['6,5', 390],
    ['6½', 390],
    ['6 1/2', 390],
    ['6 and a half', 390],
    ['six and a half minutes', 390],
    ['6 min', 360],
    ['6m', 360],
    ['6 minutes', 360],
    ["6'", 360],
    ["6'30", 390],
    ['6m30', 390],
    ['6 min 30', 390],
    ['6 min 30 s', 390],
    ['6 minutes and 30 seconds', 390],
    ['90 s', 90],
    ['90s', 90],
    ['90 sec', 90],
    ['90"', 90],
    ['1 h', 3600],
    ['1h', 3600],
    ['1 hour', 3600],
    ['1h05', 3900],
    ['1 h 5', 3900],
    ['1 h 5 min', 3900],
    ['1.5 h', 5400],
    ['six', 360],
    ['Twelve minutes', 720],
    ['half an hour', 1800],
    ['a quarter of an hour', 900],
    ['half a minute', 30],
    ['0:45', 45],
    ['.75', 'Expected minutes, such as 6, 6:30 or 90 s'],
    ['6:75', 'Expected minutes, such as 6, 6:30 or 90 s'],
    ['', 'Expected minutes, such as 6, 6:30 or 90 s'],
    ['soon', 'Expected minutes, such as 6, 6:30 or 90 s'],
    ['6 min 30 h', 'Expected minutes, such as 6, 6:30 or 90 s'],
    ['0', 'At least a second'],
    ['500', 'At most 120 minutes'],
  ])('reads %j as %j', (typed, meant) => {
    expect(read(typed)).toBe(meant);
  });

  it('reads every whole second from what the clock shows, and every whole minute from its number', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 3599 }), (seconds) => {
        expect(read(clockWords(seconds))).toBe(seconds);
        expect(read(`${String(seconds)} s`)).toBe(seconds);
        if (seconds <= 120) expect(read(String(seconds))).toBe(seconds * 60);
      }),
    );
  });

  it('gives a number or a sentence for any text', () => {
    fc.assert(
      fc.property(fc.string(), (typed) => {
        const found = read(typed);
        if (typeof found === 'number') expect(found).toSatisfy((s: number) => s >= 1 && s <= 7200);
        else expect(found).toMatch(/^(?:Expected|At)/);
      }),
    );
  });
});
