import type { Drill } from '../drills/drill.ts';
import type { Kit } from '../drills/kit.ts';
import type { Posture } from '../drills/posture.ts';

/** How a person stands before the next drill: the posture, and what is in the hands or on the legs. */
export interface Stance {
  readonly posture: Posture;
  readonly kit: readonly Kit[];
}

/** Standing with empty hands, as a circuit begins. */
export const AT_THE_START: Stance = { posture: 'standing', kit: [] };

/** The stance a drill leaves people in. */
export function stanceAfter(drill: Drill): Stance {
  return { posture: drill.posture, kit: drill.kit };
}
