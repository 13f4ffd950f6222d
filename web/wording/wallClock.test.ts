import { Temporal } from '@js-temporal/polyfill';
import fc from 'fast-check';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { wallClock } from './wallClock.ts';

const ZONES = [
  'UTC',
  'Europe/Amsterdam',
  'America/St_Johns',
  'Asia/Kolkata',
  'Pacific/Kiritimati',
  'Australia/Lord_Howe',
];
const instants = fc.date({ min: new Date('1990-01-01'), max: new Date('2040-01-01'), noInvalidDate: true });

// The referee is @js-temporal/polyfill, by the people who wrote the proposal; it is not part of the application.
describe('the clock on the wall of a place', () => {
  afterEach(() => vi.unstubAllGlobals());

  it('is the same by the formatter and by Temporal, in any zone and on any day', () => {
    fc.assert(
      fc.property(instants, fc.constantFrom(...ZONES), (instant, zone) => {
        vi.stubGlobal('Temporal', undefined);
        const formatted = wallClock(instant, zone);
        vi.stubGlobal('Temporal', Temporal);
        expect(wallClock(instant, zone)).toEqual(formatted);
      }),
      { numRuns: 1000 },
    );
  });

  it.each([undefined, Temporal])('refuses a zone that nobody knows, however it is told', (temporal) => {
    vi.stubGlobal('Temporal', temporal);
    expect(() => wallClock(new Date(), 'Sea/Saltmere')).toThrow(RangeError);
  });
});
