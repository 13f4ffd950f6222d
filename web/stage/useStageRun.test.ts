import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { testLibrary } from '@prompt-spark/core/testing/drills';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, type EffectScope } from 'vue';
import { useStageRun, type StageConductor } from './useStageRun.ts';

// Ready 3, left 10, switch 3, right 10, rest 5; ready 3, work 20: 54 s.
const board = 'mobilise\n tall reach 10s/side rest 5s\n deep sit 20s';
const { segments } = timeCircuit(readWhiteboard(board, testLibrary).circuit, occasionOf({ library: testLibrary }));

let scope: EffectScope;
let run: StageConductor;

beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'setInterval', 'clearTimeout', 'clearInterval', 'performance', 'Date'] });
  scope = effectScope();
  const made = scope.run(() => useStageRun(segments));
  if (!made) throw new Error('The run was not made.');
  run = made;
  const started = run.start();
  await vi.advanceTimersByTimeAsync(0);
  await started;
});
afterEach(() => {
  scope.stop();
  vi.useRealTimers();
});

/** Lets time pass, then looks at the clock once: there are no frames here. */
const pass = async (seconds: number) => {
  await vi.advanceTimersByTimeAsync(seconds * 1000);
  run.look();
};
const now = () => run.moment.value?.segment;
const actual = () => run.record.value.map((turn) => Math.round(turn.actual * 10) / 10);

describe('a run on the Stage, without sound and without frames', () => {
  it('goes through its segments to the end, and books every second to its slot', async () => {
    expect(run.state.value).toBe('running');
    await pass(4);
    expect(now()).toMatchObject({ kind: 'work', side: 'left' });
    await pass(52);
    expect(run.state.value).toBe('ended');
    expect(actual()).toEqual([31, 23]);
  });

  it('has come to its end where it ends by itself, though the clock moves while it is read', async () => {
    await pass(53.9);
    const before = performance.now();
    // The first reading lies a millisecond before the end, the next a millisecond behind it.
    vi.spyOn(performance, 'now')
      .mockReturnValueOnce(before + 99)
      .mockReturnValue(before + 101);
    run.look();
    run.look();
    vi.restoreAllMocks();
    expect(run.state.value).toBe('ended');
    expect(run.position.value).toBe(run.total.value);
  });

  it('stands still while paused, and keeps that time apart', async () => {
    await pass(5);
    run.pause();
    await pass(60);
    expect(run.position.value).toBeCloseTo(5);
    run.goOn();
    await pass(2);
    expect(run.position.value).toBeCloseTo(7);
    expect(run.record.value[0]?.paused).toBeCloseTo(60);
  });

  it('skips to the next segment and books only what was done', async () => {
    await pass(5);
    run.skip();
    expect(now()).toMatchObject({ kind: 'switch' });
    run.skip();
    run.skip();
    run.skip();
    expect(now()).toMatchObject({ kind: 'ready', slotId: 'line-3' });
    expect(actual()).toEqual([5, 0]);
    run.skip();
    run.skip();
    expect(run.state.value).toBe('ended');
  });

  it('goes back to the beginning of a segment, or to the one before where it has hardly begun', async () => {
    await pass(8);
    run.back();
    expect(run.position.value).toBeCloseTo(3);
    await pass(1);
    run.back();
    expect(now()).toMatchObject({ kind: 'ready' });
  });

  it('gives ten seconds more to what is under way, and to the whole', async () => {
    await pass(5);
    run.tenMore();
    expect(run.moment.value?.left).toBeCloseTo(18);
    expect(run.total.value).toBe(64);
    await pass(60);
    expect(run.state.value).toBe('ended');
    expect(actual()).toEqual([41, 23]);
  });

  it('can be moved about while paused without running on', async () => {
    run.pause();
    run.skip();
    await pass(10);
    expect(run.state.value).toBe('paused');
    expect(run.position.value).toBeCloseTo(3);
  });

  it('ends where the coach stops it', async () => {
    await pass(12);
    run.stopEarly();
    await pass(20);
    expect(run.state.value).toBe('ended');
    expect(actual()).toEqual([12, 0]);
    run.tenMore();
    run.skip();
    expect(actual()).toEqual([12, 0]);
  });

  it('says what is next', async () => {
    expect(run.next.value?.slotId).toBe('line-3');
    await pass(40);
    expect(run.next.value).toBeUndefined();
  });
});
