import { describe, expect, it } from 'vitest';
import { occasionOf } from '../occasion/occasion.ts';
import { testLibrary } from '../testing/drills.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import type { Segment } from '../timeline/timeline.ts';
import { readWhiteboard } from '../whiteboard/readWhiteboard.ts';
import { openRoundAt, withOneMoreRound, withoutMoreRounds } from './openRounds.ts';

function boardOf(text: string) {
  const { circuit } = readWhiteboard(text, testLibrary);
  return { circuit, segments: timeCircuit(circuit, occasionOf({ library: testLibrary })).segments };
}
const rounds = (segments: readonly Segment[]) =>
  segments.filter(({ kind }) => kind === 'work').map(({ round }) => round);
const isWhole = (segments: readonly Segment[]) =>
  segments.every(({ start, end, length }, at) => start === (segments[at - 1]?.end ?? 0) && end === start + length);
const endOfRound = (segments: readonly Segment[], round: number) =>
  segments.findLast((one) => one.round === round && one.restAfter !== 'round' && one.rounds > 1)?.end ?? 0;

describe('three or four rounds', () => {
  const { circuit, segments } = boardOf('mobilise 3-4 rounds rest 15s\n deep sit 20s\nraise\n run 20s');

  it('are asked about at the end of the third, and wait where the fourth would begin', () => {
    const ends = endOfRound(segments, 3);
    expect(openRoundAt(segments, circuit, ends - 10)).toBeUndefined();
    expect(openRoundAt(segments, circuit, endOfRound(segments, 2))).toBeUndefined();
    const asked = openRoundAt(segments, circuit, ends - 1);
    expect(asked).toMatchObject({ round: 3, rounds: { low: 3, high: 4 } });
    expect(asked?.waitsAt).toBe(ends + 15);
    expect(openRoundAt(segments, circuit, ends + 14)).toEqual(asked);
  });

  it('go on as planned with one more, and without it the rest ends at once', () => {
    const ends = endOfRound(segments, 3);
    const asked = openRoundAt(segments, circuit, ends + 5);
    if (!asked) throw new Error('It is not asked.');
    expect(withOneMoreRound(segments, asked)).toBe(segments);
    const left = withoutMoreRounds(segments, asked, ends + 5);
    expect(rounds(left)).toEqual([1, 2, 3, 1]);
    expect(isWhole(left)).toBe(true);
    expect(left.find(({ drillId }) => drillId === 'run')?.start).toBe(ends + 5);
  });
});

describe('two to four rounds at the end of a circuit', () => {
  const { circuit, segments } = boardOf('mobilise 2-4 rounds rest 10s\n deep sit 20s');

  it('may come to more than were planned: a copy of the last, with its rest', () => {
    expect(rounds(segments)).toEqual([1, 2, 3]);
    const asked = openRoundAt(segments, circuit, (segments.at(-1)?.end ?? 0) - 1);
    if (!asked) throw new Error('It is not asked.');
    expect(asked).toMatchObject({ round: 3 });
    expect(asked.waitsAt).toBeLessThan(segments.at(-1)?.end ?? 0);
    const more = withOneMoreRound(segments, asked);
    expect(rounds(more)).toEqual([1, 2, 3, 4]);
    expect(isWhole(more)).toBe(true);
    expect(more.filter(({ restAfter }) => restAfter === 'round').map(({ length }) => length)).toEqual([10, 10, 10]);
    expect(new Set(more.map((one) => one.rounds))).toEqual(new Set([4]));
  });

  it('are asked about nowhere where their number is said', () => {
    const said = boardOf('mobilise 3 rounds\n deep sit 20s');
    const everywhere = said.segments.flatMap(({ start, end }) => [start, end - 1, end]);
    expect(everywhere.map((at) => openRoundAt(said.segments, said.circuit, at)).filter(Boolean)).toEqual([]);
  });
});
