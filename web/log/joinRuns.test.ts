import type { RunSummary, RunTurn } from '@prompt-spark/contract/run';
import { NO_PACE } from '@prompt-spark/core/session/gaps';
import { describe, expect, it } from 'vitest';
import { joinedRun, twinOf } from './joinRuns.ts';

const run = (id: string, startedAt: string, change: Partial<RunSummary> = {}): RunSummary => ({
  id,
  sessionId: null,
  circuitId: 'squats',
  circuitTitle: 'Before squats',
  startedAt,
  finishedAt: startedAt.replace(':0', ':1'),
  endedEarly: false,
  effort: null,
  warm: null,
  note: '',
  marks: [],
  coachName: 'Ottoline Crake',
  groupId: 'dawn',
  groupName: 'Dawn Mixed',
  siteName: null,
  timeZone: null,
  planned: 60,
  actual: 60,
  paused: 0,
  ...change,
});
const turn = (slotId: string, actual: number): RunTurn => ({
  slotId,
  drillId: 'cat-cow',
  drillName: 'Cat-cow',
  phase: 'mobilise',
  round: 1,
  planned: 30,
  actual,
  paused: 0,
});

describe('another record of the same class', () => {
  const wall = run('wall', '2026-11-24T06:00:00.000Z');
  const phone = run('phone', '2026-11-24T06:05:00.000Z');

  it('is of the same circuit and group, within half an hour, the nearest first', () => {
    const late = run('late', '2026-11-24T06:09:00.000Z');
    expect(twinOf(phone, [late, wall, phone])?.id).toBe('late');
    expect(twinOf(wall, [wall, late, phone])?.id).toBe('phone');
    for (const other of [
      run('x', '2026-11-24T07:00:00.000Z'),
      { ...phone, id: 'x', groupId: null },
      { ...phone, id: 'x', circuitId: 'other' },
    ])
      expect(twinOf(wall, [wall, other])).toBeUndefined();
  });

  it('makes one record with it: the first start, the last end, and what was said in either', () => {
    const first = {
      ...wall,
      endedEarly: true,
      effort: 4,
      note: 'Cold.',
      turns: [turn('a', 31), turn('b', 3)],
      pace: null,
    };
    const second = {
      ...phone,
      sessionId: 'tuesday',
      warm: 'yes',
      note: 'Slow start.',
      turns: [turn('a', 0), turn('b', 29)],
      pace: NO_PACE,
    } as const;
    const joined = joinedRun('new', second, first);
    expect(joined).toEqual(joinedRun('new', first, second));
    expect(joined).toMatchObject({
      id: 'new',
      sessionId: 'tuesday',
      startedAt: wall.startedAt,
      finishedAt: phone.finishedAt,
      endedEarly: false,
      effort: 4,
      warm: 'yes',
      note: 'Cold.\nSlow start.',
    });
    expect(joined.turns.map(({ actual }) => actual)).toEqual([31, 29]);
  });
});
