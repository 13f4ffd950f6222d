import type { Targets } from '../drills/target.ts';

/** What comes after the warm-up, and how much it needs of each target, 0–1. */
export interface MainSession {
  readonly id: string;
  readonly name: string;
  /** Words that a coach may write for it, in small letters. */
  readonly words: readonly string[];
  readonly needs: Targets;
}
