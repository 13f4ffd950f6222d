import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { clashesOf, type Held } from './clashes.ts';

const six: Held = { id: 'six', startsAt: 64_800, lasts: 600, coachId: 'ottoline', siteId: 'hall' };
const beside = (change: Partial<Held>): Held => ({ ...six, id: 'other', ...change });
const told = (one: Held, ...others: Held[]) => clashesOf(one, others).map(({ of }) => of);

describe('two warm-ups at one time', () => {
  it('clash where they need the same coach, the same place, or both', () => {
    expect(told(six, beside({ siteId: 'yard' }))).toEqual(['coach']);
    expect(told(six, beside({ coachId: 'imke' }))).toEqual(['site']);
    expect(told(six, beside({}))).toEqual(['both']);
    expect(told(six, beside({ coachId: 'imke', siteId: 'yard' }))).toEqual([]);
  });

  it('do not clash over no place, nor with themselves, nor where one begins as the other ends', () => {
    expect(told({ ...six, siteId: null }, beside({ coachId: 'imke', siteId: null }))).toEqual([]);
    expect(told(six, six)).toEqual([]);
    expect(told(six, beside({ startsAt: six.startsAt + 600 }), beside({ startsAt: six.startsAt - 600 }))).toEqual([]);
    expect(told(six, beside({ startsAt: six.startsAt + 599 }))).toEqual(['both']);
  });

  it('clash the one with the other as the other with the one', () => {
    const held = fc.record({
      id: fc.uuid(),
      startsAt: fc.integer({ min: 0, max: 3000 }),
      lasts: fc.integer({ min: 60, max: 1200 }),
      coachId: fc.constantFrom('ottoline', 'imke'),
      siteId: fc.constantFrom('hall', 'yard', null),
    });
    fc.assert(
      fc.property(held, held, (one, other) => {
        expect(told(one, other)).toEqual(told(other, one));
      }),
    );
  });
});
