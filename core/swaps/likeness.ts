import type { MainSession } from '../approach/mainSession.ts';
import { kinOf } from '../drills/kin.ts';
import type { Target, Targets } from '../drills/target.ts';

/**
 * How much of what one drill prepares others prepare too, 0–1, its main purpose above all. What the main session needs
 * counts double, and what stands near a purpose counts in part.
 *
 * @returns a measure of other drills' targets, for looking through a library
 */
export function likenessTo(of: Targets, session?: MainSession): (other: Targets) => number {
  const wanted = (Object.entries(of) as [Target, number][]).map(([target, strength]) => ({
    target,
    strength,
    weight: 1 + (session?.needs[target] ?? 0),
    kin: kinOf(target),
  }));
  const whole = wanted.reduce((sum, { strength, weight }) => sum + strength * weight, 0);
  const most = wanted.reduce((best, { strength }) => Math.max(best, strength), 0);
  const mains = wanted.filter(({ strength }) => strength >= most - AS_MUCH).map(({ target }) => target);
  // A step over a hurdle is for the hips: standing on one leg is no purpose beside theirs.
  const own = mains.filter((target) => target !== 'system · balance');
  const purposes = new Set(own.length > 0 ? own : mains);
  return (other) => {
    let [shared, main] = [0, 0];
    for (const one of wanted) {
      const { target, strength, weight } = one;
      const here = sharedOf(one, other);
      shared += here * weight;
      if (purposes.has(target)) main = Math.max(main, here / strength);
    }
    return whole > 0 ? (1 - MAIN) * (shared / whole) + MAIN * main : 0;
  };
}

/** The share of a likeness that the main purpose decides by itself. Common practice, no source. */
const MAIN = 0.3;
/** Two purposes that are as strong as this near one another are both the main one. */
const AS_MUCH = 0.1;

interface Wanted {
  readonly target: Target;
  readonly strength: number;
  readonly kin: ReturnType<typeof kinOf>;
}

/** How much of a target is served: itself, or what stands near it. */
function sharedOf({ target, strength, kin }: Wanted, other: Targets): number {
  let most = Math.min(strength, other[target] ?? 0);
  if (most >= strength) return most;
  for (const [near, share] of kin) most = Math.max(most, share * Math.min(strength, other[near] ?? 0));
  return most;
}

/** The target that is served most on both sides; undefined where they share none. */
export function sharedTarget(one: Targets, other: Targets): Target | undefined {
  let best: { target: Target; strength: number } | undefined;
  for (const [target, strength] of Object.entries(one) as [Target, number][]) {
    const both = Math.min(strength, other[target] ?? 0);
    if (both > 0 && both > (best?.strength ?? 0)) best = { target, strength: both };
  }
  return best?.target;
}
