import fc from 'fast-check';
import { afterEach, describe, expect, it, vi } from 'vitest';

const letters = fc.stringMatching(/^[a-eA-E .’'ÅåøéüñŁß0-]{0,8}$/);

/** The order in a browser of some language that has opened nothing yet. */
async function orderIn(language: string) {
  vi.resetModules();
  vi.stubGlobal('navigator', { language });
  return (await import('./alphabet.ts')).compareNames;
}

// The referee is the browser’s own table of the alphabet (Unicode Collation Algorithm, UTS #10).
describe('the order of names', () => {
  afterEach(() => {
    vi.unstubAllGlobals();
    vi.restoreAllMocks();
  });

  it('is that of the table, with and without accents', async () => {
    const compareNames = await orderIn('en-GB');
    const { compare } = new Intl.Collator('en');
    fc.assert(
      fc.property(letters, letters, (one, other) => {
        expect(Math.sign(compareNames(one, other))).toBe(Math.sign(compare(one, other)));
      }),
      { numRuns: 20_000 },
    );
  });

  it('does not open the table for names that plain letters tell apart', async () => {
    const compareNames = await orderIn('en-GB');
    const collator = vi.spyOn(Intl, 'Collator');
    expect(compareNames('Odile Marchetti', 'Piet Sørby')).toBeLessThan(0);
    expect(compareNames('Ann Bell', 'Anna Bell')).toBeLessThan(0);
    expect(collator).not.toHaveBeenCalled();
  });

  it('leaves it to the table where another language has another alphabet', async () => {
    expect((await orderIn('cs'))('Chalupa', 'Havel')).toBeGreaterThan(0);
    expect((await orderIn('en-GB'))('Chalupa', 'Havel')).toBeLessThan(0);
  });
});
