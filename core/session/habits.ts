import { USUAL_PACE, type Habits } from '../occasion/occasion.ts';
import type { Seconds } from '../units.ts';
import { GAP_KINDS, type RunPace, type Taken } from './gaps.ts';

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
 * The median over the last sessions of what gaps took against what was planned, each kind by itself, and the words before a
 * drill by that drill, where it was explained often enough.
 *
 * @param paces one a session, the last one first
 * @param everywhere the same with every group: how a drill is explained is the coach's, whomever it is explained to
 */
export function habitsFrom(paces: readonly RunPace[], everywhere: readonly RunPace[] = paces): LearntHabits {
  const last = paces.slice(0, LAST_SESSIONS);
  const learnt = GAP_KINDS.map((kind) => [kind, ratiosOf(last.map((pace) => pace[kind]))] as const);
  const habits = Object.fromEntries(learnt.map(([kind, ratios]) => [kind, habitOf(ratios)]));
  const sessions = Math.max(...learnt.map(([, ratios]) => ratios.length));
  return {
    habits: { ...USUAL_PACE, ...habits, drills: drillHabits(everywhere) },
    sessions: sessions < FEWEST_SESSIONS ? 0 : sessions,
  };
}

/** By drill, of those that were explained often enough. Each looks back over the last times that it was. */
function drillHabits(paces: readonly RunPace[]): Habits['drills'] {
  const taken = new Map<string, Taken[]>();
  for (const { drills } of paces) {
    for (const [id, one] of Object.entries(drills)) {
      const known = taken.get(id);
      if (known) known.push(one);
      else taken.set(id, [one]);
    }
  }
  return Object.fromEntries(
    [...taken].flatMap(([id, all]) => {
      const ratios = ratiosOf(all).slice(0, LAST_SESSIONS);
      return ratios.length < FEWEST_SESSIONS ? [] : [[id, habitOf(ratios)] as const];
    }),
  );
}

/** What was taken against what was planned, of what was planned long enough to say anything. */
const ratiosOf = (taken: readonly Taken[]): readonly number[] =>
  taken.flatMap(({ planned, actual }) => (planned >= FEWEST_SECONDS ? [actual / planned] : []));

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
