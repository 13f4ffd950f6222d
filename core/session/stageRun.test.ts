import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { occasionOf } from '../occasion/occasion.ts';
import { testLibrary } from '../testing/drills.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import { readWhiteboard } from '../whiteboard/readWhiteboard.ts';
import { newRun, runAfter, runLength, TEN_MORE, type RunEvent, type StageRun } from './stageRun.ts';

const board =
  'raise\n tall reach 20s\n deep sit 8 @3s\nmobilise 2 rounds rest 10s\n tall reach 4/side\n floor bridge 20s';
const { segments } = timeCircuit(readWhiteboard(board, testLibrary).circuit, occasionOf({ library: testLibrary }));

/** A run with a clock beside it, as the Stage has: it runs while the run does, and stands where the run stands. */
class Hall {
  run: StageRun = newRun(segments);
  /** Seconds that passed in the hall while the run was under way. */
  passed = 0;
  private since = 0;

  wait(seconds: number): void {
    if (this.run.state === 'running' || this.run.state === 'paused') this.since += seconds;
  }

  does(event: RunEvent): void {
    const { state, position } = this.run;
    const reading = { at: position + this.since, stood: this.since };
    if (state === 'running') this.passed += Math.min(this.since, runLength(this.run) - position);
    if (state === 'paused') this.passed += this.since;
    this.since = 0;
    this.run = runAfter(this.run, event, reading);
  }
}

const kinds = ['look', 'start', 'pause', 'go on', 'skip', 'back', 'again', 'leave out', 'ten more', 'stop'] as const;
const event = fc.oneof(
  { weight: 9, arbitrary: fc.constantFrom(...kinds.filter((kind) => kind !== 'stop')) },
  { weight: 1, arbitrary: fc.constant('stop' as const) },
);
const story = fc.array(fc.tuple(fc.integer({ min: 0, max: 120 }), event), { maxLength: 40 });

function told(steps: readonly (readonly [number, RunEvent['kind'] & (typeof kinds)[number]])[]): Hall {
  const hall = new Hall();
  for (const [halves, kind] of steps) {
    hall.wait(halves / 2);
    hall.does({ kind });
  }
  return hall;
}

describe('a note by a tap', () => {
  it('stands at its second, with the drill that was on, and takes no time', () => {
    const hall = new Hall();
    hall.does({ kind: 'start' });
    hall.wait(30);
    hall.does({ kind: 'mark', mark: 'too hard' });
    hall.does({ kind: 'pause' });
    hall.wait(5);
    hall.does({ kind: 'mark', mark: 'niggle' });
    const [first, second] = hall.run.marks;
    expect(first).toMatchObject({ at: 30, kind: 'too hard' });
    expect(second).toEqual({ ...first, kind: 'niggle' });
    expect(segments.some(({ slotId, start, end }) => slotId === first?.slotId && start <= 30 && end > 30)).toBe(true);
    const [booked] = [hall.run.record.reduce((sum, { actual, paused }) => sum + actual + paused, 0)];
    expect(booked).toBeCloseTo(35, 6);
  });
});

describe('a run', () => {
  it('books every second that passes once, under any sequence of events', () => {
    fc.assert(
      fc.property(story, (steps) => {
        const { run, passed } = told(steps);
        const booked = run.record.reduce((sum, { actual, paused }) => sum + actual + paused, 0);
        expect(booked).toBeCloseTo(passed, 6);
      }),
      { numRuns: 1000 },
    );
  });

  it('stands within its length, and once ended changes no more', () => {
    fc.assert(
      fc.property(story, event, (steps, more) => {
        const { run } = told(steps);
        expect(run.position).toBeGreaterThanOrEqual(0);
        expect(run.position).toBeLessThanOrEqual(runLength(run));
        if (run.state === 'ended') expect(runAfter(run, { kind: more }, { at: 7, stood: 7 })).toEqual(run);
      }),
      { numRuns: 1000 },
    );
  });

  it('can be kept at any moment and taken up again: what follows is the same', () => {
    fc.assert(
      fc.property(story, story, (before, after) => {
        const hall = told(before);
        const again = new Hall();
        again.run = JSON.parse(JSON.stringify(hall.run)) as StageRun;
        for (const one of [hall, again]) {
          for (const [halves, kind] of after) {
            one.wait(halves / 2);
            one.does({ kind });
          }
        }
        expect(again.run).toEqual(hall.run);
      }),
      { numRuns: 500 },
    );
  });

  it('left alone it ends at its end, with every slot given what was planned for it', () => {
    const { run } = told([
      [0, 'start'],
      [2 * runLength({ segments }) + 5, 'look'],
    ]);
    expect(run.state).toBe('ended');
    expect(run.record.every(({ actual, planned }) => Math.abs(actual - planned) < 1e-9)).toBe(true);
  });

  it('goes back to the beginning of a stretch, and to the one before where it has hardly begun', () => {
    const second = segments[2];
    const skipped = told([
      [0, 'start'],
      [0, 'skip'],
      [0, 'skip'],
    ]);
    expect(skipped.run.position).toBe(second?.start);
    skipped.wait(1);
    skipped.does({ kind: 'back' });
    expect(skipped.run.position).toBe(segments[1]?.start);
  });

  it('adds ten seconds to the stretch it is in', () => {
    const { run } = told([
      [0, 'start'],
      [4, 'ten more'],
    ]);
    expect(runLength(run)).toBe(runLength({ segments }) + TEN_MORE);
    expect(run.segments[0]?.length).toBe((segments[0]?.length ?? 0) + TEN_MORE);
  });
});
