import { phaseName } from '../wording/phases.ts';
import type { FuseSegment } from '@prompt-spark/core/timeline/fuseSketch';
import type { Effort, Seconds } from '@prompt-spark/core/units';
import { say } from './say.ts';

/** A drawn stretch of the fuse, in pixels from its left end. */
export interface FuseStretch {
  readonly x: number;
  readonly width: number;
  /** The effort of the work, 0–10; null for thread: ready, switch and rest. */
  readonly effort: Effort | null;
  readonly rest: boolean;
  readonly segment: FuseSegment;
}

/** A point on the fuse. */
export interface FuseMark {
  readonly x: number;
  readonly label: string;
}

/** Everything the fuse draws. */
export interface FuseShape {
  readonly stretches: readonly FuseStretch[];
  /** Where a block begins, with its name; its label is left out where it would run into the next. */
  readonly blocks: readonly FuseMark[];
  /** Where a round of the same block begins. */
  readonly knots: readonly FuseMark[];
}

/** Space between two blocks, so that a block boundary is seen as a gap. */
const BLOCK_GAP = 7;
/** Room that a letter of a label takes, near enough to keep labels apart. */
const LETTER_WIDTH = 7.4;

/** Lays a timeline out as a fuse: length is time, so `seconds` of it fill `width` pixels. */
export function fuseShape(
  { segments }: { readonly segments: readonly FuseSegment[] },
  width: number,
  seconds: Seconds,
): FuseShape {
  const scale = seconds > 0 ? width / seconds : 0;
  const stretches = segments.map((segment, index) => {
    const opens = index > 0 && segments[index - 1]?.blockId !== segment.blockId;
    const gap = opens ? Math.min(BLOCK_GAP, segment.length * scale) : 0;
    return {
      x: segment.start * scale + gap,
      width: Math.max(0, segment.length * scale - gap),
      effort: segment.kind === 'work' ? segment.effort : null,
      rest: segment.kind === 'rest',
      segment,
    };
  });
  return {
    stretches,
    blocks: blockMarks(segments, scale, width),
    knots: segments.flatMap((segment, index) => {
      const before = segments[index - 1];
      const ties = before?.blockId === segment.blockId && before.round !== segment.round;
      return ties ? [{ x: segment.start * scale, label: say.fuseShape.round(segment.round) }] : [];
    }),
  };
}

function blockMarks(segments: readonly FuseSegment[], scale: number, width: number): readonly FuseMark[] {
  const marks = segments.flatMap((segment, index) => {
    if (segments[index - 1]?.blockId === segment.blockId) return [];
    const times = segment.rounds > 1 ? ` ×${segment.rounds}` : '';
    return [{ x: segment.start * scale + (index > 0 ? BLOCK_GAP : 0), label: phaseName(segment.phase) + times }];
  });
  return marks.map((mark, index) => {
    const room = (marks[index + 1]?.x ?? width) - mark.x;
    return mark.label.length * LETTER_WIDTH <= room ? mark : { ...mark, label: '' };
  });
}
