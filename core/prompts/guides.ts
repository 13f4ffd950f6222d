import type { Slot } from '../circuit/circuit.ts';
import type { Segment } from '../timeline/timeline.ts';
import { breathSounds } from './breathing.ts';
import { ticksOf } from './metronome.ts';
import type { Sound } from './sounds.ts';

/**
 * What leads people through their work beside the voice: ticks and breaths, where slots ask for them.
 *
 * @param ticksEverywhere a tick in every counted drill
 */
export const guidesOf = (
  segments: readonly Segment[],
  slotOf: (segment: Segment) => Slot | undefined,
  ticksEverywhere: boolean,
): readonly Sound[] => [...ticksOf(segments, slotOf, ticksEverywhere), ...breathSounds(segments, slotOf)];
