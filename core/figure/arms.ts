import { middleJoint } from './middleJoint.ts';
import type { Arm, FreeArm } from './pose.ts';
import { SEGMENTS, signOf, type Side } from './skeleton.ts';
import { add, cross, direction, outOf, scale, subtract, swung, turn, type Rotation, type Vector } from './vector.ts';

/** Where the joints of an arm are. */
export interface ArmJoints {
  readonly shoulder: Vector;
  readonly elbow: Vector;
  readonly wrist: Vector;
  readonly fingers: Vector;
  /** 1 fingers spread, 0 at ease, −1 a fist. */
  readonly spread: number;
}

/** The joints of an arm by its angles. */
export function freeArm(arm: FreeArm, side: Side, shoulder: Vector, frame: Rotation): ArmJoints {
  const sign = signOf(side);
  const { along: upper, axis: level } = swung(arm.raise, arm.out ?? 0, sign);
  const axis = turn(level, upper, sign * -(arm.turnedIn ?? 0));
  const fore = turn(upper, axis, arm.elbow ?? 0);
  const elbow = add(shoulder, scale(outOf(frame, upper), SEGMENTS.upperArm));
  const along = outOf(frame, fore);
  const wrist = add(elbow, scale(along, SEGMENTS.forearm));
  return withHand(arm, shoulder, elbow, wrist, turn(along, outOf(frame, axis), arm.wristBend ?? 0));
}

/** The joints of an arm whose wrist is given in the room. A wrist out of reach is drawn in to where the arm is straight. */
export function placedArm(
  arm: Exclude<Arm, FreeArm>,
  side: Side,
  shoulder: Vector,
  frame: Rotation,
  target: Vector,
): ArmJoints {
  const pole = outOf(frame, arm.elbowTo ?? [-1, -0.3, 0.3 * signOf(side)]);
  const elbow = middleJoint(shoulder, target, SEGMENTS.upperArm, SEGMENTS.forearm, pole);
  const along = direction(subtract(target, elbow), outOf(frame, [0, -1, 0]));
  const wrist = add(elbow, scale(along, SEGMENTS.forearm));
  if (arm.kind === 'planted' && arm.fingersTo) {
    return withHand(arm, shoulder, elbow, wrist, direction(arm.fingersTo));
  }
  const hinge = direction(cross(direction(subtract(elbow, shoulder)), along), frame[2]);
  return withHand(arm, shoulder, elbow, wrist, turn(along, hinge, arm.wristBend ?? 0));
}

/** A hand that would go through the floor bends at the wrist and lies on it. */
function overFloor(along: Vector, height: number): Vector {
  const lowest = -Math.max(0, height) / SEGMENTS.hand;
  if (along[1] >= lowest) return along;
  const [ahead, , aside] = direction([along[0], 0, along[2]]);
  const level = Math.sqrt(1 - lowest * lowest);
  return [ahead * level, lowest, aside * level];
}

function withHand(arm: Arm, shoulder: Vector, elbow: Vector, wrist: Vector, along: Vector): ArmJoints {
  const hand = scale(overFloor(along, wrist[1]), SEGMENTS.hand);
  return { shoulder, elbow, wrist, fingers: add(wrist, hand), spread: arm.spread ?? 0 };
}
