import type { Seconds } from '../units.ts';

/**
 * What a coach notes by a tap while people move; a fault is the drill's usual one. None of them names anybody: the Stage is a
 * shared screen.
 */
export const MARK_KINDS = ['niggle', 'fault', 'too easy', 'too hard', 'stopped'] as const;
export type MarkKind = (typeof MARK_KINDS)[number];

/** The most that is kept of one run. */
export const MOST_MARKS = 200;

/** A note by a tap, with the second it was made at and the drill that was on. */
export interface RunMark {
  readonly at: Seconds;
  readonly slotId: string;
  readonly drillId: string;
  readonly kind: MarkKind;
}
