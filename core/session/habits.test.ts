import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { occasionOf, USUAL_PACE, type Habits } from '../occasion/occasion.ts';
import { anyFitCircuit, fitOccasion } from '../testing/fitCircuits.ts';
import { allSlots } from '../circuit/circuit.ts';
import type { Dose } from '../dose/dose.ts';
import { circuitOf, repsOf, testLibrary, testSlot, timeOf } from '../testing/drills.ts';
import { just } from '../units.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import { blankGaps, GAP_KINDS, NO_PACE, paceOf, type GapRecord, type RunPace } from './gaps.ts';
import { FEWEST_SESSIONS, habitsFrom, LAST_SESSIONS } from './habits.ts';
import { newRun, runAfter } from './stageRun.ts';

const circuit = circuitOf([
  testSlot('Tall reach', repsOf(5), 'each', { id: 'reach' }),
  testSlot('Deep sit', repsOf(5), 'both', { id: 'sit' }),
]);
const occasion = occasionOf({ library: testLibrary });
const { segments } = timeCircuit(circuit, occasion);

const session = (talk: number, planned = 20): RunPace => ({
  move: { planned: 0, actual: 0 },
  talk: { planned, actual: planned * talk },
  switch: { planned: 0, actual: 0 },
  rest: { planned: 0, actual: 0 },
  drills: {},
});

describe('the gaps of a run', () => {
  it('are getting ready, by what it lasts for, changes of side, and rests that no clock gives', () => {
    const kinds = blankGaps(segments).map(({ kind, planned }) => `${kind} ${String(planned)}`);
    expect(kinds).toEqual(
      segments.flatMap(({ kind, waitsFor, length }) =>
        kind === 'ready'
          ? [`${String(waitsFor)} ${String(length)}`]
          : kind === 'switch'
            ? [`switch ${String(length)}`]
            : [],
      ),
    );
    expect(kinds.length).toBeGreaterThan(2);
  });

  it('take the seconds the clock ran and stood still in them, and no other', () => {
    let run = runAfter(newRun(segments), { kind: 'start' }, { at: 0, stood: 0 });
    const ready = segments[0]?.length ?? 0;
    run = runAfter(run, { kind: 'pause' }, { at: ready - 1, stood: 0 });
    run = runAfter(run, { kind: 'go on' }, { at: ready - 1, stood: 9 });
    run = runAfter(run, { kind: 'pause' }, { at: ready + 4, stood: 0 });
    run = runAfter(run, { kind: 'look' }, { at: ready + 4, stood: 30 });
    const [first, ...others] = run.gaps;
    expect([first?.actual, first?.paused]).toEqual([ready, 9]);
    expect(others.every(({ actual, paused }) => actual === 0 && paused === 0)).toBe(true);
  });

  it('come to what was planned at the usual pace, interruptions and what was skipped left out', () => {
    const gap = (actual: number, paused = 0): GapRecord => ({
      slotId: 'a',
      drillId: 'tall-reach',
      round: 1,
      at: 0,
      kind: 'talk',
      planned: 6,
      actual,
      paused,
    });
    const kept = paceOf([gap(6, 3), gap(6), gap(6, 300), gap(0.5), gap(40), gap(0)], { ...USUAL_PACE, talk: 2 });
    expect(kept.talk).toEqual({ planned: 6, actual: 15 });
    expect(kept.move).toEqual({ planned: 0, actual: 0 });
  });

  it('tell what was said before each drill at its first time, by the habit that it was planned with', () => {
    const words = (drillId: string, round: number, actual: number): GapRecord => ({
      slotId: drillId,
      drillId,
      round,
      at: 0,
      kind: 'talk',
      planned: 20,
      actual,
      paused: 0,
    });
    const pace = paceOf([words('reach', 1, 30), words('reach', 2, 8), words('sit', 1, 20)], {
      ...USUAL_PACE,
      talk: 2,
      drills: { reach: 1 },
    });
    expect(pace.drills).toEqual({ reach: { planned: 20, actual: 30 }, sit: { planned: 10, actual: 20 } });
    expect(pace.talk).toEqual({ planned: 20 + 10 + 10, actual: 58 });
  });

  it('count a rest after reps or between rounds, and none that belongs to timed work', () => {
    const rests = (dose: Dose) => {
      const slot = testSlot('Deep sit', dose, 'both', { id: 'sit', rest: 20, sets: just(2), setRest: 30 });
      const planned = timeCircuit(circuitOf([slot], just(2), 40), occasion).segments;
      return blankGaps(planned).flatMap((gap) => (gap.kind === 'rest' ? [gap.planned] : []));
    };
    expect(rests(repsOf(5))).toEqual([30, 20, 40, 30]);
    expect(rests(timeOf(20))).toEqual([40]);
  });
});

describe('habits', () => {
  it('are the median of the last sessions, from five on, between a half and twice', () => {
    const talk = (ratios: readonly number[]) => habitsFrom(ratios.map((ratio) => session(ratio))).habits.talk;
    expect(talk([1.5, 1.5, 1.5, 1.5])).toBe(1);
    expect(talk([1.5, 1.2, 9, 1.4, 1.3])).toBeCloseTo(1.4, 12);
    expect(talk([1, 1.2, 1.4, 1.6, 1.8, 2])).toBeCloseTo(1.5, 12);
    expect([talk(Array<number>(6).fill(5)), talk(Array<number>(6).fill(0.1))]).toEqual([2, 0.5]);
    expect(habitsFrom([])).toEqual({ habits: USUAL_PACE, sessions: 0 });
    expect(habitsFrom(Array<RunPace>(8).fill(session(1.2))).sessions).toBe(8);
  });

  it('follow a coach who changes, and take no notice of sessions that say nothing', () => {
    const before = Array<RunPace>(30).fill(session(2));
    const since = Array<RunPace>(LAST_SESSIONS).fill(session(1.1));
    expect(habitsFrom([...since, ...before]).habits.talk).toBeCloseTo(1.1, 12);
    expect(habitsFrom([...Array<RunPace>(4).fill(session(1.8)), session(1.2, 1)]).habits.talk).toBe(1);
    expect(FEWEST_SESSIONS).toBe(5);
  });
});

