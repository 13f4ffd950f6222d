import type { SessionSummary } from '@prompt-spark/contract/session';
import ICAL from 'ical.js';
import { expect, it } from 'vitest';
import { calendarFile } from './calendarFile.ts';

const session: SessionSummary = {
  id: '6f0c7a7e-6f3b-4f9e-9d0e-3a1f0d2c4b5a',
  circuitId: '6f0c7a7e-6f3b-4f9e-9d0e-3a1f0d2c4b5b',
  groupId: null,
  siteId: null,
  coachId: '6f0c7a7e-6f3b-4f9e-9d0e-3a1f0d2c4b5c',
  seriesId: null,
  startsAt: '2026-10-25T17:00:00.000Z',
  minutes: 12,
  at: null,
  coachName: 'Ottoline Crake',
  runId: null,
  purpose: '',
  notBefore: '',
  notAfter: '',
  title: 'Haul; jump, and a title that is long enough to be folded over more than one line of the file',
  people: 0,
  fitted: null,
  planned: 600,
  seconds: 600,
  fuse: [],
};

// The outside reader is ical.js.
it('is read by another reader: every session with its time, its words and its place', () => {
  const text = calendarFile([session, { ...session, id: 'other', startsAt: '2026-11-01T17:00:00.000Z' }], () => ({
    group: 'Dawn, Mixed',
    site: 'Hall floor',
  }));
  const events = new ICAL.Component(ICAL.parse(text) as unknown[])
    .getAllSubcomponents('vevent')
    .map((event) => new ICAL.Event(event));
  expect(events).toHaveLength(2);
  const [first] = events;
  expect(first?.summary).toBe(`${session.title} · Dawn, Mixed`);
  expect(first?.location).toBe('Hall floor');
  expect(first?.startDate.toJSDate().toISOString()).toBe(session.startsAt);
  expect(first?.endDate.toJSDate().toISOString()).toBe('2026-10-25T17:12:00.000Z');
  expect(text).not.toContain('@saltmere');
});
