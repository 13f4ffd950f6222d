import type { Phase } from '../../drills/phase.ts';
import type { RestLevel, SlotPlan } from '../plan/plan.ts';

/*
 * The question as numbers, for the search. Lengths are in half seconds, so that they are whole; worth is in millionths.
 */

/** What a choice comes to, in a block gone through in one way. */
export interface TaskChoice {
  readonly spans: 1 | 2;
  /** The drill and how it leaves people, by number. */
  readonly drill: number;
  readonly stance: number;
  /** What is kept before it in its block goes straight into it, with no talk. */
  readonly runsOn: boolean;
  /** Of one round, without getting ready and the slot's own rest. */
  readonly busy: number;
  readonly rest: number;
  /** Work that raises, over all rounds. */
  readonly raise: number;
  readonly value: number;
  readonly targets: number;
  /** Raising that must have been before it. */
  readonly raiseBefore: number;
  readonly decision: number;
}

export interface TaskPlace {
  readonly choices: readonly TaskChoice[];
  readonly mayGo: boolean;
}

/** One way to go through a block. */
export interface TaskWay {
  readonly rounds: number;
  readonly roundRest: number;
  readonly places: readonly TaskPlace[];
  readonly decision: number;
}

export interface TaskBlock {
  readonly ways: readonly TaskWay[];
  readonly stations: boolean;
  /** Nothing stops between its drills. */
  readonly noGaps: boolean;
  /** The bit of its essential part; 0 for none that is still open. */
  readonly part: number;
  /** For every place and the end: targets that can be served from there on, as bits. */
  readonly targetsFrom: readonly number[];
  /** Parts that stand open after the block, as bits. */
  readonly partsAfter: number;
  /** The most raising that anything from this block on asks for. */
  readonly raiseFrom: number;
}

/** A decision on record: what becomes of a slot, or how a block is gone through. */
export type Decision =
  | { readonly kind: 'slot'; readonly slotId: string; readonly covers: string | null; readonly plan: SlotPlan }
  | { readonly kind: 'block'; readonly blockId: string; readonly rounds: number; readonly rest: RestLevel };

export interface Task {
  readonly blocks: readonly TaskBlock[];
  /** Nothing stops between its blocks. */
  readonly noGaps: boolean;
  readonly decisions: readonly Decision[];
  /** Getting ready from a stance for a drill the first time, and for a drill of a stance in later rounds. */
  readonly ready: readonly (readonly number[])[];
  readonly again: readonly (readonly number[])[];
  /** Moving from a stance to a drill, with no talk. */
  readonly straight: readonly (readonly number[])[];
  readonly start: number;
  readonly raised: number;
  /** What each target bit is worth. */
  readonly targetValues: readonly number[];
  /** Worth of targets that are served whatever is left out. */
  readonly certain: number;
  readonly mayBeEmpty: boolean;
}

/** What to leave out of account, to find what stands in the way. */
export interface Relaxed {
  readonly pin?: string;
  readonly part?: Phase;
}

/**
 * How worth is counted: as it is; with every target that several slots serve taken for served, which is never less; or not
 * at all, which is enough to find the shortest plan.
 */
export type Bound = 'exact' | 'generous' | 'lengths only';
