import type { Phase } from '../drills/phase.ts';
import type { Effort, Seconds } from '../units.ts';
import type { Segment } from './timeline.ts';

/** What a stretch of a sketch has in place of an effort where nobody works: ready and switch, or rest. */
export const THREAD = -1;
export const REST = -2;

/** A stretch of time: its seconds, and the effort of its work (0–10), THREAD or REST. */
export type SketchedStretch = readonly [seconds: Seconds, look: Effort];

/** A block: its rounds in order, each with its stretches in order. */
export interface SketchedBlock {
  readonly phase: Phase;
  readonly rounds: readonly (readonly SketchedStretch[])[];
}

/** As much of a timeline as its fuse shows, small enough to be sent for every circuit of a list. */
export type FuseSketch = readonly SketchedBlock[];

/**
 * The sketch of a timeline. Stretches in which nobody works are one where they follow on one another and look alike.
 */
export function sketchFuse(segments: readonly Segment[]): FuseSketch {
  const blocks: { id: string; phase: Phase; rounds: [Seconds, Effort][][] }[] = [];
  let roundNow = 0;
  for (const segment of segments) {
    let block = blocks.at(-1);
    if (block?.id !== segment.blockId) {
      block = { id: segment.blockId, phase: segment.phase, rounds: [] };
      blocks.push(block);
      roundNow = 0;
    }
    if (segment.round !== roundNow) {
      block.rounds.push([]);
      roundNow = segment.round;
    }
    const stretches = block.rounds.at(-1) ?? [];
    const look = segment.kind === 'work' ? segment.effort : segment.kind === 'rest' ? REST : THREAD;
    const before = stretches.at(-1);
    if (before && look < 0 && before[1] === look) before[0] += segment.length;
    else stretches.push([segment.length, look]);
  }
  return blocks.map(({ phase, rounds }) => ({ phase, rounds }));
}

/** What the fuse draws of a segment. */
export type FuseSegment = Pick<
  Segment,
  'kind' | 'start' | 'end' | 'length' | 'blockId' | 'slotId' | 'drillId' | 'phase' | 'round' | 'rounds' | 'effort'
>;

/** A sketch laid out in time again, with the effort of every stretch of work. Slots and drills are not in a sketch. */
export function sketchedSegments(sketch: FuseSketch): readonly FuseSegment[] {
  let clock = 0;
  return sketch.flatMap(({ phase, rounds }, block) =>
    rounds.flatMap((stretches, round) =>
      stretches.map(([seconds, look]) => {
        const start = clock;
        clock += seconds;
        return {
          kind: look === REST ? ('rest' as const) : look === THREAD ? ('ready' as const) : ('work' as const),
          start,
          end: clock,
          length: seconds,
          blockId: String(block),
          slotId: '',
          drillId: '',
          rung: '',
          phase,
          round: round + 1,
          rounds: rounds.length,
          effort: Math.max(0, look),
        };
      }),
    ),
  );
}
