/** What the calendar and the clock on the wall of a place show. */
export interface WallClock {
  readonly year: number;
  /** 1 for January. */
  readonly month: number;
  readonly day: number;
  readonly hours: number;
  readonly minutes: number;
  readonly seconds: number;
}

/** The part of a browser’s `Temporal` that is used here (ECMAScript proposal Temporal, stage 4). */
interface Zoned {
  readonly Instant: {
    fromEpochMilliseconds(instant: number): {
      toZonedDateTimeISO(
        timeZone: string,
      ): Readonly<Record<'year' | 'month' | 'day' | 'hour' | 'minute' | 'second', number>>;
    };
  };
}

/**
 * What calendar and clock show at an instant. Without a time zone, where the browser itself is: its own clock tells.
 *
 * `Temporal` tells it in half a millisecond where a browser has it. The formatter, which every browser has, takes a
 * phone a tenth of a second to open.
 */
export function wallClock(instant: Date, timeZone?: string): WallClock {
  if (timeZone === undefined) return here(instant);
  const { Temporal } = globalThis as { Temporal?: Zoned };
  return Temporal ? zonedBy(Temporal, instant, timeZone) : formatted(instant, timeZone);
}

function here(instant: Date): WallClock {
  return {
    year: instant.getFullYear(),
    month: instant.getMonth() + 1,
    day: instant.getDate(),
    hours: instant.getHours(),
    minutes: instant.getMinutes(),
    seconds: instant.getSeconds(),
  };
}

function zonedBy(temporal: Zoned, instant: Date, timeZone: string): WallClock {
  const there = temporal.Instant.fromEpochMilliseconds(instant.getTime()).toZonedDateTimeISO(timeZone);
  const { year, month, day, hour, minute, second } = there;
  return { year, month, day, hours: hour, minutes: minute, seconds: second };
}

function formatted(instant: Date, timeZone: string): WallClock {
  const parts = new Map(
    formatIn(timeZone)
      .formatToParts(instant)
      .map(({ type, value }) => [type, Number(value)]),
  );
  const of = (type: Intl.DateTimeFormatPartTypes): number => parts.get(type) ?? NaN;
  return {
    year: of('year'),
    month: of('month'),
    day: of('day'),
    hours: of('hour'),
    minutes: of('minute'),
    seconds: of('second'),
  };
}

const formats = new Map<string, Intl.DateTimeFormat>();

function formatIn(timeZone: string): Intl.DateTimeFormat {
  const known = formats.get(timeZone);
  if (known) return known;
  const format = new Intl.DateTimeFormat('en-GB', {
    timeZone,
    year: 'numeric',
    month: 'numeric',
    day: 'numeric',
    hour: 'numeric',
    minute: 'numeric',
    second: 'numeric',
    hourCycle: 'h23',
  });
  formats.set(timeZone, format);
  return format;
}
