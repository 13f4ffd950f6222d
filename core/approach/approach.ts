import type { LiftDose } from '../dose/lift.ts';
import type { Phase } from '../drills/phase.ts';
import type { Effort, Seconds } from '../units.ts';

/** A named set of answers to what practitioners disagree about. Every check of a circuit respects its approach. */
export interface Approach {
  readonly id: string;
  readonly name: string;
  /** What it holds to, in a sentence. */
  readonly says: string;
  /** The order of its phases; a phase it does without is left out. */
  readonly order: readonly Phase[];
  /** Each phase's share of the time, adding up to 1. */
  readonly shares: Readonly<Partial<Record<Phase, number>>>;
  /** Phases that are kept however short the time. */
  readonly essential: readonly Phase[];
  readonly sides: 'as the drill prefers' | 'alternating';
  /** The sets on the way up to a lift. */
  readonly rampUp: LiftDose['steps'];
  readonly caps: Caps;
  /** Rules that do not count. */
  readonly without: readonly string[];
}

/** The most of anything before it is remarked on. */
export interface Caps {
  /** Static hold for one muscle group: a warning above the first, an objection from the second. */
  readonly holdWarn: Seconds;
  readonly holdStop: Seconds;
  readonly rollArea: Seconds;
  readonly rollAll: Seconds;
  /** Raising that must come before anything fast. */
  readonly raiseBeforeFast: Seconds;
  /** Effort outside potentiate. */
  readonly effort: Effort;
  /** Share of the time that may be hidden. */
  readonly hidden: number;
  /** The whole, the sets on the way to a lift left out. */
  readonly whole: Seconds;
}

/** Behm et al. 2016 for the holds (see the review); the rest is common practice, no source. */
export const USUAL_CAPS: Caps = {
  holdWarn: 30,
  holdStop: 60,
  rollArea: 30,
  rollAll: 180,
  raiseBeforeFast: 60,
  effort: 6,
  hidden: 0.35,
  whole: 1200,
};
