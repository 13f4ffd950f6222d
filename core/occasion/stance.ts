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

/** Whether people stand alike, with the same in their hands: in another order of the list it is taken for another. */
export const isSameStance = (one: Stance, other: Stance): boolean =>
  one.posture === other.posture &&
  (one.kit === other.kit ||
    (one.kit.length === other.kit.length && one.kit.every((item, index) => item === other.kit[index])));
