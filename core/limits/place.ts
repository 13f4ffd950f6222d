import type { Drill, Space, Variant } from '../drills/drill.ts';
import { SPACES } from '../drills/drill.ts';
import type { Kit } from '../drills/kit.ts';

/** What there is where people train. */
export interface Place {
  readonly kit: ReadonlySet<Kit>;
  /** The most room one person has. */
  readonly space: Space;
}

/** Whether a rung can be done in a place: enough room, and every piece of kit or something that stands in for it. */
export function fitsPlace(drill: Drill, rung: Variant, { kit, space }: Place): boolean {
  if (SPACES.indexOf(drill.space) > SPACES.indexOf(space)) return false;
  return rung.kit.every((item) => kit.has(item) || (drill.substitutes[item] ?? []).some((other) => kit.has(other)));
}
