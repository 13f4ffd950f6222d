import { jointsOf } from './joints.ts';
import type { Arm, Pose, ReachingArm } from './pose.ts';
import type { Side } from './skeleton.ts';
import { add, into, scale, subtract } from './vector.ts';

const sameKind = (a: Arm, b: Arm): boolean =>
  a.kind === b.kind && (a.kind !== 'holding' || b.kind !== 'holding' || a.part === b.part);

/**
 * Keyframes whose arms each have one kind throughout, as mixing needs: an arm that holds something in one keyframe and
 * swings in another is written in all of them as reaching for where its wrist is, and all hang from one thing.
 */
export function even(poses: readonly Pose[]): readonly Pose[] {
  const [first] = poses;
  if (!first) return poses;
  return evenArms(evenRoots(poses, first), first);
}

/** Hung from the same thing: the pelvis, where the keyframes hang from different ones. */
function evenRoots(poses: readonly Pose[], { root }: Pose): readonly Pose[] {
  if (poses.every((pose) => pose.root.kind === root.kind) && root.kind !== 'part') return poses;
  if (root.kind === 'part' && poses.every((pose) => pose.root.kind === 'part' && pose.root.part === root.part))
    return poses;
  return poses.map((pose) => ({ ...pose, root: { kind: 'pelvis', at: jointsOf(pose).pelvis } }));
}

function evenArms(poses: readonly Pose[], first: Pose): readonly Pose[] {
  const uneven = (key: 'leftArm' | 'rightArm') => poses.some((pose) => !sameKind(pose[key], first[key]));
  const [left, right] = [uneven('leftArm'), uneven('rightArm')];
  if (!left && !right) return poses;
  return poses.map((pose) => ({
    ...pose,
    ...(left ? { leftArm: reaching(pose, 'left') } : {}),
    ...(right ? { rightArm: reaching(pose, 'right') } : {}),
  }));
}

function reaching(pose: Pose, side: Side): ReachingArm {
  const { neck, chestFrame, arms } = jointsOf(pose);
  const { shoulder, elbow, wrist, spread } = arms[side];
  const middle = scale(add(shoulder, wrist), 0.5);
  const { wristBend = 0 } = side === 'left' ? pose.leftArm : pose.rightArm;
  return {
    kind: 'reaching',
    wrist: into(chestFrame, subtract(wrist, neck)),
    elbowTo: into(chestFrame, add(subtract(elbow, middle), scale(chestFrame[1], -0.01))),
    spread,
    wristBend,
  };
}
