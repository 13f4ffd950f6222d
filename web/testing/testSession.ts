import type { SessionSummary } from '@prompt-spark/contract/session';

/** A session of the schedule for tests. */
export const testSession: SessionSummary = {
  id: 'other',
  circuitId: 'c',
  groupId: 'g',
  siteId: 's',
  coachId: 'k',
  seriesId: null,
  startsAt: '2026-12-01T18:00:00.000Z',
  minutes: 12,
  at: { day: '2026-12-01', time: '18:00', daysAhead: 0 },
  coachName: 'Nkechi',
  runId: null,
  title: 'Sprint start-up',
  purpose: 'sprints',
  notBefore: '',
  notAfter: '',
  people: 0,
  fitted: null,
  planned: 600,
  seconds: 600,
  fuse: [],
};
