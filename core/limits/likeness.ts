import type { MainSession } from '../coverage/mainSession.ts';
import type { Drill } from '../drills/drill.ts';
import type { Target, Targets } from '../drills/target.ts';

/**
 * How much of what one drill prepares another prepares too, 0–1. What the main session needs counts double.
 */
export function likeness(of: Targets, other: Targets, session?: MainSession): number {
  let [shared, whole] = [0, 0];
  for (const [target, strength] of Object.entries(of) as [Target, number][]) {
    const weight = 1 + (session?.needs[target] ?? 0);
    whole += strength * weight;
    shared += Math.min(strength, other[target] ?? 0) * weight;
  }
  return whole > 0 ? shared / whole : 0;
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
