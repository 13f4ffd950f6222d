import type { Kit } from '../drills/kit.ts';
import type { Drill } from '../drills/drill.ts';
import type { Phase } from '../drills/phase.ts';
import type { Plane, Target } from '../drills/target.ts';
import type { Seconds } from '../units.ts';

/** A number that tells how hard, 0 to 10. */
type Effort = number;
/** A percentage of the load that is worked up to. */
type Percent = number;

/** What each rule of the review found, by its id. Drills, sessions and approaches are named; a share is of 1. */
export interface Facts {
  readonly 'nobody-may': { readonly drill: string };
  readonly 'no-swap': { readonly drill: string; readonly people: number };
  readonly 'kept-apart': { readonly notBefore: string; readonly purpose: string };
  /** With what it takes at the low end of every range, where that fits. */
  readonly 'over-time': { readonly over: Seconds; readonly available: Seconds; readonly least: Seconds | null };
  readonly 'under-time': { readonly spare: Seconds };
  readonly 'too-long': { readonly seconds: Seconds; readonly approach: string; readonly most: Seconds };
  readonly 'hidden-time': { readonly hidden: Seconds; readonly share: number };
  readonly 'up-and-down': { readonly saves: Seconds; readonly phases: readonly Phase[] };
  readonly 'no-raise': object;
  readonly 'fast-before-warm': { readonly raised: Seconds; readonly least: Seconds };
  readonly 'phase-order': { readonly phase: Phase; readonly approach: string; readonly says: string };
  /** Before which session, where that is one that needs holds to be short; from how long they weaken, where they do. */
  readonly 'long-hold': {
    readonly seconds: Seconds;
    readonly target: Target | null;
    readonly before: string | null;
    readonly most: Seconds;
    readonly weakensFrom: Seconds | null;
  };
  readonly 'hold-after-moving': { readonly drill: string };
  readonly 'long-roll': { readonly seconds: Seconds; readonly enough: Seconds };
  readonly 'rolling-in-all': { readonly seconds: Seconds; readonly enough: Seconds };
  readonly 'swing-before-circle': OutOfOrder;
  readonly 'neck-circles-first': OutOfOrder;
  readonly 'one-leg-first': OutOfOrder;
  /** Whether it is hard once more, or ends easy. */
  readonly 'hard-easy-hard': { readonly again: boolean };
  readonly 'too-hard': {
    readonly drill: string;
    readonly effort: Effort;
    readonly phase: Phase;
    readonly most: Effort;
  };
  readonly tiring: { readonly seconds: Seconds };
  readonly 'one-side': { readonly drill: string; readonly sideWord: Drill['sideWord'] };
  readonly 'many-landings': { readonly landings: number; readonly most: number };
  /** Where it jumps: from nothing where it begins too high. */
  readonly 'steep-climb': {
    readonly drill: string;
    readonly from: Percent | null;
    readonly to: Percent;
    readonly mostFirst: Percent;
    readonly mostJump: Percent;
  };
  readonly 'short-raise': {
    readonly raised: Seconds;
    readonly of: Seconds;
    readonly approach: string;
    readonly usual: Seconds;
  };
  readonly 'many-neck-moves': { readonly moves: number };
  readonly 'same-in-a-row': { readonly drills: number; readonly part: string };
  readonly 'odd-lengths': { readonly lengths: number; readonly drill: string; readonly step: 'more' | 'fewer' };
  readonly 'odd-one-out': { readonly drill: string; readonly headcount: number };
  /** With what may be done instead, drill by drill, and the drills that nothing here is like. */
  readonly 'too-few-things': {
    readonly kit: Kit;
    readonly there: number;
    readonly headcount: number;
    readonly drills: readonly string[];
    /** Whether there is some of all the kit that these drills need. */
    readonly someOfAll: boolean;
    readonly instead: readonly { readonly drill: string; readonly inPlaceOf: string | null }[];
    readonly unlike: readonly string[];
  };
  readonly 'repeated-target': {
    readonly target: Target;
    readonly times: number;
    readonly lacking: Target;
    readonly session: string;
  };
  /** Whether any drill would help. */
  readonly gap: { readonly target: Target; readonly session: string; readonly closing: boolean };
  readonly 'plane-missing': { readonly plane: Plane };
}

interface OutOfOrder {
  readonly early: string;
  readonly later: string;
}

export type RuleId = keyof Facts;

/** Every rule's id, in the order of the list in an approach. */
export const RULE_IDS = [
  'nobody-may',
  'no-swap',
  'kept-apart',
  'over-time',
  'under-time',
  'too-long',
  'hidden-time',
  'up-and-down',
  'no-raise',
  'fast-before-warm',
  'phase-order',
  'long-hold',
  'hold-after-moving',
  'long-roll',
  'rolling-in-all',
  'swing-before-circle',
  'neck-circles-first',
  'one-leg-first',
  'hard-easy-hard',
  'too-hard',
  'tiring',
  'one-side',
  'many-landings',
  'steep-climb',
  'short-raise',
  'many-neck-moves',
  'same-in-a-row',
  'odd-lengths',
  'odd-one-out',
  'too-few-things',
  'repeated-target',
  'gap',
  'plane-missing',
] as const satisfies readonly RuleId[];
