import type { Seconds } from '../units.ts';
import { jointsOf, type Joints } from './joints.ts';
import type { Arm, Leg, Pose } from './pose.ts';
import type { Side } from './skeleton.ts';
import type { Lean, Vector } from './vector.ts';

/** A movement: its keyframes, gone through and back again or round and round, at even shares of one repetition. */
export interface Motion {
  readonly keyframes: readonly [Pose, Pose, ...Pose[]];
  readonly loop: 'there and back' | 'round';
}

/**
 * Where every joint is at a time.
 *
 * @param side drawn for the right side as it is written; the left is its mirror
 * @param time seconds from the beginning of a repetition; later repetitions repeat the first
 * @param repetition seconds that one repetition takes at the dose's tempo
 */
export function poseAt(motion: Motion, side: Side, time: Seconds, repetition: Seconds): Joints {
  const pose = between(motion, shareAt(time, repetition));
  return jointsOf(side === 'right' ? pose : mirrored(pose));
}

function shareAt(time: Seconds, repetition: Seconds): number {
  const share = repetition > 0 ? (time / repetition) % 1 : 0;
  return share < 0 ? share + 1 : share;
}

function between({ keyframes, loop }: Motion, share: number): Pose {
  const last = keyframes.length - 1;
  const steps = loop === 'round' ? keyframes.length : 2 * last;
  const at = share * steps;
  const step = Math.min(Math.floor(at), steps - 1);
  const index = (value: number) =>
    loop === 'round' ? value % keyframes.length : value <= last ? value : 2 * last - value;
  const from = keyframes[index(step)] ?? keyframes[0];
  const to = keyframes[index(step + 1)] ?? keyframes[0];
  return mixed(from, to, eased(at - step));
}

/** Slow at both ends, quick in the middle, as limbs move. */
function eased(share: number): number {
  return share * share * (3 - 2 * share);
}

/** A pose part of the way from one to another. Limbs that are planted in both keep to the line between their places. */
function mixed(from: Pose, to: Pose, share: number): Pose {
  return {
    pelvis: point(from.pelvis, to.pelvis, share),
    tilt: lean(from.tilt, to.tilt, share),
    spine: lean(from.spine, to.spine, share),
    head: lean(from.head, to.head, share),
    left: leg(from.left, to.left, share),
    right: leg(from.right, to.right, share),
    leftArm: arm(from.leftArm, to.leftArm, share),
    rightArm: arm(from.rightArm, to.rightArm, share),
  };
}

const number = (from = 0, to = 0, share: number): number => from + (to - from) * share;

function point(from: Vector, to: Vector, share: number): Vector {
  return [number(from[0], to[0], share), number(from[1], to[1], share), number(from[2], to[2], share)];
}

function lean(from: Lean = {}, to: Lean = {}, share: number): Lean {
  return {
    forward: number(from.forward, to.forward, share),
    right: number(from.right, to.right, share),
    left: number(from.left, to.left, share),
  };
}

function maybePoint(from: Vector | undefined, to: Vector | undefined, share: number): Vector | undefined {
  return from && to ? point(from, to, share) : (from ?? to);
}

function leg(from: Leg, to: Leg, share: number): Leg {
  if (from.kind === 'planted' && to.kind === 'planted') {
    const kneeTo = maybePoint(from.kneeTo, to.kneeTo, share);
    return {
      kind: 'planted',
      foot: point(from.foot, to.foot, share),
      heelUp: number(from.heelUp, to.heelUp, share),
      toesOut: number(from.toesOut, to.toesOut, share),
      ...(kneeTo ? { kneeTo } : {}),
    };
  }
  if (from.kind === 'free' && to.kind === 'free') {
    return {
      kind: 'free',
      hip: number(from.hip, to.hip, share),
      out: number(from.out, to.out, share),
      turnedOut: number(from.turnedOut, to.turnedOut, share),
      knee: number(from.knee, to.knee, share),
      ankle: number(from.ankle, to.ankle, share),
    };
  }
  throw new Error('A leg is planted in one keyframe and free in the next: give it one kind throughout.');
}

function arm(from: Arm, to: Arm, share: number): Arm {
  if (from.kind === 'planted' && to.kind === 'planted') {
    const elbowTo = maybePoint(from.elbowTo, to.elbowTo, share);
    const fingersTo = maybePoint(from.fingersTo, to.fingersTo, share);
    return {
      kind: 'planted',
      wrist: point(from.wrist, to.wrist, share),
      ...(elbowTo ? { elbowTo } : {}),
      ...(fingersTo ? { fingersTo } : {}),
    };
  }
  if (from.kind === 'free' && to.kind === 'free') {
    return {
      kind: 'free',
      raise: number(from.raise, to.raise, share),
      out: number(from.out, to.out, share),
      elbow: number(from.elbow, to.elbow, share),
      turnedIn: number(from.turnedIn, to.turnedIn, share),
    };
  }
  throw new Error('An arm is planted in one keyframe and free in the next: give it one kind throughout.');
}

/** The same pose in a mirror between left and right. */
export function mirrored(pose: Pose): Pose {
  const flip = ([x, y, z]: Vector): Vector => [x, y, -z];
  const tip = ({ forward = 0, right = 0, left = 0 }: Lean = {}): Lean => ({ forward, right: -right, left: -left });
  const flipLeg = (limb: Leg): Leg =>
    limb.kind === 'free'
      ? limb
      : { ...limb, foot: flip(limb.foot), ...(limb.kneeTo ? { kneeTo: flip(limb.kneeTo) } : {}) };
  const flipArm = (limb: Arm): Arm =>
    limb.kind === 'free'
      ? limb
      : {
          ...limb,
          wrist: flip(limb.wrist),
          ...(limb.elbowTo ? { elbowTo: flip(limb.elbowTo) } : {}),
          ...(limb.fingersTo ? { fingersTo: flip(limb.fingersTo) } : {}),
        };
  return {
    pelvis: flip(pose.pelvis),
    tilt: tip(pose.tilt),
    spine: tip(pose.spine),
    head: tip(pose.head),
    left: flipLeg(pose.right),
    right: flipLeg(pose.left),
    leftArm: flipArm(pose.rightArm),
    rightArm: flipArm(pose.leftArm),
  };
}
