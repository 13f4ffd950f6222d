import { jointsOf } from './joints.ts';
import type { Arm, Pose } from './pose.ts';
import type { Prop } from './prop.ts';
import { SEGMENTS, SIDES, type Side } from './skeleton.ts';
import { add, distance, length, scale, subtract, type Vector } from './vector.ts';

const ARM = SEGMENTS.upperArm + SEGMENTS.forearm - 0.002;
const ROUNDS = 40;

const armOf = (pose: Pose, side: Side): Arm => (side === 'left' ? pose.leftArm : pose.rightArm);

/**
 * Brings what hands lean on within reach: planted hands that stay in one place are moved level toward the shoulders until
 * every keyframe reaches them, and the wall, chair or block they lean on is moved with them. Hands that move from keyframe
 * to keyframe are drawn in one by one.
 */
export function reachable(
  poses: readonly Pose[],
  props: readonly Prop[] = [],
): { readonly poses: readonly Pose[]; readonly props: readonly Prop[] } {
  let [moved, placed] = [poses, props];
  for (const side of SIDES) {
    const targets = poses.map((pose) => armOf(pose, side));
    const [first] = targets;
    if (first?.kind !== 'planted' || targets.some(({ kind }) => kind !== 'planted')) continue;
    const shoulders = poses.map((pose) => jointsOf(pose).arms[side].shoulder);
    const fixed = targets.every((arm) => arm.kind === 'planted' && distance(arm.wrist, first.wrist) < 1e-9);
    const wrists = targets.map((arm, index) => {
      const wrist = arm.kind === 'planted' ? arm.wrist : first.wrist;
      return drawnIn(wrist, fixed ? shoulders : shoulders.slice(index, index + 1));
    });
    moved = moved.map((pose, index) => withWrist(pose, side, wrists[index] ?? first.wrist));
    if (fixed && wrists[0]) placed = withProps(placed, first.wrist, wrists[0]);
  }
  return { poses: moved, props: placed };
}

function withWrist(pose: Pose, side: Side, wrist: Vector): Pose {
  const arm = armOf(pose, side);
  if (arm.kind !== 'planted') return pose;
  return side === 'left' ? { ...pose, leftArm: { ...arm, wrist } } : { ...pose, rightArm: { ...arm, wrist } };
}

/** A point moved toward all shoulders by turns until it is within an arm's length of each; level where it can be. */
function drawnIn(wrist: Vector, shoulders: readonly Vector[]): Vector {
  let at = wrist;
  for (let round = 0; round < ROUNDS; round++) {
    for (const shoulder of shoulders) {
      const line = subtract(shoulder, at);
      const excess = length(line) - ARM;
      if (excess <= 0) continue;
      const level: Vector = [line[0], 0, line[2]];
      const path = length(level) > 0.06 ? level : line;
      at = add(at, scale(path, Math.min(1, (excess / length(path)) * 1.05)));
    }
  }
  return at;
}

/** Props that a hand leaned on, moved as the hand was. */
function withProps(props: readonly Prop[], from: Vector, to: Vector): readonly Prop[] {
  const [ahead, , right] = subtract(to, from);
  if (Math.abs(ahead) + Math.abs(right) < 1e-9) return props;
  return props.map((prop) => {
    if (prop.kind === 'wall') {
      const along = prop.axis === 'x' ? ahead : right;
      const near = Math.abs(prop.at - (prop.axis === 'x' ? from[0] : from[2])) < 0.1;
      return near ? { ...prop, at: prop.at + along } : prop;
    }
    if (prop.kind !== 'chair' && prop.kind !== 'block') return prop;
    const near = Math.abs(prop.x - from[0]) < 0.26 && Math.abs(prop.x) > 0.1;
    return near ? { ...prop, x: prop.x + ahead } : prop;
  });
}
