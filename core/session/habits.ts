import { USUAL_PACE, type Habits } from '../occasion/occasion.ts';
import type { Seconds } from '../units.ts';
import { GAP_KINDS, type GapKind, type RunPace } from './gaps.ts';

/** From how many sessions on a habit is one, and how many of the last ones are looked at, so that a coach who changes is followed. */
export const FEWEST_SESSIONS = 5;
export const LAST_SESSIONS = 12;
/** A habit is never taken for less or more. */
const [LEAST, MOST] = [0.5, 2];
/** A run with fewer planned seconds of a kind says nothing of it. Common practice, no source. */
const FEWEST_SECONDS: Seconds = 6;

/** How a coach's pace compares with the plan, and from how many sessions that is known; 0 where it is not. */
export interface LearntHabits {
  readonly habits: Habits;
  readonly sessions: number;
}

/**
 * The median over the last sessions of what gaps took against what was planned, each kind by itself.
 *
 * @param paces one a session, the last one first
 */
export function habitsFrom(paces: readonly RunPace[]): LearntHabits {
  const last = paces.slice(0, LAST_SESSIONS);
  const learnt = GAP_KINDS.map((kind) => [kind, ratiosOf(last, kind)] as const);
  const habits = Object.fromEntries(learnt.map(([kind, ratios]) => [kind, habitOf(ratios)]));
  const sessions = Math.max(...learnt.map(([, ratios]) => ratios.length));
  return { habits: { ...USUAL_PACE, ...habits }, sessions: sessions < FEWEST_SESSIONS ? 0 : sessions };
}

const ratiosOf = (paces: readonly RunPace[], kind: GapKind): readonly number[] =>
  paces
    .map((pace) => pace[kind])
    .flatMap(({ planned, actual }) => (planned >= FEWEST_SECONDS ? [actual / planned] : []));

function habitOf(ratios: readonly number[]): number {
  if (ratios.length < FEWEST_SESSIONS) return 1;
  return Math.min(MOST, Math.max(LEAST, medianOf(ratios)));
}

function medianOf(numbers: readonly number[]): number {
  const sorted = numbers.toSorted((one, other) => one - other);
  const middle = sorted.length / 2;
  const [low, high] = [sorted[Math.ceil(middle) - 1] ?? 0, sorted[Math.floor(middle)] ?? 0];
  return (low + high) / 2;
}
