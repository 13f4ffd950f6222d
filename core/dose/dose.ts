import type { Range, Seconds } from '../units.ts';
import type { DistanceDose } from './distance.ts';
import type { LiftDose } from './lift.ts';
import type { RampDose } from './ramp.ts';

/** The pace of one repetition: even seconds, or lowering – hold – lifting. */
export type Tempo =
  | { readonly kind: 'even'; readonly seconds: Seconds }
  | { readonly kind: 'phased'; readonly lower: Seconds; readonly hold: Seconds; readonly lift: Seconds };

/** Work for a number of seconds. */
export interface TimeDose {
  readonly kind: 'time';
  readonly seconds: Range;
}

/** A count of repetitions at a tempo. */
export interface RepsDose {
  readonly kind: 'reps';
  readonly count: Range;
  readonly tempo: Tempo;
}

/** Held positions: `count` times through `positions`, each held, with `move` seconds to get into each. */
export interface HoldsDose {
  readonly kind: 'holds';
  readonly count: Range;
  readonly positions: number;
  readonly hold: Range;
  readonly move: Seconds;
}

/** "Until it feels good", bounded by a range of seconds. */
export interface FeelDose {
  readonly kind: 'feel';
  readonly seconds: Range;
}

/** What a slot asks for, for one side. */
export type Dose = TimeDose | RepsDose | HoldsDose | FeelDose | DistanceDose | RampDose | LiftDose;

/** More of a dose on one side, the stiffer or weaker: repetitions, holds, lengths, or seconds of a time. */
export interface Extra {
  readonly side: 'left' | 'right';
  readonly more: number;
}

/** Ways in which a slot may grow from its first third to its last, as they are said. */
export const GROWING = ['small to big', 'slow to fast', 'easy to hard'] as const;
export type Growing = (typeof GROWING)[number];

/** Whether there can be more of a dose on one side: a ramp and a lift are climbs, of which there is no more. */
export const takesExtra = ({ kind }: Dose): boolean => kind !== 'ramp' && kind !== 'lift';

/**
 * How a dose meets the two sides: `both` at once; `each` side in turn with a change between;
 * `alternate` interleaved, which doubles counted work and leaves any other dose as the total.
 */
export type Sides = 'both' | 'each' | 'alternate';

/** Whether the two halves are called sides (left, right) or ways (directions of travel or turn). */
export type SideWord = 'side' | 'way';
