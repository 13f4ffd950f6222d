import type { Targets } from '../drills/target.ts';

/**
 * How long a hold before a session may be: as its approach says; shorter, before fast or martial work; or as long as wanted,
 * before work that is itself for range.
 */
export type HoldsBefore = 'usual' | 'short' | 'free';

/** What comes after the warm-up, and how much it needs of each target, 0–1. */
export interface MainSession {
  readonly id: string;
  readonly name: string;
  /** Words that a coach may write for it, in small letters. */
  readonly words: readonly string[];
  readonly needs: Targets;
  readonly holds: HoldsBefore;
}
