import type { Arm, Leg, Pose } from './pose.ts';
import { BALL_AHEAD, HEEL_BEHIND, SEGMENTS, signOf, type Side } from './skeleton.ts';
import {
  across,
  add,
  direction,
  length,
  leaned,
  outOf,
  scale,
  subtract,
  turn,
  UPRIGHT,
  type Rotation,
  type Vector,
} from './vector.ts';

/** Where the joints of one limb are. */
export interface LegJoints {
  readonly hip: Vector;
  readonly knee: Vector;
  readonly ankle: Vector;
  readonly heel: Vector;
  readonly toe: Vector;
}
export interface ArmJoints {
  readonly shoulder: Vector;
  readonly elbow: Vector;
  readonly wrist: Vector;
  readonly fingers: Vector;
}

/** Where every joint of the figure is, with the frames that angles are measured in. */
export interface Joints {
  readonly pelvis: Vector;
  readonly waist: Vector;
  readonly neck: Vector;
  readonly head: Vector;
  readonly crown: Vector;
  readonly legs: Readonly<Record<Side, LegJoints>>;
  readonly arms: Readonly<Record<Side, ArmJoints>>;
  readonly pelvisFrame: Rotation;
  readonly chestFrame: Rotation;
  readonly headFrame: Rotation;
}

/** Places every joint of a pose by forward kinematics from the pelvis; planted limbs find their middle joint. */
export function jointsOf(pose: Pose): Joints {
  const pelvisFrame = leaned(UPRIGHT, pose.tilt ?? {});
  const spine = pose.spine ?? {};
  const half = { forward: (spine.forward ?? 0) / 2, right: (spine.right ?? 0) / 2, left: (spine.left ?? 0) / 2 };
  const waistFrame = leaned(pelvisFrame, half);
  const chestFrame = leaned(waistFrame, half);
  const headFrame = leaned(chestFrame, pose.head ?? {});
  const waist = add(pose.pelvis, scale(waistFrame[1], SEGMENTS.trunk * 0.45));
  const neck = add(waist, scale(chestFrame[1], SEGMENTS.trunk * 0.55));
  const crown = add(neck, scale(headFrame[1], SEGMENTS.headAndNeck));
  const leg = (side: Side) => legJoints(pose[side], side, pose.pelvis, pelvisFrame);
  const arm = (side: Side) => armJoints(side === 'left' ? pose.leftArm : pose.rightArm, side, neck, chestFrame);
  return {
    pelvis: pose.pelvis,
    waist,
    neck,
    head: add(neck, scale(headFrame[1], SEGMENTS.headAndNeck * 0.62)),
    crown,
    legs: { left: leg('left'), right: leg('right') },
    arms: { left: arm('left'), right: arm('right') },
    pelvisFrame,
    chestFrame,
    headFrame,
  };
}

function legJoints(leg: Leg, side: Side, pelvis: Vector, frame: Rotation): LegJoints {
  const sign = signOf(side);
  const hip = add(pelvis, scale(frame[2], sign * SEGMENTS.hipHalf));
  if (leg.kind === 'free') return freeLeg(leg, sign, hip, frame);
  const out = leg.toesOut ?? 0;
  const ahead = turn([1, 0, 0], [0, 1, 0], -sign * out);
  const ball = add(leg.foot, scale(ahead, BALL_AHEAD));
  const axis = turn([0, 0, 1], [0, 1, 0], -sign * out);
  const lift = (point: Vector) => add(ball, turn(subtract(point, ball), axis, -(leg.heelUp ?? 0)));
  const ankle = lift(add(leg.foot, [0, SEGMENTS.ankleHeight, 0]));
  const pole = outOf(frame, leg.kneeTo ?? [1, 0, 0.18 * sign]);
  const knee = middleJoint(hip, ankle, SEGMENTS.thigh, SEGMENTS.shank, pole);
  return {
    hip,
    knee,
    ankle,
    heel: lift(add(leg.foot, scale(ahead, -HEEL_BEHIND))),
    toe: add(leg.foot, scale(ahead, SEGMENTS.foot - HEEL_BEHIND)),
  };
}

function freeLeg(leg: Extract<Leg, { kind: 'free' }>, sign: 1 | -1, hip: Vector, frame: Rotation): LegJoints {
  const swing = (a: Vector) => turn(turn(a, [0, 0, 1], leg.hip), [1, 0, 0], -sign * (leg.out ?? 0));
  const thigh = direction(swing([0, -1, 0]));
  const axis = turn(swing([0, 0, 1]), thigh, sign * (leg.turnedOut ?? 0));
  const shank = turn(thigh, axis, -(leg.knee ?? 0));
  const foot = turn(shank, axis, 90 + (leg.ankle ?? 0));
  const knee = add(hip, scale(outOf(frame, thigh), SEGMENTS.thigh));
  const ankle = add(knee, scale(outOf(frame, shank), SEGMENTS.shank));
  const sole = add(ankle, scale(outOf(frame, turn(foot, axis, -90)), SEGMENTS.ankleHeight));
  return {
    hip,
    knee,
    ankle,
    heel: add(sole, scale(outOf(frame, foot), -HEEL_BEHIND)),
    toe: add(sole, scale(outOf(frame, foot), SEGMENTS.foot - HEEL_BEHIND)),
  };
}

function armJoints(arm: Arm, side: Side, neck: Vector, frame: Rotation): ArmJoints {
  const sign = signOf(side);
  const shoulder = add(add(neck, scale(frame[2], sign * SEGMENTS.shoulderHalf)), scale(frame[1], -0.012));
  if (arm.kind === 'planted') {
    const pole = outOf(frame, arm.elbowTo ?? [-1, -0.3, 0.3 * sign]);
    const elbow = middleJoint(shoulder, arm.wrist, SEGMENTS.upperArm, SEGMENTS.forearm, pole);
    const along = arm.fingersTo ? direction(arm.fingersTo) : direction(subtract(arm.wrist, elbow));
    return { shoulder, elbow, wrist: arm.wrist, fingers: add(arm.wrist, scale(along, SEGMENTS.hand)) };
  }
  const swing = (a: Vector) => turn(turn(a, [0, 0, 1], arm.raise), [1, 0, 0], -sign * (arm.out ?? 0));
  const upper = direction(swing([0, -1, 0]));
  const axis = turn(swing([0, 0, 1]), upper, sign * -(arm.turnedIn ?? 0));
  const fore = turn(upper, axis, arm.elbow ?? 0);
  const elbow = add(shoulder, scale(outOf(frame, upper), SEGMENTS.upperArm));
  const wrist = add(elbow, scale(outOf(frame, fore), SEGMENTS.forearm));
  return { shoulder, elbow, wrist, fingers: add(wrist, scale(outOf(frame, fore), SEGMENTS.hand)) };
}

/** The knee or elbow between two ends: on the side that the pole points to. Ends too far apart leave the limb straight. */
function middleJoint(from: Vector, to: Vector, upper: number, lower: number, pole: Vector): Vector {
  const line = subtract(to, from);
  const reach = Math.min(length(line), upper + lower - 1e-6);
  const along = direction(line, [0, -1, 0]);
  const side = direction(across(pole, along), across([0, 0, 1], along));
  const cosine = (upper * upper + reach * reach - lower * lower) / (2 * upper * reach);
  const bounded = Math.max(-1, Math.min(1, cosine));
  return add(from, add(scale(along, upper * bounded), scale(side, upper * Math.sqrt(1 - bounded * bounded))));
}
