import { describe, expect, it } from 'vitest';
import { againstMarks, isKeptFrom, type Marked } from './keptApart.ts';

/* What a good coach would say, and never would. Common practice, no source. */
describe('what a mark means', () => {
  it.each([
    ['fast work', 'sprints', true],
    ['fast work', 'plyo and agility', true],
    ['fast work', 'easy run', false],
    ['fast work', 'squat day', false],
    ['fast work', 'yoga', false],
    ['sprints', 'jump session', true],
    ['sprints, heavy squats', 'leg day', true],
    ['sprints or heavy squats', 'bench press', false],
    ['squats', 'deadlift day', true],
    ['squats', 'overhead press', false],
    ['running', 'intervals on the track', true],
    ['', 'sprints', false],
    ['fast work', '', false],
    ['a wedding', 'a wedding', true],
  ])('“%s” speaks against “%s”: %s', (mark, purpose, expected) => {
    expect(isKeptFrom(mark, purpose)).toBe(expected);
  });
});

const HOUR = 3600;
const marked = (change: Partial<Marked>): Marked => ({
  id: 'one',
  groupId: 'group',
  startsAt: 0,
  lasts: 0.25 * HOUR,
  purpose: '',
  notBefore: '',
  notAfter: '',
  ...change,
});
const stretch = marked({ purpose: 'stretch and breathe', notBefore: 'fast work' });
const sprints = marked({ id: 'two', purpose: 'sprints', startsAt: HOUR });

describe('sessions of one group', () => {
  it('are told where one is marked against the other that follows', () => {
    expect(againstMarks(stretch, [sprints])).toEqual([{ with: sprints, mark: 'not before fast work', of: stretch }]);
    expect(againstMarks(sprints, [stretch])).toEqual([{ with: stretch, mark: 'not before fast work', of: stretch }]);
  });

  it('are told where the later one is marked against what came before it', () => {
    const later = marked({ id: 'two', purpose: 'balance', notAfter: 'leg day', startsAt: 2 * HOUR });
    const legs = marked({ purpose: 'squat' });
    expect(againstMarks(legs, [later])).toEqual([{ with: later, mark: 'not after leg day', of: later }]);
    expect(againstMarks(later, [legs])).toEqual([{ with: legs, mark: 'not after leg day', of: later }]);
  });

  it('are not told the other way round, hours later, of another group, or of themselves', () => {
    expect(againstMarks({ ...stretch, startsAt: 2 * HOUR }, [sprints])).toEqual([]);
    expect(againstMarks(stretch, [{ ...sprints, startsAt: 5 * HOUR }])).toEqual([]);
    expect(againstMarks(stretch, [{ ...sprints, groupId: 'other' }])).toEqual([]);
    expect(againstMarks({ ...stretch, groupId: null }, [{ ...sprints, groupId: null }])).toEqual([]);
    expect(againstMarks({ ...stretch, purpose: 'sprints' }, [{ ...stretch, purpose: 'sprints' }])).toEqual([]);
  });
});
