import type { MainSession } from '../approach/mainSession.ts';
import type { Drill } from '../drills/drill.ts';
import type { Target, Targets } from '../drills/target.ts';

/**
 * How much of what one drill prepares others prepare too, 0–1. What the main session needs counts double.
 *
 * @returns a measure of other drills' targets, for looking through a library
 */
export function likenessTo(of: Targets, session?: MainSession): (other: Targets) => number {
  const wanted = (Object.entries(of) as [Target, number][]).map(([target, strength]) => ({
    target,
    strength,
    weight: 1 + (session?.needs[target] ?? 0),
  }));
  const whole = wanted.reduce((sum, { strength, weight }) => sum + strength * weight, 0);
  return (other) => {
    let shared = 0;
    for (const { target, strength, weight } of wanted) shared += Math.min(strength, other[target] ?? 0) * weight;
    return whole > 0 ? shared / whole : 0;
  };
}

/** The target that both drills serve most; undefined where they share none. */
export function sharedTarget(one: Drill, other: Drill): Target | undefined {
  let best: { target: Target; strength: number } | undefined;
  for (const [target, strength] of Object.entries(one.targets) as [Target, number][]) {
    const both = Math.min(strength, other.targets[target] ?? 0);
    if (both > 0 && both > (best?.strength ?? 0)) best = { target, strength: both };
  }
  return best?.target;
}
