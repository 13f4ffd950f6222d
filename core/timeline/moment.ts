import type { Seconds } from '../units.ts';
import type { Segment } from './timeline.ts';

/** Where a circuit stands at an instant. */
export interface Moment {
  readonly index: number;
  readonly segment: Segment;
  /** Seconds since the segment began. */
  readonly into: Seconds;
  /** Seconds until the segment ends; never negative. */
  readonly left: Seconds;
  /** The instant is at or past the circuit's end; the segment is then the last. */
  readonly finished: boolean;
}

/** The moment at a position in seconds from the start, or undefined where there are no segments. */
export function momentAt(segments: readonly Segment[], position: Seconds): Moment | undefined {
  const index = indexAt(segments, position);
  const segment = segments[index];
  if (!segment) return undefined;
  return {
    index,
    segment,
    into: Math.max(0, position - segment.start),
    left: Math.max(0, segment.end - position),
    finished: position >= segment.end,
  };
}

/** Index of the segment that holds a position: the one that starts there at a border, the last past the end. */
function indexAt(segments: readonly Segment[], position: Seconds): number {
  let low = 0;
  let high = segments.length - 1;
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if ((segments[middle]?.start ?? Infinity) <= position) low = middle;
    else high = middle - 1;
  }
  return low;
}

/** The first segment after `index` that belongs to another slot, round or repetition of a slot; undefined at the end. */
export function nextTurn(segments: readonly Segment[], index: number): Segment | undefined {
  const now = segments[index];
  return segments.slice(index + 1).find((segment) => segment.slotId !== now?.slotId || segment.round !== now.round);
}

/** The segments with one made longer, and all later ones moved on by as much. */
export function stretchSegment(segments: readonly Segment[], index: number, by: Seconds): readonly Segment[] {
  return segments.map((segment, at) => {
    if (at < index) return segment;
    const start = at === index ? segment.start : segment.start + by;
    const length = at === index ? segment.length + by : segment.length;
    return { ...segment, start, length, end: start + length };
  });
}
