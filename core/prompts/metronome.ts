import type { Slot } from '../circuit/circuit.ts';
import { secondsPerRep } from '../dose/workSeconds.ts';
import type { Segment } from '../timeline/timeline.ts';
import { COUNTED_SECONDS, type Sound } from './sounds.ts';

/**
 * A tick at the beginning of every repetition of a counted drill, in order of time. The first is the sound that begins the
 * work, and the last seconds belong to their own count.
 *
 * @param everywhere in every counted drill, not only where a slot asks for it
 * @param slotOf the slot of a segment, as it is run
 */
export function ticksOf(
  segments: readonly Segment[],
  slotOf: (segment: Segment) => Pick<Slot, 'dose' | 'guide'> | undefined,
  everywhere: boolean,
): readonly Sound[] {
  return segments.flatMap((segment): readonly Sound[] => {
    if (segment.kind !== 'work') return [];
    const slot = slotOf(segment);
    const isTicked = everywhere || slot?.guide === 'tick';
    if (!slot || !isTicked || slot.dose.kind !== 'reps') return [];
    const { dose } = slot;
    const each = secondsPerRep(dose.tempo);
    const most = Math.ceil((segment.length - COUNTED_SECONDS) / each) - 1;
    return Array.from({ length: Math.max(0, most) }, (_, index) => ({
      at: segment.start + (index + 1) * each,
      kind: 'tick' as const,
    }));
  });
}
