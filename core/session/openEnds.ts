import { stretchSegment } from '../timeline/moment.ts';
import type { Segment } from '../timeline/timeline.ts';
import type { Seconds } from '../units.ts';

/** An open end stays at least this far ahead of the clock, so that no sound of what follows is handed over before it is ended. */
const AHEAD: Seconds = 2;
/** How much longer it is laid out at a time: everything that follows is said and drawn anew each time. */
const HELD_FOR: Seconds = 5;

/** The segments with every open end that a clock comes near, going from one position to another, held open a while longer. */
export function heldOpen(segments: readonly Segment[], from: Seconds, to: Seconds): readonly Segment[] {
  const index = segments.findIndex(({ openEnd, end }) => openEnd && end > from && end - AHEAD <= to);
  const open = segments[index];
  if (!open) return segments;
  return heldOpen(stretchSegment(segments, index, to + AHEAD + HELD_FOR - open.end), from, to);
}

/** The segments with one that ends now, and all later ones moved up. */
export function endedAt(segments: readonly Segment[], index: number, position: Seconds): readonly Segment[] {
  return stretchSegment(segments, index, position - (segments[index]?.end ?? position));
}
