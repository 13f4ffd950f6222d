import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { minuteOfDay, startsAt, timeOfDay } from './wallClock.ts';

describe('the wall clock', () => {
  it('starts when it is told to, or early enough to be over in time', () => {
    expect(timeOfDay(startsAt({ of: 'start', minute: 18 * 60 + 30 }, 480))).toBe('18:30');
    expect(timeOfDay(startsAt({ of: 'end', minute: 18 * 60 + 45 }, 480))).toBe('18:37');
    expect(timeOfDay(startsAt({ of: 'end', minute: 5 }, 600))).toBe('23:55');
  });

  it('reads every minute of the day as it writes it, and nothing else', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1439 }), (minute) => minuteOfDay(timeOfDay(minute * 60)) === minute),
    );
    expect(['24:00', '12:60', 'noon', '7', ''].map(minuteOfDay)).toEqual([
      undefined,
      undefined,
      undefined,
      undefined,
      undefined,
    ]);
    expect(minuteOfDay('7.05')).toBe(425);
  });
});
