import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { occasionOf } from '../occasion/occasion.ts';
import { testLibrary } from '../testing/drills.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import { readWhiteboard } from '../whiteboard/readWhiteboard.ts';
import {
  canBeTakenUp,
  caughtUp,
  isKeptRun,
  isUnlogged,
  KEPT_FOR,
  runningTime,
  takenUp,
  type KeptRun,
} from './keptRun.ts';
import { newRun, runAfter, runLength, type StageRun } from './stageRun.ts';

const board = 'raise\n tall reach 20s\n deep sit 8 @3s\nmobilise 2 rounds rest 10s\n tall reach 4/side';
const { segments } = timeCircuit(readWhiteboard(board, testLibrary).circuit, occasionOf({ library: testLibrary }));
const total = runLength({ segments });
const STARTED = 1_795_975_200_000;

/** A run that has been under way for so long, as it lies in a browser after it was written and read. */
function keptAfter(seconds: number, state: 'running' | 'paused' = 'running'): KeptRun {
  const started = runAfter(newRun(segments), { kind: 'start' }, { at: 0, stood: 0 });
  const under = runAfter(started, { kind: state === 'paused' ? 'pause' : 'look' }, { at: seconds, stood: 0 });
  const kept: unknown = JSON.parse(
    JSON.stringify({ run: under, startedAt: STARTED, keptAt: STARTED + seconds * 1000 } satisfies KeptRun),
  );
  if (!isKeptRun(kept)) throw new Error('What was kept is no run any more.');
  return kept;
}

const booked = ({ record }: StageRun) => record.reduce((sum, turn) => sum + turn.actual + turn.paused, 0);
const anyMoment = fc.double({ min: 0.5, max: total - 1, noNaN: true });
const anyAbsence = fc.integer({ min: 0, max: 3600 });

describe('a run that was left in the middle', () => {
  it('goes on from the second it was left, with all it had booked, and the time away where it stood', () => {
    fc.assert(
      fc.property(anyMoment, anyAbsence, (at, away) => {
        const kept = keptAfter(at);
        const again = takenUp(kept, kept.keptAt + away * 1000);
        expect(again).toMatchObject({ state: 'paused', position: kept.run.position });
        expect(booked(again)).toBeCloseTo(at + away, 6);
      }),
    );
  });

  it('goes on where the clock is by now, with the seconds between booked as planned', () => {
    fc.assert(
      fc.property(anyMoment, anyAbsence, (at, away) => {
        const kept = keptAfter(at);
        const now = kept.keptAt + away * 1000;
        const again = caughtUp(kept, now);
        const there = runningTime(kept, now);
        expect(there === undefined).toBe(at + away >= total);
        expect(again.position).toBeCloseTo(there ?? at, 6);
        expect(booked(again)).toBeCloseTo(at + away, 6);
      }),
    );
  });

  it('has no running time where it stood still, and is asked about for a few hours only', () => {
    const paused = keptAfter(12, 'paused');
    expect(runningTime(paused, paused.keptAt + 5000)).toBeUndefined();
    expect(canBeTakenUp(paused, paused.keptAt + 5000)).toBe(true);
    expect(canBeTakenUp(paused, paused.keptAt + KEPT_FOR * 1000)).toBe(false);
    expect(isUnlogged(paused, paused.keptAt)).toBe(false);
    const over = { ...paused, run: { ...paused.run, state: 'ended' } as const };
    expect(canBeTakenUp(over, over.keptAt)).toBe(false);
    expect(isUnlogged(over, over.keptAt + 1000)).toBe(true);
  });

  it('is nothing where what lies in the browser is no run', () => {
    const kept = keptAfter(5);
    for (const wrong of [
      undefined,
      null,
      'run',
      [],
      {},
      { ...kept, keptAt: 'now' },
      { ...kept, run: { ...kept.run, state: 'waiting' } },
      { ...kept, run: { ...kept.run, position: null } },
      { ...kept, run: { ...kept.run, segments: [] } },
      { ...kept, run: { ...kept.run, segments: [{ start: 3, end: 1, slotId: 'a' }] } },
      { ...kept, run: { ...kept.run, record: [{ actual: 'long' }] } },
    ])
      expect(isKeptRun(wrong)).toBe(false);
  });
});
