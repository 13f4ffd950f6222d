import type { Seconds } from '../units.ts';
import type { Segment } from '../timeline/timeline.ts';

/**
 * A sound that marks time: the last three seconds, work begins, the side changes, rest begins, the circuit ends, a
 * repetition, a breath goes in, a breath goes out.
 */
export type SoundKind = 'count' | 'go' | 'switch' | 'rest' | 'end' | 'tick' | 'in' | 'out';

/** A sound and when it is due, in seconds from the start of the circuit. */
export interface Sound {
  readonly at: Seconds;
  readonly kind: SoundKind;
}

/** How many seconds before a border are counted aloud. Common practice, no source. */
export const COUNTED_SECONDS = 3;

/**
 * Every sound of a circuit in order of time. The last three seconds count before work begins and before it ends;
 * a segment too short for three counts as many as leave it a second of its own.
 */
export function soundsOf(segments: readonly Segment[]): readonly Sound[] {
  const sounds = segments.flatMap((segment, index) => {
    const opening = openingSound(segment);
    const next = segments[index + 1];
    // Nobody knows when an open end comes.
    const counted = !segment.openEnd && (segment.kind === 'work' || next?.kind === 'work');
    return [...(opening ? [{ at: segment.start, kind: opening }] : []), ...(counted ? countdown(segment) : [])];
  });
  const last = segments.at(-1);
  return last ? [...sounds, { at: last.end, kind: 'end' as const }] : [];
}

function openingSound(segment: Segment): SoundKind | undefined {
  switch (segment.kind) {
    case 'work':
      return 'go';
    case 'switch':
      return 'switch';
    case 'rest':
      return 'rest';
    case 'ready':
      return undefined;
  }
}

function countdown(segment: Segment): readonly Sound[] {
  const most = Math.min(COUNTED_SECONDS, Math.ceil(segment.length) - 1);
  return Array.from({ length: most }, (_, index) => ({ at: segment.end - (most - index), kind: 'count' as const }));
}
