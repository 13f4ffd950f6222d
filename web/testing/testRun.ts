import type { RunSummary } from '@prompt-spark/contract/run';

/** A run as the log lists it, as planned and said nothing of, with whatever a test cares about put in. */
export function testRun(change: Partial<RunSummary> = {}): RunSummary {
  return {
    id: '0b0f5b1e-5a5d-4b36-9c2e-3b1de3f2b001',
    sessionId: null,
    circuitId: '0b0f5b1e-5a5d-4b36-9c2e-3b1de3f2c001',
    circuitTitle: 'Before squats',
    startedAt: '2026-11-25T06:15:00.000Z',
    finishedAt: '2026-11-25T06:23:00.000Z',
    endedEarly: false,
    effort: null,
    warm: null,
    note: '',
    marks: [],
    coachName: 'Imke Sandvoort',
    groupId: null,
    groupName: null,
    siteName: 'Harbour hall',
    timeZone: 'Europe/Amsterdam',
    planned: 480,
    actual: 480,
    paused: 0,
    ...change,
  };
}
