import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tooMuchIn } from './boundedJson.ts';

const seen = (value: unknown, most: number) => tooMuchIn(Buffer.from(JSON.stringify(value)), most);

/** Keys and items of a value, itself included, counted as a reader would. */
function partsOf(value: unknown): number {
  if (typeof value !== 'object' || value === null) return 1;
  return 1 + Object.values(value).reduce((sum: number, inner) => sum + partsOf(inner), 0);
}

describe('what is too much to be parsed', () => {
  it('takes a value with exactly as many parts as may be, and any text in it', () => {
    fc.assert(
      fc.property(fc.jsonValue({ maxDepth: 8, stringUnit: 'binary' }), (value) => {
        expect(seen(value, partsOf(value))).toBeUndefined();
      }),
    );
  });

  it('is any list or object with more than twice as many', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 200 }),
        fc.constantFrom<unknown>({}, [], 1, 'a"b\\', null),
        (most, item) => {
          const list = Array.from({ length: most * 2 + 2 }, () => item);
          expect(seen(list, most)).toContain('parts');
          expect(seen(Object.fromEntries(list.map((one, at) => [`k${String(at)}`, one])), most)).toContain('parts');
        },
      ),
    );
  });

  it('is what is nested without end, padded, or nothing but quotes', () => {
    expect(tooMuchIn(Buffer.from('['.repeat(100)), 1000)).toContain('deep');
    expect(tooMuchIn(Buffer.from(' '.repeat(10_000)), 20)).toContain('padding');
    expect(tooMuchIn(Buffer.from('"'.repeat(10_000)), 20)).toContain('parts');
  });

  it('is never a long text, with whatever it holds', () => {
    for (const text of [
      '[{,:'.repeat(50_000),
      '\\'.repeat(50_000),
      '"'.repeat(50_000),
      '\\"'.repeat(50_001),
      ' '.repeat(90_000),
    ]) {
      expect(seen({ csv: text }, 20), text.slice(0, 4)).toBeUndefined();
    }
  });
});
