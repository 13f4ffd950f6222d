import type { Seconds } from '../units.ts';

/** What a shortened circuit gives up first: the best mix, doses only, or drills only. */
export const READINGS = ['best', 'shorten', 'drop'] as const;
export type Reading = (typeof READINGS)[number];

/** What a warm-up is for today, and how the people come: which decides what of a circuit matters most. */
export const EMPHASES = ['general', 'range', 'speed', 'sore', 'athletic'] as const;
export type Emphasis = (typeof EMPHASES)[number];

/** The kinds of change that make a circuit shorter or longer. */
export const MOVE_KINDS = ['dose', 'sides', 'out', 'combine', 'rounds', 'rest', 'talk'] as const;
export type MoveKind = (typeof MOVE_KINDS)[number];

/** One change: its kind, and the id of the slot or block it changes; empty for talk, which is the whole circuit's. */
export interface MoveKey {
  readonly kind: MoveKind;
  readonly id: string;
}

/** How a circuit is to be fitted: what comes first, for whom, and what must not be changed. */
export interface FitRecipe {
  readonly reading: Reading;
  readonly emphasis: Emphasis;
  readonly refused: readonly MoveKey[];
}

/** A version of a circuit for fewer seconds. It is a recipe, not a copy: it is fitted again whenever the circuit changes. */
export interface ShortVersion extends FitRecipe {
  readonly seconds: Seconds;
}

/** The plain recipe: the best mix, for anybody, with nothing refused. */
export const PLAIN_RECIPE: FitRecipe = { reading: 'best', emphasis: 'general', refused: [] };
