import type { Segment } from '../timeline/timeline.ts';
import type { Seconds } from '../units.ts';

/** Segments laid out anew, each beginning where the one before it ends. */
export function oneAfterAnother(segments: readonly Segment[]): readonly Segment[] {
  let clock: Seconds = 0;
  return segments.map((segment) => {
    const start = clock;
    clock += segment.length;
    return { ...segment, start, end: clock };
  });
}
