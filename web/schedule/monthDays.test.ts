import { describe, expect, it } from 'vitest';
import { monthFrom, monthGrid } from './monthDays.ts';

const now = new Date(2026, 10, 29, 17);

describe('a month as a calendar shows it', () => {
  it('has whole weeks, from Monday or from Sunday', () => {
    const days = (month: string, from: 0 | 1) => monthGrid(month, now, from).days.map(({ day }) => day);
    // 1 December 2026 is a Tuesday, the 31st a Thursday.
    expect([days('2026-12', 1)[0], days('2026-12', 1).at(-1)]).toEqual(['2026-11-30', '2027-01-03']);
    expect([days('2026-12', 0)[0], days('2026-12', 0).at(-1)]).toEqual(['2026-11-29', '2027-01-02']);
    for (let month = 1; month <= 12; month += 1) {
      const grid = monthGrid(`2027-${String(month).padStart(2, '0')}`, now, 1);
      expect(grid.days.length % 7).toBe(0);
      expect(grid.days.filter(({ inside }) => inside).map(({ number }) => number)).toEqual(
        Array.from({ length: new Date(2027, month, 0).getDate() }, (_, index) => index + 1),
      );
    }
  });

  it('is this month where none is asked for, or what is asked for is none', () => {
    for (const none of [null, '', 'soon', '2026']) expect(monthGrid(none, now, 1).first.getMonth()).toBe(10);
  });

  it('leads to the one before and the one after, over the new year too', () => {
    expect(monthFrom(new Date(2026, 11, 1), 1)).toBe('2027-01');
    expect(monthFrom(new Date(2027, 0, 1), -1)).toBe('2026-12');
  });
});
