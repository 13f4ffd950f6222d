import type { Effort } from '../units.ts';

/** When a warm-up is stepped up or down before its next time. */
export interface ProgressRules {
  /** Effort up to which a run was easy. */
  readonly easy: Effort;
  /** Easy and clean runs one after another that make it a step harder. */
  readonly easyRuns: number;
  /** Effort from which a run was hard. */
  readonly hard: Effort;
  /** Taps in one run for the usual fault that make it easier; one tap in each of two runs does so, too. */
  readonly faults: number;
  /** Days without it from which on people come back to less. */
  readonly breakDays: number;
}

/**
 * Twice in a row before anything is added: as the two-for-two rule of the NSCA, Essentials of Strength Training and
 * Conditioning (from memory). The rest is common practice, no source: a warm-up is easy up to 4 of 10 and hard from 7, and
 * after four weeks people come back to less.
 */
export const USUAL_PROGRESS: ProgressRules = { easy: 4, easyRuns: 2, hard: 7, faults: 2, breakDays: 28 };

/** Rules of approaches that see it otherwise, by their ids. Common practice, no source. */
const BY_APPROACH: ReadonlyMap<string, ProgressRules | undefined> = new Map([
  // Runners call five easy.
  ['lane-work', { ...USUAL_PROGRESS, easy: 5, hard: 8 }],
  // One fixed card, and everybody counts the same.
  ['house-standard', undefined],
]);

/** What an approach holds to, a studio's own approach to the usual; undefined where a warm-up stays as it is. */
export const progressRules = (approachId: string): ProgressRules | undefined =>
  BY_APPROACH.has(approachId) ? BY_APPROACH.get(approachId) : USUAL_PROGRESS;
