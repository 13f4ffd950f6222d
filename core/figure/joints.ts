import { freeArm, placedArm, type ArmJoints } from './arms.ts';
import { hipOffset, legJoints, plantedFoot, type LegJoints } from './legs.ts';
import { partOf } from './part.ts';
import type { Arm, Pose } from './pose.ts';
import { FLESH, SEGMENTS, SIDES, signOf, type Side } from './skeleton.ts';
import { add, leaned, outOf, scale, subtract, turn, UPRIGHT, type Rotation, type Vector } from './vector.ts';

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

/** Everything but the arms that reach for something. */
type Body = Omit<Joints, 'arms'> & { readonly shoulders: Readonly<Record<Side, Vector>> };

/**
 * Places every joint of a pose by forward kinematics. The body is hung from the pose's root; planted limbs and hands that
 * hold something find their middle joint.
 */
export function jointsOf(pose: Pose): Joints {
  const frames = framesOf(pose);
  const body = bodyAt(pose, frames, rootOf(pose, frames));
  const { shoulders, ...rest } = body;
  const arm = (side: Side, other?: ArmJoints): ArmJoints => armOf(pose, side, shoulders[side], rest, other);
  // A hand on the other arm needs that arm to be placed first.
  if (leansOnArm(pose.leftArm)) {
    const right = arm('right');
    return { ...rest, arms: { left: arm('left', right), right } };
  }
  const left = arm('left');
  return { ...rest, arms: { left, right: arm('right', left) } };
}

const armSpec = (pose: Pose, side: Side): Arm => (side === 'left' ? pose.leftArm : pose.rightArm);
const leansOnArm = (arm: Arm): boolean => arm.kind === 'holding' && /Wrist|Elbow|Fingers|Shoulder/.test(arm.part);

function armOf(pose: Pose, side: Side, shoulder: Vector, body: Omit<Joints, 'arms'>, other?: ArmJoints): ArmJoints {
  const arm = armSpec(pose, side);
  const frame = body.chestFrame;
  if (arm.kind === 'free') return freeArm(arm, side, shoulder, frame);
  if (arm.kind === 'planted') return placedArm(arm, side, shoulder, frame, arm.wrist);
  if (arm.kind === 'reaching') return placedArm(arm, side, shoulder, frame, add(body.neck, outOf(frame, arm.wrist)));
  const holder = other ? { ...body, arms: { left: other, right: other } } : body;
  return placedArm(arm, side, shoulder, frame, add(partOf(holder, arm.part), outOf(frame, arm.off ?? [0, 0, 0])));
}

/** How pelvis, waist, chest and head stand in the room. */
interface Frames {
  readonly pelvisFrame: Rotation;
  readonly waistFrame: Rotation;
  readonly chestFrame: Rotation;
  readonly headFrame: Rotation;
}

function framesOf({ tilt, spine, head }: Pose): Frames {
  const pelvisFrame = tilt ? leaned(UPRIGHT, tilt) : UPRIGHT;
  const half = { forward: (spine?.forward ?? 0) / 2, right: (spine?.right ?? 0) / 2, left: (spine?.left ?? 0) / 2 };
  const waistFrame = leaned(pelvisFrame, half);
  const chestFrame = leaned(waistFrame, half);
  return { pelvisFrame, waistFrame, chestFrame, headFrame: head ? leaned(chestFrame, head) : chestFrame };
}

/** The trunk and legs of a pose whose pelvis is at a point. */
function bodyAt(pose: Pose, { pelvisFrame, waistFrame, chestFrame, headFrame }: Frames, pelvis: Vector): Body {
  const waist = add(pelvis, scale(waistFrame[1], SEGMENTS.trunk * 0.45));
  const neck = add(waist, scale(chestFrame[1], SEGMENTS.trunk * 0.55));
  const leg = (side: Side) => legJoints(pose[side], side, add(pelvis, hipOffset(side, pelvisFrame)), pelvisFrame);
  const shoulder = (side: Side) => add(neck, outOf(chestFrame, collarBone(pose, signOf(side))));
  return {
    pelvis,
    waist,
    neck,
    head: add(neck, scale(headFrame[1], SEGMENTS.headAndNeck * 0.64)),
    crown: add(neck, scale(headFrame[1], SEGMENTS.headAndNeck)),
    legs: { left: leg('left'), right: leg('right') },
    shoulders: { left: shoulder('left'), right: shoulder('right') },
    pelvisFrame,
    chestFrame,
    headFrame,
  };
}

function collarBone({ shoulders = {} }: Pose, sign: 1 | -1): Vector {
  const { up = 0, forward = 0 } = shoulders;
  return turn(turn([0, -0.012, SEGMENTS.shoulderHalf * sign], [0, 1, 0], sign * forward), [1, 0, 0], -sign * up);
}

/** Where the pelvis is, from what the pose hangs from. */
function rootOf(pose: Pose, frames: Frames): Vector {
  const { root } = pose;
  if (root.kind === 'pelvis') return withinReach(pose, frames.pelvisFrame, root.at);
  const body = bodyAt(pose, frames, [0, 0, 0]);
  if (root.kind === 'part') return subtract(root.at, partOf(body, root.part));
  return [root.at[0], root.at[1] - lowestOf(pose, body), root.at[2]];
}

/** The highest the pelvis can be at a place, so that planted legs reach their feet. */
function withinReach(pose: Pose, frame: Rotation, at: Vector): Vector {
  let height = at[1];
  for (const side of SIDES) {
    const leg = pose[side];
    if (leg.kind === 'free') continue;
    const offset = hipOffset(side, frame);
    const ankle = plantedFoot(leg, side).ankle;
    const [ahead, , aside] = subtract(ankle, add(at, offset));
    const reach = SEGMENTS.thigh + SEGMENTS.shank - 1e-5;
    const up = Math.sqrt(Math.max(0, reach * reach - ahead * ahead - aside * aside));
    height = Math.min(height, ankle[1] + up - offset[1]);
  }
  return [at[0], height, at[2]];
}

/** The lowest point of the body that is not planted, its flesh taken into account. */
function lowestOf(pose: Pose, { pelvis, waist, neck, head, legs, shoulders, chestFrame }: Body): number {
  const heights = [pelvis[1] - FLESH.trunk, waist[1] - FLESH.trunk, neck[1] - FLESH.trunk, head[1] - FLESH.head];
  for (const side of SIDES) {
    const { hip, knee, ankle, heel, toe } = legs[side];
    heights.push(hip[1] - FLESH.trunk, shoulders[side][1] - FLESH.limb);
    if (pose[side].kind === 'free') heights.push(knee[1] - FLESH.limb, ankle[1] - FLESH.limb, heel[1], toe[1]);
    const arm = armSpec(pose, side);
    if (arm.kind !== 'free') continue;
    const { elbow, wrist } = freeArm(arm, side, shoulders[side], chestFrame);
    heights.push(elbow[1] - FLESH.limb, wrist[1] - FLESH.limb);
  }
  return Math.min(...heights);
}
