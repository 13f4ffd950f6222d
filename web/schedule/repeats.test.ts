import { addDays, format, getDay, parseISO } from 'date-fns';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { repeatedDays } from './repeats.ts';

describe('the days of a session that repeats', () => {
  it('are the weekdays chosen, and that of the first, up to the last day', () => {
    // 1 December 2026 is a Tuesday.
    const tuesdaysAndThursdays = { every: 'week', weekdays: [4], until: '2026-12-15' } as const;
    expect(repeatedDays('2026-12-01', tuesdaysAndThursdays)).toEqual([
      '2026-12-01',
      '2026-12-03',
      '2026-12-08',
      '2026-12-10',
      '2026-12-15',
    ]);
  });

  it('may be every day, every other week, or only the first', () => {
    const until = '2027-01-01';
    expect(repeatedDays('2026-12-29', { every: 'day', weekdays: [], until })).toHaveLength(4);
    expect(repeatedDays('2026-12-01', { every: 'two weeks', weekdays: [], until })).toEqual([
      '2026-12-01',
      '2026-12-15',
      '2026-12-29',
    ]);
    expect(repeatedDays('2026-12-01', { every: 'never', weekdays: [2], until })).toEqual(['2026-12-01']);
    expect(repeatedDays('2026-12-01', { every: 'week', weekdays: [2], until: '2026-11-01' })).toEqual(['2026-12-01']);
    expect(repeatedDays('2026-12-01', { every: 'week', weekdays: [2], until: 'whenever' })).toEqual(['2026-12-01']);
  });

  // The reference is the calendar of date-fns, day by day.
  it('are those that a calendar gone through day by day shows', () => {
    const weekdays = fc.uniqueArray(fc.integer({ min: 0, max: 6 }), { maxLength: 4 });
    const start = fc.date({ min: new Date('2026-01-01'), max: new Date('2030-01-01'), noInvalidDate: true });
    fc.assert(
      fc.property(start, fc.integer({ min: 0, max: 60 }), weekdays, (date, days, on) => {
        const first = format(date, 'yyyy-MM-dd');
        const day = (index: number) => addDays(parseISO(first), index);
        const wanted = new Set([...on, getDay(day(0))]);
        const expected = Array.from({ length: days + 1 }, (_, index) => day(index)).filter((one) =>
          wanted.has(getDay(one)),
        );
        const until = format(day(days), 'yyyy-MM-dd');
        expect(repeatedDays(first, { every: 'week', weekdays: on, until })).toEqual(
          expected.map((one) => format(one, 'yyyy-MM-dd')),
        );
      }),
    );
  });
});
