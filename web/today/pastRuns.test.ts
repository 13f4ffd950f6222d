import type { RunSummary } from '@prompt-spark/contract/run';
import { emptyCircuit } from '@prompt-spark/core/circuit/circuit';
import { testPerson } from '@prompt-spark/core/testing/people';
import { expect, it } from 'vitest';
import { daysBefore, pastRuns } from './pastRuns.ts';
import { stepReasonWords } from './stepReasonWords.ts';

const run = (startedAt: string): RunSummary => ({
  id: startedAt,
  sessionId: null,
  circuitId: 'squats',
  circuitTitle: 'Before squats',
  startedAt,
  finishedAt: startedAt,
  endedEarly: false,
  effort: 3,
  warm: 'yes',
  note: '',
  marks: [{ at: 12, slotId: 'one', drillId: 'cat-cow', kind: 'niggle' }],
  coachName: 'Imke Sandvoort',
  groupId: null,
  groupName: null,
  siteName: null,
  timeZone: null,
  planned: 60,
  actual: 60,
  paused: 0,
});

it('tells of each run in days before the session', () => {
  const runs = ['2026-11-27T06:15:00.000Z', '2026-11-20T06:15:00.000Z', '2026-11-13T06:15:00.000Z'].map(run);
  const past = pastRuns(runs, '2026-11-30T06:15:00.000Z', emptyCircuit(''), []);
  expect(past.map(({ daysAgo }) => daysAgo)).toEqual([3, 10, 17]);
  expect(daysBefore('2026-11-30T06:15:00.000Z', '2026-11-29T18:15:00.000Z')).toBe(0.5);
  expect(past[0]).toMatchObject({ effort: 3, endedEarly: false, marks: [{ slotId: 'one', kind: 'niggle' }] });
});

it('tells what was noted of the people there, where nobody said how hard it was', () => {
  const noted = { ...run('2026-11-27T06:15:00.000Z'), effort: null, marks: [] };
  const person = testPerson({
    seen: [
      {
        ...{ runId: noted.id, day: '2026-11-27', title: '', state: 'stopped', where: null, side: null, pain: null },
        ...{ reached: [], technique: [], effort: 8, signs: [] },
      },
    ],
  });
  expect(pastRuns([noted], '2026-11-30T06:15:00.000Z', emptyCircuit(''), [person])).toEqual([
    { daysAgo: 3, effort: 8, endedEarly: false, marks: [{ slotId: '', kind: 'stopped' }] },
  ]);
});

it('gives its reason in a sentence', () => {
  const all = (
    [
      { kind: 'easy', runs: 2 },
      { kind: 'hard', effort: 8 },
      { kind: 'marked', mark: 'niggle' },
      { kind: 'break', days: 30 },
      { kind: 'sore' },
    ] as const
  ).map(stepReasonWords);
  expect(all[0]).toBe('It was easy the last two times.');
  expect(all[1]).toBe('It was hard last time: effort 8 of 10.');
  expect(all[3]).toBe('The last time was 4 weeks ago.');
  for (const words of all) expect(words).toMatch(/\.$/);
});