/** A made-up coach: what each gap of a plan takes with their habits, give or take, now and then with an interruption. */
function lived(plan: readonly GapRecord[], habits: Habits, noise: () => number): readonly GapRecord[] {
  return plan.map((gap) => {
    const actual = gap.planned * habits[gap.kind] * (0.75 + 0.5 * noise());
    const [taken, stood] = [Math.min(actual, gap.planned), Math.max(0, actual - gap.planned)];
    return { ...gap, actual: taken, paused: noise() < 0.03 ? 120 : stood };
  });
}

/** Numbers from 0 to 1, each as likely as another: the minimal standard generator of Park and Miller (Communications of the ACM 31, 1988; from memory). */
function evenly(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 16_807) % 2_147_483_647;
    return state / 2_147_483_647;
  };
}

/** Seconds of a run: its work and rests as planned, its gaps as they were lived, without interruptions. */
const secondsOf = (planned: number, gaps: readonly GapRecord[]): number =>
  gaps.reduce((sum, { planned: plan, actual, paused }) => sum - plan + actual + (paused > 45 ? 0 : paused), planned);

describe('the words before one drill', () => {
  const said = (ratio: number, planned = 10): RunPace => ({
    ...NO_PACE,
    drills: { 'deep-sit': { planned, actual: planned * ratio } },
  });
  it('are learnt from five times that it was explained, whatever else was run between', () => {
    const four = Array<RunPace>(4).fill(said(1.8));
    expect(habitsFrom(four).habits.drills).toEqual({});
    expect(habitsFrom([...four, ...Array<RunPace>(20).fill(session(1)), said(1.6)]).habits.drills).toEqual({
      'deep-sit': 1.8,
    });
    // A name and a nod say nothing.
    expect(habitsFrom(Array<RunPace>(9).fill(said(1.8, 3))).habits.drills).toEqual({});
    // They are the coach's with every group.
    const everywhere = Array<RunPace>(5).fill(said(1.5));
    expect(habitsFrom([], everywhere)).toMatchObject({ habits: { drills: { 'deep-sit': 1.5 } }, sessions: 0 });
  });

  it('take the place of what is usual for that drill alone, and only at its first time', () => {
    const habits = { ...USUAL_PACE, drills: { 'deep-sit': 2 } };
    const shown = occasionOf({ library: testLibrary, newDrills: new Set(['deep-sit', 'tall-reach']) });
    const ready = (of: Habits) =>
      timeCircuit(circuitOf(allSlots(circuit), just(2)), { ...shown, habits: of })
        .segments.filter(({ kind }) => kind === 'ready')
        .map(({ drillId, round, length }) => `${drillId} ${String(round)} ${String(length)}`);
    expect(ready(USUAL_PACE)).toContain('deep-sit 1 10');
    expect(ready(habits)).toEqual(ready(USUAL_PACE).map((one) => one.replace('deep-sit 1 10', 'deep-sit 1 20')));
  });
});

describe('made-up coaches', () => {
  it('are known within a tenth after eight sessions, and the ninth ends when it was said', () => {
    const off: { readonly with: number; readonly without: number }[] = [];
    const near: boolean[] = [];
    const habit = fc.integer({ min: 70, max: 190 }).map((share) => share / 100);
    fc.assert(
      fc.property(
        anyFitCircuit(8, 14),
        fc.record({ move: habit, talk: habit, switch: habit, rest: habit, drills: fc.constant({}) }),
        fc.integer({ min: 1, max: 2 ** 31 - 2 }),
        (large, habits, seed) => {
          const noise = evenly(seed);
          const usual = fitOccasion();
          const plan = timeCircuit(large, usual);
          const blank = blankGaps(plan.segments);
          const eight = Array.from({ length: 8 }, () => paceOf(lived(blank, habits, noise)));
          const { habits: learnt, sessions } = habitsFrom(eight);
          if (sessions === 0) return;
          for (const kind of GAP_KINDS) {
            const seconds = blank.filter((gap) => gap.kind === kind).reduce((sum, { planned }) => sum + planned, 0);
            if (seconds >= 20) near.push(Math.abs(learnt[kind] / habits[kind] - 1) <= 0.1);
          }
          const ninth = secondsOf(plan.total.plan, lived(blank, habits, noise));
          const said = timeCircuit(large, { ...usual, habits: learnt }).total.plan;
          off.push({ with: Math.abs(said - ninth), without: Math.abs(plan.total.plan - ninth) });
        },
      ),
      { numRuns: 60 },
    );
    const median = (numbers: readonly number[]) =>
      numbers.toSorted((one, other) => one - other)[Math.floor(numbers.length / 2)] ?? NaN;
    expect(near.filter(Boolean).length / near.length).toBeGreaterThan(0.9);
    expect(median(off.map((one) => one.with))).toBeLessThan(15);
    expect(median(off.map((one) => one.with))).toBeLessThan(median(off.map((one) => one.without)) / 2);
  });
});
