import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testPerson } from '../testing/people.ts';
import { ceilingsOf, LIGHT_EFFORT } from './ceilings.ts';
import { pulseTells } from './limitations.ts';
import { READINESS } from './person.ts';
import { withReadiness, withSoreRegion } from './readiness.ts';

const DAY = '2026-11-26';

describe('how somebody comes', () => {
  it('holds them to light effort after a red flag, on that day and every day until they are cleared', () => {
    const flagged = withReadiness(testPerson(), DAY, 'red flag');
    const nextWeek = withReadiness(flagged, '2026-12-03', 'fine');
    expect(ceilingsOf(nextWeek, '2026-12-03').effort?.most).toBe(LIGHT_EFFORT);
    const cleared = nextWeek.holds.map((hold) => ({ ...hold, clearedBy: 'Dr Reed', clearedOn: '2026-12-04' }));
    expect(ceilingsOf({ ...nextWeek, holds: cleared }, '2026-12-05').effort).toBeUndefined();
  });

  it('holds them once for a thing, however often it is said, and never lets go of a hold', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...READINESS), { maxLength: 12 }), (states) => {
        const person = states.reduce((so, state) => withReadiness(so, DAY, state), testPerson());
        const expected = Number(states.includes('red flag')) + Number(states.includes('returning'));
        expect(person.holds).toHaveLength(expected);
        expect(new Set(person.holds.map(({ why }) => why)).size).toBe(expected);
      }),
    );
  });

  it('is sore where it is said to be, and no longer where it is said again', () => {
    const sore = withSoreRegion(withSoreRegion(testPerson(), DAY, 'knee'), DAY, 'back');
    expect(sore.readiness).toEqual({ day: DAY, state: 'sore', sore: ['knee', 'back'] });
    expect(withSoreRegion(sore, DAY, 'knee').readiness?.sore).toEqual(['back']);
  });
});

describe('the pulse', () => {
  it.each(['beta-blockers', 'heart-lung'])('does not tell with %s', (limitationId) => {
    const limit = { kind: 'known', limitationId, severity: 'watch', side: 'both', until: '' } as const;
    expect(pulseTells({ limits: [limit] })).toBe(false);
    expect(pulseTells({ limits: [{ ...limit, limitationId: 'knee-impact' }] })).toBe(true);
  });
});
