import { describe, expect, it } from 'vitest';
import { limit, testPerson } from '../testing/people.ts';
import { ceilingsOf } from './ceilings.ts';
import { painFreeIn } from './painFree.ts';

const DAY = '2026-12-01';
const circles = { demands: { 'shoulder overhead': 2 } } as const;
const squat = { demands: { 'knee bend': 2 } } as const;
const person = testPerson({ limits: [limit('shoulder-overhead', 'pain-free', 'left')] });

describe('somebody who moves a part only as far as nothing hurts', () => {
  it('does what is planned: nothing is capped', () => {
    expect(ceilingsOf(person, DAY)).toEqual({});
  });

  it('is told so in what asks that part, by its side, and in nothing else', () => {
    expect(painFreeIn(circles, person, DAY)).toEqual(person.limits);
    expect(painFreeIn(squat, person, DAY)).toEqual([]);
  });

  it('is told so until it has ended, and never for a limit that caps', () => {
    const [until] = [{ ...limit('shoulder-overhead', 'pain-free', 'left'), until: '2026-11-30' }];
    expect(painFreeIn(circles, testPerson({ limits: [until] }), '2026-11-30')).toHaveLength(1);
    expect(painFreeIn(circles, testPerson({ limits: [until] }), DAY)).toEqual([]);
    expect(painFreeIn(circles, testPerson({ limits: [limit('shoulder-overhead', 'ease')] }), DAY)).toEqual([]);
  });
});
