import { describe, expect, it } from 'vitest';
import { tooClose, isKeptFrom, type SetApart } from './keptApart.ts';

/* What a good coach would say, and never would. Common practice, no source. */
describe('what it means to be kept apart', () => {
  it.each([
    ['fast work', 'sprints', true],
    ['fast work', 'plyo and agility', true],
    ['fast work', 'easy run', false],
    ['fast work', 'squat day', false],
    ['fast work', 'yoga', false],
    ['sprints', 'jump session', true],
    ['sprints, heavy squats', 'leg day', true],
    ['sprints or heavy squats', 'bench press', false],
    ['fast work', 'boxing class', true],
    ['boxing', 'boxing class', true],
    ['boxing', 'sprints', false],
    ['squats', 'deadlift day', true],
    ['squats', 'overhead press', false],
    ['running', 'intervals on the track', true],
    ['', 'sprints', false],
    ['fast work', '', false],
    ['a wedding', 'a wedding', true],
  ])('“%s” speaks against “%s”: %s', (kept, purpose, expected) => {
    expect(isKeptFrom(kept, purpose)).toBe(expected);
  });
});

const HOUR = 3600;
const setApart = (change: Partial<SetApart>): SetApart => ({
  id: 'one',
  groupId: 'group',
  startsAt: 0,
  lasts: 0.25 * HOUR,
  purpose: '',
  notBefore: '',
  notAfter: '',
  ...change,
});
const stretch = setApart({ purpose: 'stretch and breathe', notBefore: 'fast work' });
const sprints = setApart({ id: 'two', purpose: 'sprints', startsAt: HOUR });

describe('sessions of one group', () => {
  it('are told where one keeps apart from the other that follows', () => {
    expect(tooClose(stretch, [sprints])).toEqual([{ with: sprints, says: 'not before fast work', of: stretch }]);
    expect(tooClose(sprints, [stretch])).toEqual([{ with: stretch, says: 'not before fast work', of: stretch }]);
  });

  it('are told where the later one keeps apart from what came before it', () => {
    const later = setApart({ id: 'two', purpose: 'balance', notAfter: 'leg day', startsAt: 2 * HOUR });
    const legs = setApart({ purpose: 'squat' });
    expect(tooClose(legs, [later])).toEqual([{ with: later, says: 'not after leg day', of: later }]);
    expect(tooClose(later, [legs])).toEqual([{ with: legs, says: 'not after leg day', of: later }]);
  });

  it('are not told the other way round, hours later, of another group, or of themselves', () => {
    expect(tooClose({ ...stretch, startsAt: 2 * HOUR }, [sprints])).toEqual([]);
    expect(tooClose(stretch, [{ ...sprints, startsAt: 5 * HOUR }])).toEqual([]);
    expect(tooClose(stretch, [{ ...sprints, groupId: 'other' }])).toEqual([]);
    expect(tooClose({ ...stretch, groupId: null }, [{ ...sprints, groupId: null }])).toEqual([]);
    expect(tooClose({ ...stretch, purpose: 'sprints' }, [{ ...stretch, purpose: 'sprints' }])).toEqual([]);
  });
});
