import type { Slot } from '../circuit/circuit.ts';
import { secondsPerRep } from '../dose/workSeconds.ts';
import type { Segment } from '../timeline/timeline.ts';
import { COUNTED_SECONDS, type Sound } from './sounds.ts';

/**
 * A tick at the beginning of every repetition of a counted drill, in order of time. The first is the sound that begins the
 * work, and the last seconds belong to their own count.
 *
 * @param slotOf the slot of a segment, as it is run
 */
export function ticksOf(
  segments: readonly Segment[],
  slotOf: (segment: Segment) => Pick<Slot, 'dose'> | undefined,
): readonly Sound[] {
  return segments.flatMap((segment): readonly Sound[] => {
    if (segment.kind !== 'work') return [];
    const dose = slotOf(segment)?.dose;
    if (dose?.kind !== 'reps') return [];
    const each = secondsPerRep(dose.tempo);
    const most = Math.ceil((segment.length - COUNTED_SECONDS) / each) - 1;
    return Array.from({ length: Math.max(0, most) }, (_, index) => ({
      at: segment.start + (index + 1) * each,
      kind: 'tick' as const,
    }));
  });
}
