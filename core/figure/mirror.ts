import type { Arm, Leg, Part, Pose, Root } from './pose.ts';
import type { Lean, Vector } from './vector.ts';

const flip = ([x, y, z]: Vector): Vector => [x, y, -z];
const tip = ({ forward = 0, right = 0, left = 0 }: Lean = {}): Lean => ({ forward, right: -right, left: -left });

/** The part on the other side. */
export function otherSide(part: Part): Part {
  const other = part.startsWith('left') ? part.replace('left', 'right') : part.replace('right', 'left');
  return isPart(other) ? other : part;
}
const isPart = (name: string): name is Part => name.length > 0;

function flipRoot(root: Root): Root {
  const at = flip(root.at);
  return root.kind === 'part' ? { ...root, part: otherSide(root.part), at } : { ...root, at };
}

function flipLeg(leg: Leg): Leg {
  if (leg.kind === 'free') return leg;
  return { ...leg, foot: flip(leg.foot), ...(leg.kneeTo ? { kneeTo: flip(leg.kneeTo) } : {}) };
}

function flipArm(arm: Arm): Arm {
  if (arm.kind === 'free') return arm;
  const elbow = arm.elbowTo ? { elbowTo: flip(arm.elbowTo) } : {};
  switch (arm.kind) {
    case 'planted':
      return { ...arm, wrist: flip(arm.wrist), ...elbow, ...(arm.fingersTo ? { fingersTo: flip(arm.fingersTo) } : {}) };
    case 'reaching':
      return { ...arm, wrist: flip(arm.wrist), ...elbow };
    case 'holding':
      return { ...arm, part: otherSide(arm.part), ...elbow, ...(arm.off ? { off: flip(arm.off) } : {}) };
  }
}

/** The same pose in a mirror between left and right. */
export function mirrored(pose: Pose): Pose {
  return {
    root: flipRoot(pose.root),
    tilt: tip(pose.tilt),
    spine: tip(pose.spine),
    head: tip(pose.head),
    ...(pose.shoulders ? { shoulders: pose.shoulders } : {}),
    left: flipLeg(pose.right),
    right: flipLeg(pose.left),
    leftArm: flipArm(pose.rightArm),
    rightArm: flipArm(pose.leftArm),
  };
}
