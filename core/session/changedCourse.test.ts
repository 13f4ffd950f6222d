import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { allSlots } from '../circuit/circuit.ts';
import { occasionOf } from '../occasion/occasion.ts';
import { testLibrary } from '../testing/drills.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import type { Segment } from '../timeline/timeline.ts';
import { readWhiteboard } from '../whiteboard/readWhiteboard.ts';
import { withDrillSwapped, withoutDrill } from './changedCourse.ts';
import { newRun, runAfter, runLength, type StageRun } from './stageRun.ts';

const occasion = occasionOf({ library: testLibrary });
const board = 'raise\n run 20s\nmobilise 2 rounds rest 10s\n tall reach 4/side\n floor bridge 20s';
const { circuit } = readWhiteboard(board, testLibrary);
const { segments } = timeCircuit(circuit, occasion);
const [run, reach, bridge] = allSlots(circuit);
if (!run || !reach || !bridge) throw new Error('The board has three drills.');

const reachStarts = segments.find(({ slotId, kind }) => slotId === reach.id && kind === 'work')?.start ?? 0;
const turns = (some: readonly Segment[]) => [
  ...new Set(some.map(({ drillId, round }) => `${drillId} ${String(round)}`)),
];
const isWhole = (some: readonly Segment[]) =>
  some.every(
    ({ start, end, length }, at) => start === (some[at - 1]?.end ?? 0) && end === start + length && length >= 0,
  );

describe('a drill that is left out while the class runs', () => {
  it('ends now, is not done in the second round, and leaves the rest between the rounds', () => {
    const after = withoutDrill(segments, reachStarts + 3);
    expect(turns(after)).toEqual(['run 1', 'tall-reach 1', 'floor-bridge 1', 'floor-bridge 2']);
    expect(after.filter(({ restAfter }) => restAfter === 'round')).toHaveLength(1);
    const before = segments.filter(({ slotId }) => slotId === reach.id).reduce((sum, { length }) => sum + length, 0);
    const left = after.filter(({ slotId }) => slotId === reach.id).reduce((sum, { length }) => sum + length, 0);
    expect(runLength({ segments: after })).toBeCloseTo(runLength({ segments }) - (before - left), 6);
  });
});

describe('a drill that takes the place of another while the class runs', () => {
  const drill = testLibrary.byId.get('deep-sit');
  if (!drill) throw new Error('The library has a deep sit.');
  const swapped = withDrillSwapped(
    { circuit, slot: reach, id: 'new' },
    { drill, rungId: '' },
    segments,
    reachStarts + 3,
    occasion,
  );

  it('begins now, with getting ready, and is done in the second round too', () => {
    expect(turns(swapped?.segments ?? [])).toEqual([
      'run 1',
      'tall-reach 1',
      'deep-sit 1',
      'floor-bridge 1',
      'deep-sit 2',
      'floor-bridge 2',
    ]);
    expect(swapped?.slot).toMatchObject({ id: 'new', drillId: 'deep-sit' });
    const first = swapped?.segments.find(({ slotId }) => slotId === 'new');
    expect(first).toMatchObject({ kind: 'ready', start: reachStarts + 3 });
  });

  it('leaves what has been as it was, whole and without a gap, wherever the run stands', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: runLength({ segments }) - 0.01, noNaN: true }), (position) => {
        const now = segments.findLast(({ start }) => start <= position);
        const slot = allSlots(circuit).find(({ id }) => id === now?.slotId) ?? reach;
        const out = withoutDrill(segments, position);
        const other = withDrillSwapped(
          { circuit, slot, id: 'new' },
          { drill, rungId: '' },
          segments,
          position,
          occasion,
        );
        for (const after of [out, other?.segments ?? []]) {
          expect(isWhole(after)).toBe(true);
          const past = segments.filter(({ end }) => end <= position);
          expect(after.slice(0, past.length)).toEqual(past);
        }
      }),
    );
  });
});

describe('an open end', () => {
  const open = timeCircuit(readWhiteboard('raise\n run feel 20s\n tall reach 10s', testLibrary).circuit, occasion);
  const feels = open.segments.find(({ openEnd }) => openEnd);
  if (!feels) throw new Error('The board has an open end.');
  const at = (position: number) => ({ at: position, stood: 0 });
  const started = runAfter(newRun(open.segments), { kind: 'start' }, at(0));
  const looked = (run: StageRun, until: number, step: number): StageRun =>
    run.position + step > until
      ? runAfter(run, { kind: 'look' }, at(until))
      : looked(runAfter(run, { kind: 'look' }, at(run.position + step)), until, step);

  it('waits for the coach, however long, and goes on from there when told', () => {
    const later = looked(started, feels.end + 95, 0.5);
    const here = later.segments.find(({ start, end }) => start <= later.position && later.position < end);
    expect(here?.slotId).toBe(feels.slotId);
    const ended = runAfter(later, { kind: 'skip' }, at(later.position));
    expect(ended.position).toBe(later.position);
    const next = ended.segments.find(({ start }) => start >= ended.position && start > 0);
    expect(next?.slotId).not.toBe(feels.slotId);
    expect(runLength(ended)).toBeCloseTo(runLength(open) + 95, 6);
    // What it took is booked on it.
    expect(ended.record[0]?.actual).toBeCloseTo(feels.end + 95, 6);
  });

  it('waits as well where nobody looked at the clock for a minute, and may be ended early', () => {
    const away = runAfter(started, { kind: 'look' }, at(feels.end + 60));
    expect(away.position).toBe(feels.end + 60);
    expect(away.state).toBe('running');
    expect(away.record[1]?.actual).toBe(0);
    const early = runAfter(looked(started, feels.start + 4, 1), { kind: 'skip' }, at(feels.start + 4));
    expect(runLength(early)).toBeCloseTo(runLength(open) - (feels.length - 4), 6);
  });
});

it('begins a drill again from getting ready, in its round', () => {
  const second = segments.find(({ slotId, round, kind }) => slotId === bridge.id && round === 2 && kind === 'work');
  if (!second) throw new Error('There is a second round.');
  const start = runAfter(newRun(segments), { kind: 'start' }, { at: 0, stood: 0 });
  const again = runAfter(start, { kind: 'again' }, { at: second.start + 5, stood: 0 });
  expect(again.position).toBe(segments.find(({ slotId, round }) => slotId === bridge.id && round === 2)?.start);
});
