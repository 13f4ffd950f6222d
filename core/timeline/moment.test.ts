import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { repetitionAt } from '../dose/repetition.ts';
import { soundsOf } from '../prompts/sounds.ts';
import { blankRecord, recordAlong, spend, spendBetween } from '../session/runRecord.ts';
import { anyCircuit } from '../testing/arbitrary.ts';
import { circuitOf, repsOf, testLibrary, testSlot, timeOf } from '../testing/drills.ts';
import { just } from '../units.ts';
import { momentAt, nextTurn, stretchSegment } from './moment.ts';
import { occasionOf } from '../occasion/occasion.ts';
import { timeCircuit } from './timeCircuit.ts';

const occasion = occasionOf({ library: testLibrary });
// Ready 3, left 10, switch 3, right 10, rest 5; ready 3, work 20; and again after a round rest of 15.
const circuit = circuitOf(
  [
    testSlot('Tall reach', timeOf(10), 'each', { id: 'first', rest: 5 }),
    testSlot('Tall reach', timeOf(20), 'both', { id: 'second' }),
  ],
  just(2),
  15,
);
const { segments, total } = timeCircuit(circuit, occasion);

describe('the moment at a position', () => {
  it('is the segment that starts at a border, with what is left of it', () => {
    expect(momentAt(segments, 3)).toMatchObject({ segment: { kind: 'work', side: 'left' }, into: 0, left: 10 });
    expect(momentAt(segments, 12.5)).toMatchObject({ into: 9.5, left: 0.5, finished: false });
  });

  it('is the last segment, finished, at and past the end', () => {
    expect(momentAt(segments, total.plan)).toMatchObject({ index: segments.length - 1, left: 0, finished: true });
    expect(momentAt([], 0)).toBeUndefined();
  });

  it('is found in any circuit at any position', () => {
    fc.assert(
      fc.property(anyCircuit, fc.double({ min: 0, max: 1, noNaN: true }), (any, share) => {
        const timeline = timeCircuit(any, occasion);
        const position = share * timeline.total.plan;
        const moment = momentAt(timeline.segments, position);
        if (timeline.segments.length === 0) return moment === undefined;
        return moment !== undefined && moment.segment.start <= position && position <= moment.segment.end;
      }),
    );
  });

  it('says what comes next: the next slot, not the other side of this one', () => {
    expect(nextTurn(segments, 0)?.slotId).toBe('second');
    const lastOfRound = segments.findIndex(({ restAfter }) => restAfter === 'round');
    expect(nextTurn(segments, lastOfRound)).toMatchObject({ slotId: 'first', round: 2 });
    expect(nextTurn(segments, segments.length - 1)).toBeUndefined();
  });

  it('moves everything after a stretched segment on by as much', () => {
    const longer = stretchSegment(segments, 1, 10);
    expect(longer[1]).toMatchObject({ start: 3, end: 23, length: 20 });
    expect(longer[2]).toMatchObject({ start: 23, end: 26 });
    expect(longer.at(-1)?.end).toBe(total.plan + 10);
  });
});

describe('sounds', () => {
  it('count the last three seconds before and of work, and mark go, the side change, rest and the end', () => {
    const once = timeCircuit(
      circuitOf([testSlot('Tall reach', timeOf(10), 'each', { rest: 5 }), testSlot('Run', timeOf(5))]),
      occasion,
    );
    expect(soundsOf(once.segments).map(({ at, kind }) => `${String(at)} ${kind}`)).toEqual([
      '1 count',
      '2 count',
      '3 go',
      '10 count',
      '11 count',
      '12 count',
      '13 switch',
      '14 count',
      '15 count',
      '16 go',
      '23 count',
      '24 count',
      '25 count',
      '26 rest',
      '32 count',
      '33 count',
      '34 go',
      '36 count',
      '37 count',
      '38 count',
      '39 end',
    ]);
  });

  it('come in order of time and never before the start', () => {
    fc.assert(
      fc.property(anyCircuit, (any) => {
        const times = soundsOf(timeCircuit(any, occasion).segments).map(({ at }) => at);
        return times.every((at, index) => at >= (times[index - 1] ?? 0));
      }),
    );
  });
});

describe('the record of a run', () => {
  it('has a turn for every slot and round, with what was planned', () => {
    expect(blankRecord(segments).map(({ slotId, round, planned }) => [slotId, round, planned])).toEqual([
      ['first', 1, 31],
      ['second', 1, 38],
      ['first', 2, 30],
      ['second', 2, 22],
    ]);
  });

  it('gives every slot its own seconds, however seldom it was looked at', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: total.plan, noNaN: true })), (looks) => {
        const times = [0, ...looks.toSorted((one, other) => one - other), total.plan];
        const record = times.reduce(
          (so, to, index) => spendBetween(so, segments, times[index - 1] ?? 0, to),
          blankRecord(segments),
        );
        for (const { planned, actual } of record) expect(actual).toBeCloseTo(planned, 6);
      }),
    );
  });

  it('goes on with turns that are new, and keeps those that are gone with what they took', () => {
    const spent = spend(blankRecord(segments), { slotId: 'first', round: 1 }, 31, false);
    const other = segments.filter(({ round }) => round === 1).map((one) => ({ ...one, round: 3 }));
    expect(recordAlong(spent, other).map(({ slotId, round, actual }) => [slotId, round, actual])).toEqual([
      ['first', 1, 31],
      ['second', 1, 0],
      ['first', 2, 0],
      ['second', 2, 0],
      ['first', 3, 0],
      ['second', 3, 0],
    ]);
  });

  it('keeps time that stood still apart', () => {
    const record = spend(blankRecord(segments), { slotId: 'second', round: 1 }, 12, true);
    expect(record.map(({ actual, paused }) => [actual, paused])).toEqual([
      [0, 0],
      [0, 12],
      [0, 0],
      [0, 0],
    ]);
  });
});

describe('the repetition under way', () => {
  it('counts from one, both sides where they alternate, and never past the last', () => {
    expect(repetitionAt(repsOf(8), 'both', 0)).toEqual({ now: 1, of: 8 });
    expect(repetitionAt(repsOf(8), 'both', 3)).toEqual({ now: 2, of: 8 });
    expect(repetitionAt(repsOf(8), 'alternate', 47.9)).toEqual({ now: 16, of: 16 });
    expect(repetitionAt(repsOf(8), 'each', 99)).toEqual({ now: 8, of: 8 });
    expect(repetitionAt(timeOf(30), 'both', 3)).toBeUndefined();
  });
});
