import { middleJoint } from './middleJoint.ts';
import type { FreeLeg, Leg, PlantedLeg } from './pose.ts';
import { BALL_AHEAD, HEEL_BEHIND, SEGMENTS, signOf, type Side } from './skeleton.ts';
import { add, outOf, scale, subtract, swung, turn, type Rotation, type Vector } from './vector.ts';

/** Where the joints of a leg are. */
export interface LegJoints {
  readonly hip: Vector;
  readonly knee: Vector;
  readonly ankle: Vector;
  readonly heel: Vector;
  readonly ball: Vector;
  readonly toe: Vector;
}

/** From the middle of the pelvis to a hip. */
export function hipOffset(side: Side, frame: Rotation): Vector {
  return scale(frame[2], signOf(side) * SEGMENTS.hipHalf);
}

/** The foot of a planted leg, which does not depend on the rest of the body. */
export function plantedFoot(leg: PlantedLeg, side: Side): Omit<LegJoints, 'hip' | 'knee'> {
  const sign = signOf(side);
  const ahead = aheadOf(leg, side);
  const across = turn([0, 0, 1], [0, 1, 0], -sign * (leg.toesOut ?? 0));
  const lift = leg.heelUp ?? 0;
  const pivot = add(leg.foot, scale(ahead, lift > 0 ? BALL_AHEAD : -HEEL_BEHIND));
  const lifted = (point: Vector) => add(pivot, turn(subtract(point, pivot), across, -lift));
  const toe = add(leg.foot, scale(ahead, SEGMENTS.foot - HEEL_BEHIND));
  const ball = add(leg.foot, scale(ahead, BALL_AHEAD));
  // A lifted heel bends the foot at its ball: the toes stay down.
  return {
    ankle: lifted(add(leg.foot, [0, SEGMENTS.ankleHeight, 0])),
    heel: lifted(add(leg.foot, scale(ahead, -HEEL_BEHIND))),
    ball: lifted(ball),
    toe: lift > 0 ? toe : lifted(toe),
  };
}

/** Where the toes of a planted foot point. */
const aheadOf = (leg: PlantedLeg, side: Side): Vector => turn([1, 0, 0], [0, 1, 0], -signOf(side) * (leg.toesOut ?? 0));

/** The joints of a leg whose hip is at a point, with the pelvis's frame. */
export function legJoints(leg: Leg, side: Side, hip: Vector, frame: Rotation): LegJoints {
  if (leg.kind === 'free') return freeLeg(leg, signOf(side), hip, frame);
  const foot = plantedFoot(leg, side);
  const pole = leg.kneeTo
    ? outOf(frame, leg.kneeTo)
    : add(outOf(frame, [1, 0, 0.18 * signOf(side)]), aheadOf(leg, side));
  return { hip, knee: middleJoint(hip, foot.ankle, SEGMENTS.thigh, SEGMENTS.shank, pole), ...foot };
}

function freeLeg(leg: FreeLeg, sign: 1 | -1, hip: Vector, frame: Rotation): LegJoints {
  const { along: thigh, axis: level } = swung(leg.hip, leg.out ?? 0, sign);
  const axis = turn(level, thigh, sign * (leg.turnedOut ?? 0));
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
    ball: add(sole, scale(outOf(frame, foot), BALL_AHEAD)),
    toe: add(sole, scale(outOf(frame, foot), SEGMENTS.foot - HEEL_BEHIND)),
  };
}
