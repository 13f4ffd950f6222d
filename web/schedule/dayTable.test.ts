import { expect, it } from 'vitest';
import { dayTable } from './dayTable.ts';
import { testSession } from '../testing/testSession.ts';

const COACHES = [
  { id: 'imke', name: 'Imke Sandvoort' },
  { id: 'tobias', name: 'Tobias Arrowsmith' },
  { id: 'nobody', name: 'On leave' },
];
const held = (id: string, time: string, coachId: string) => ({
  ...testSession,
  id,
  coachId,
  at: { day: '2026-12-01', time, daysAhead: 0 },
});

it('puts coaches side by side, the one who looks first, and what starts at one time in one row', () => {
  const sessions = [
    held('a', '06:15', 'imke'),
    held('b', '10:00', 'tobias'),
    held('c', '10:00', 'imke'),
    held('d', '10:00', 'imke'),
  ];
  const { coaches, rows } = dayTable(sessions, COACHES, 'tobias');
  expect(coaches.map(({ id }) => id)).toEqual(['tobias', 'imke']);
  expect(rows.map(({ cells }) => cells.map((cell) => cell.map(({ id }) => id)))).toEqual([
    [[], ['a']],
    [['b'], ['c', 'd']],
  ]);
});

it('leaves out who holds nothing, but not the one who looks', () => {
  const { coaches } = dayTable([held('a', '06:15', 'imke')], COACHES, 'nobody');
  expect(coaches.map(({ id }) => id)).toEqual(['nobody', 'imke']);
  expect(dayTable([], COACHES, 'imke')).toEqual({ coaches: [COACHES[0]], rows: [] });
});
