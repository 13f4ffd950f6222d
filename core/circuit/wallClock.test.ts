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
    for (const none of ['24:00', '12:60', 'soon', '7', '', '13 pm', '0 am', '18:5', '7:00 xm']) {
      expect(minuteOfDay(none), none).toBeUndefined();
    }
    expect(minuteOfDay('7.05')).toBe(425);
  });

  it.each([
    ['18:30', 1110],
    ['1830', 1110],
    ['18h30', 1110],
    ['6:30 pm', 1110],
    ['6.30pm', 1110],
    ['6:30 p.m.', 1110],
    ['6pm', 1080],
    ['12 am', 0],
    ['12 pm', 720],
    ['noon', 720],
    ['630 am', 390],
  ])('reads %s as a coach would say it', (text, minute) => expect(minuteOfDay(text)).toBe(minute));

  it('takes a bare hour only where nothing else can be meant', () => {
    expect(minuteOfDay('18', true)).toBe(1080);
    expect(minuteOfDay('25', true)).toBeUndefined();
  });
});
