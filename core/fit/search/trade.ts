import type { Emphasis } from '../../circuit/shortVersion.ts';
import type { Phase } from '../../drills/phase.ts';

/*
 * What the fit goes by. Common practice, no source: coaches agree on the order of these (alternating costs least, leaving
 * out costs most), not on the figures.
 */

/** The share of a dose's worth that is left where its sides take turns instead of one after the other. */
export const ALTERNATING = 0.97;
/** And where both limbs work at once. */
export const AT_ONCE = 0.9;
/** Rest kept in a block, and the share of its worth that is left. */
export const REST_LEFT = { full: 1, half: 0.985, none: 0.96 } as const;
/** A name instead of a name and a nod. */
export const NAMES_ONLY = 0.99;
/** One drill in place of two neighbours, on top of what it does not serve: nobody planned it. */
export const COMBINED = 0.8;
/** And where the people do not know it: it has to be shown, and the first time is clumsy. */
export const STRANGER = 0.9;
/** How like each of two neighbours a drill must be to take the place of both. */
export const LIKE_ENOUGH = 0.6;

/** A dose under the low end of what the coach wrote. */
export const UNDER_RANGE = 0.93;
/**
 * What a slot that stays just as it is planned is worth beside its work, in millionths of the whole: every change has to be
 * called, so that of plans that are much alike the one with the fewest changes is the best.
 */
export const UNCHANGED = 16_000;
/** How strongly a slot's weight follows the seconds that the coach gave it: with their square root. */
export const SHARE_POWER = 0.5;

/** What a slot weighs before anything is known of it, with all its purpose, and with its phase's whole share of the time. */
export const WEIGHT = { plain: 0.25, purpose: 0.5, phase: 0.25 } as const;
/** What the coach's marks make of it. */
export const MARK = { pinned: 1.5, optional: 0.15 } as const;
/** The sets on the way to a lift are the last to go, whatever the day is called: their seconds are mostly rest. */
export const CLIMB = 5;
/** What a target weighs that the main session needs wholly, for being served at all. */
export const TARGET_WEIGHT = 0.4;
/** How strongly a drill must serve a target to count for it. */
export const SERVES_FROM = 0.4;
/** The most targets that count: those the main session needs most. */
export const MOST_TARGETS = 10;

/** How much a phase matters, by how the people come today. */
export const EMPHASIS: Readonly<Record<Emphasis, Readonly<Record<Phase, number>>>> = {
  general: { release: 1, raise: 1, mobilise: 1, activate: 1, integrate: 1, potentiate: 1 },
  range: { release: 1.3, raise: 0.8, mobilise: 1.8, activate: 0.9, integrate: 1, potentiate: 0.4 },
  speed: { release: 0.4, raise: 1.4, mobilise: 0.8, activate: 1.1, integrate: 1.3, potentiate: 2.6 },
  sore: { release: 2, raise: 0.5, mobilise: 1.3, activate: 0.9, integrate: 0.8, potentiate: 0.2 },
  athletic: { release: 0.5, raise: 1.1, mobilise: 1, activate: 1, integrate: 1.2, potentiate: 2.4 },
};

/** The share of a dose's worth that a fraction of the dose has: the first half does most of the work. */
export function worthOf(fraction: number): number {
  return (1 - Math.exp(-3 * fraction)) / (1 - Math.exp(-3));
}
