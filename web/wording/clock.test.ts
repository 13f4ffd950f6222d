import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { calendarDay, countdown, dayName, secondsOfDay, timeOfDay } from './clock.ts';

// Summer time ends in Amsterdam on 25 October 2026 at 1:00 UTC, and never begins in UTC (IANA time zone database).
const ZONES = ['UTC', 'Europe/Amsterdam', 'America/St_Johns', 'Asia/Kolkata', 'Pacific/Kiritimati'];

describe('the wall clock of a site', () => {
  it('shows the site’s hour, not the coach’s, on both sides of the change to winter time', () => {
    expect(timeOfDay('2026-10-25T00:30:00Z', 'Europe/Amsterdam')).toBe('2:30');
    expect(timeOfDay('2026-10-25T01:30:00Z', 'Europe/Amsterdam')).toBe('2:30');
    expect(timeOfDay('2026-10-25T17:05:00Z', 'Europe/Amsterdam')).toBe('18:05');
  });

  it('shows midnight as 0:00', () => {
    expect(timeOfDay('2026-11-26T00:00:00Z', 'UTC')).toBe('0:00');
    expect(secondsOfDay(new Date('2026-11-26T00:00:00Z'), 'UTC')).toBe(0);
  });

  it('knows which day it is there', () => {
    const instant = '2026-11-26T12:30:00Z';
    expect(calendarDay(instant, 'Pacific/Kiritimati')).toBe('2026-11-27');
    expect(calendarDay(instant, 'America/St_Johns')).toBe('2026-11-26');
    expect(dayName(instant, 'Pacific/Kiritimati')).toBe('Friday 27 November');
  });

  it('counts the seconds of the day that it shows, in any zone', () => {
    const instants = fc.date({ min: new Date('2020-01-01'), max: new Date('2035-01-01'), noInvalidDate: true });
    fc.assert(
      fc.property(instants, fc.constantFrom(...ZONES), (instant, zone) => {
        const seconds = secondsOfDay(instant, zone);
        expect(seconds).toBeGreaterThanOrEqual(0);
        expect(seconds).toBeLessThan(86_400);
        const minute = Math.floor(seconds / 60);
        expect(timeOfDay(instant, zone)).toBe(
          `${String(Math.floor(minute / 60))}:${String(minute % 60).padStart(2, '0')}`,
        );
      }),
    );
  });
});

describe('a countdown', () => {
  it('shows the second that runs out, as a plain number up to a hundred and as minutes from there', () => {
    expect([0, 0.2, 1, 1.01, 59.4, 99, 99.5, 125].map(countdown)).toEqual([
      '0',
      '1',
      '1',
      '2',
      '60',
      '99',
      '1:40',
      '2:05',
    ]);
  });

  it('never shows less than nothing, and never rises while the time falls', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -5, max: 400, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        (at, by) => {
          const seconds = (text: string) => text.split(':').reduce((sum, part) => sum * 60 + Number(part), 0);
          expect(seconds(countdown(at))).toBeGreaterThanOrEqual(0);
          expect(seconds(countdown(at - by))).toBeLessThanOrEqual(seconds(countdown(at)));
        },
      ),
    );
  });
});
