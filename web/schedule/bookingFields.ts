import { TZDate } from '@date-fns/tz';
import type { BookedSession, Booking } from '@prompt-spark/contract/session';
import type { Seconds } from '@prompt-spark/core/units';
import { calendarDay, secondsOfDay } from '../wording/clock.ts';
import type { Repeating } from './repeats.ts';

/** What the form of a session asks for, in the words and times of its site. Empty text is nothing chosen. */
export interface BookingFields {
  circuitId: string;
  groupId: string;
  siteId: string;
  coachId: string;
  /** YYYY-MM-DD. */
  day: string;
  /** Minutes from midnight. */
  minute: number;
  /** Seconds there are for the warm-up. */
  seconds: Seconds;
  repeating: Repeating;
}

/** What a session is until more is said: ten minutes at six in the evening. */
const USUAL = { minute: 18 * 60, seconds: 600 };

/** The fields of a new session on a day. */
export function newFields(day: string): BookingFields {
  const repeating = { every: 'never', weekdays: [], until: '' } as const;
  return { circuitId: '', groupId: '', siteId: '', coachId: '', day, ...USUAL, repeating };
}

/** The fields of a session that stands in the book. */
export function fieldsOf(session: BookedSession, timeZone: string | undefined): BookingFields {
  const { circuitId, groupId, siteId, coachId, startsAt, minutes } = session;
  return {
    ...newFields(calendarDay(startsAt, timeZone)),
    circuitId,
    groupId: groupId ?? '',
    siteId: siteId ?? '',
    coachId,
    minute: Math.floor(secondsOfDay(new Date(startsAt), timeZone) / 60),
    seconds: minutes * 60,
  };
}

/** The instant of a day and minute on the clock of a site, as ISO 8601; empty where they are none. */
export function instantAt(day: string, minute: number, timeZone: string | undefined): string {
  const [year = NaN, month = NaN, date = NaN] = day.split('-').map(Number);
  const zone = timeZone ?? new Intl.DateTimeFormat().resolvedOptions().timeZone;
  const at = new TZDate(year, month - 1, date, Math.floor(minute / 60), minute % 60, zone);
  return Number.isNaN(at.getTime()) ? '' : new Date(at.getTime()).toISOString();
}

/** Where, when and for whom, as it is sent; the session counts whole minutes: of 6:30 the half minute is promised to nobody. */
export function bookingOf(fields: BookingFields, timeZone: string | undefined): Booking {
  return {
    groupId: fields.groupId === '' ? null : fields.groupId,
    siteId: fields.siteId === '' ? null : fields.siteId,
    startsAt: instantAt(fields.day, fields.minute, timeZone),
    minutes: Math.floor(fields.seconds / 60),
  };
}
