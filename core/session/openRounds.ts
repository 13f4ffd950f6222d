import type { Circuit } from '../circuit/circuit.ts';
import type { Segment } from '../timeline/timeline.ts';
import type { Range, Seconds } from '../units.ts';
import { oneAfterAnother } from './oneAfterAnother.ts';

/** A round after which there may be one more, or not: "3 or 4 rounds". */
export interface OpenRound {
  readonly blockId: string;
  readonly round: number;
  /** The rounds that were written. */
  readonly rounds: Range;
  /** Until then the run goes on by itself; there it waits for the answer. */
  readonly waitsAt: Seconds;
}

/** So long before the end of its round a question is asked. */
const BEFORE_END: Seconds = 3;
/** How far before the very end of a circuit a run waits: at its end it would be over. */
const BEFORE_OVER: Seconds = 0.25;

const isRoundRest = ({ restAfter }: Segment): boolean => restAfter === 'round';

/** The round that is about to end, where the coach decides whether there is one more; undefined where there is none. */
export function openRoundAt(
  segments: readonly Segment[],
  { blocks }: Pick<Circuit, 'blocks'>,
  position: Seconds,
): OpenRound | undefined {
  for (const { id, rounds } of blocks) {
    if (rounds.high === rounds.low) continue;
    for (let round = rounds.low; round < rounds.high; round += 1) {
      const last = segments.findLastIndex((one) => one.blockId === id && one.round === round && !isRoundRest(one));
      const ends = segments[last]?.end;
      if (ends === undefined) break;
      const next = segments.slice(last + 1).find((one) => !isRoundRest(one));
      const waitsAt = next?.start ?? ends - BEFORE_OVER;
      if (position >= ends - BEFORE_END && position <= waitsAt + BEFORE_OVER)
        return { blockId: id, round, rounds, waitsAt };
    }
  }
  return undefined;
}

/** The segments with one more round of a block after one that was done: as they are where it is planned, else a copy of it. */
export function withOneMoreRound(
  segments: readonly Segment[],
  { blockId, round }: Pick<OpenRound, 'blockId' | 'round'>,
): readonly Segment[] {
  const isOwn = (one: Segment): boolean => one.blockId === blockId;
  if (segments.some((one) => isOwn(one) && one.round > round)) return segments;
  const done = segments.filter((one) => isOwn(one) && one.round === round && !isRoundRest(one));
  const rest = segments.find((one) => isOwn(one) && isRoundRest(one));
  const last = segments.findLastIndex((one) => isOwn(one) && one.round === round);
  const more = [...(rest ? [{ ...rest, round }] : []), ...done.map((one) => ({ ...one, round: round + 1 }))];
  const named = [...segments.slice(0, last + 1), ...more, ...segments.slice(last + 1)];
  return oneAfterAnother(named.map((one) => (isOwn(one) ? { ...one, rounds: round + 1 } : one)));
}

/** The segments without the rounds of a block that would follow one, nor the rest before them. */
export function withoutMoreRounds(
  segments: readonly Segment[],
  { blockId, round }: Pick<OpenRound, 'blockId' | 'round'>,
  position: Seconds,
): readonly Segment[] {
  const left = segments.flatMap((one): readonly Segment[] => {
    if (one.blockId !== blockId || (one.round <= round && !isRoundRest(one))) return [one];
    if (one.round < round) return [one];
    // A rest that has begun ends now.
    const begun = isRoundRest(one) && one.start < position ? Math.min(one.length, position - one.start) : 0;
    return begun > 0 ? [{ ...one, length: begun }] : [];
  });
  return oneAfterAnother(left.map((one) => (one.blockId === blockId ? { ...one, rounds: round } : one)));
}
