import fc from 'fast-check';
import { expect, it, vi } from 'vitest';
import { linesOf } from '../shippedLibrary.ts';
import { entriesLater } from './entriesLater.ts';

it('gives back every entry as it went in, whatever letters are in it', () => {
  const name = fc.stringMatching(/^[a-z-]{1,12}$/);
  fc.assert(
    fc.property(fc.dictionary(name, fc.record({ words: fc.string({ unit: 'binary' }), at: fc.nat() })), (entries) => {
      expect({ ...entriesLater(linesOf(entries)) }).toEqual({ ...entries });
    }),
  );
});

it('parses an entry when it is looked at, once, and no other', () => {
  const parse = vi.spyOn(JSON, 'parse');
  const entries = entriesLater<{ readonly knee: number }>(linesOf({ squat: { knee: 4 }, plank: { knee: 0 } }));
  expect(Object.keys(entries)).toEqual(['squat', 'plank']);
  expect('plank' in entries).toBe(true);
  expect(parse).not.toHaveBeenCalled();
  expect(entries['squat']).toEqual({ knee: 4 });
  expect(entries['squat']).toBe(entries['squat']);
  expect(parse).toHaveBeenCalledTimes(1);
  expect(entries['nothing']).toBeUndefined();
});
