import type { Slot } from '../circuit/circuit.ts';
import { secondsPerRep } from '../dose/workSeconds.ts';
import type { Segment } from '../timeline/timeline.ts';
import type { Seconds } from '../units.ts';
import { COUNTED_SECONDS, type Sound } from './sounds.ts';

/**
 * A breath to follow where nothing else says how long one is: six a minute, out for longer than in. Lehrer & Gevirtz,
 * Frontiers in Psychology 2014;5:756. From memory.
 */
const USUAL_BREATH: Seconds = 10;
/** The share of a breath that goes in. Common practice, no source. */
const IN_SHARE = 0.4;
/** Repetitions of these lengths are taken as a breath each; quicker or slower ones are not. Common practice, no source. */
const [QUICKEST, SLOWEST]: readonly [Seconds, Seconds] = [4, 15];

/** Where a breath stands: going in or out, and how much of that is done, 0–1. */
export interface Breath {
  readonly goes: 'in' | 'out';
  readonly done: number;
}

type Guided = Pick<Slot, 'dose' | 'guide'>;

/** How long each breath of a slot takes: as long as a repetition where it can be breathed, else as is usual. */
export function breathSeconds({ dose }: Pick<Slot, 'dose'>): Seconds {
  if (dose.kind !== 'reps') return USUAL_BREATH;
  const each = secondsPerRep(dose.tempo);
  return each >= QUICKEST && each <= SLOWEST ? each : USUAL_BREATH;
}

/** Where the breath to follow stands in a stretch of work; undefined where there is none to follow. */
export function breathAt(segment: Segment, slot: Guided | undefined, into: Seconds): Breath | undefined {
  if (slot?.guide !== 'breath' || segment.kind !== 'work') return undefined;
  const each = breathSeconds(slot);
  const within = (into % each) / each;
  return within < IN_SHARE
    ? { goes: 'in', done: within / IN_SHARE }
    : { goes: 'out', done: (within - IN_SHARE) / (1 - IN_SHARE) };
}

/** A tone at each turn of the breath in slots that are led by it. The last seconds belong to their own count. */
export function breathSounds(
  segments: readonly Segment[],
  slotOf: (segment: Segment) => Guided | undefined,
): readonly Sound[] {
  return segments.flatMap((segment): readonly Sound[] => {
    const slot = slotOf(segment);
    if (slot?.guide !== 'breath' || segment.kind !== 'work') return [];
    const each = breathSeconds(slot);
    const turns = Math.ceil((segment.length - COUNTED_SECONDS) / each);
    return Array.from({ length: Math.max(0, turns) }, (_, index) => index * each)
      .flatMap((from): readonly Sound[] => [
        // The first breath begins with the work, which has its own sound.
        ...(from > 0 ? [{ at: segment.start + from, kind: 'in' as const }] : []),
        { at: segment.start + from + IN_SHARE * each, kind: 'out' as const },
      ])
      .filter(({ at }) => at < segment.end - COUNTED_SECONDS);
  });
}
