import type { ArmJoints } from './arms.ts';
import type { LegJoints } from './legs.ts';
import type { Part } from './pose.ts';
import { SIDES, type Side } from './skeleton.ts';
import type { Vector } from './vector.ts';

/** Joints as far as they have been placed. */
interface Placed {
  readonly pelvis: Vector;
  readonly waist: Vector;
  readonly neck: Vector;
  readonly head: Vector;
  readonly crown: Vector;
  readonly legs: Readonly<Record<Side, LegJoints>>;
  readonly arms?: Readonly<Record<Side, ArmJoints>>;
}

/** Where a part is. Throws where an arm is asked for that has not been placed yet. */
export function partOf(joints: Placed, part: Part): Vector {
  if (part === 'pelvis' || part === 'waist' || part === 'neck' || part === 'head' || part === 'crown') {
    return joints[part];
  }
  const side = SIDES.find((name) => part.startsWith(name)) ?? 'right';
  const name = part.slice(side.length).toLowerCase();
  const leg = joints.legs[side];
  if (isKey(leg, name)) return leg[name];
  const arm = joints.arms?.[side];
  if (arm && isKey(arm, name) && name !== 'spread') return arm[name];
  throw new Error(`The ${part} is not placed yet: a hand cannot hold it.`);
}

const isKey = <T extends object>(thing: T, name: string): name is Extract<keyof T, string> => name in thing;
