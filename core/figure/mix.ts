import type { Arm, Hand, Leg, Pose, Root } from './pose.ts';
import type { Lean, Vector } from './vector.ts';

/** A pose part of the way from one to another. Limbs that are planted in both keep to the line between their places. */
export function mixed(from: Pose, to: Pose, share: number): Pose {
  return {
    root: root(from.root, to.root, share),
    tilt: lean(from.tilt, to.tilt, share),
    spine: lean(from.spine, to.spine, share),
    head: lean(from.head, to.head, share),
    shoulders: {
      up: number(from.shoulders?.up, to.shoulders?.up, share),
      forward: number(from.shoulders?.forward, to.shoulders?.forward, share),
    },
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

function root(from: Root, to: Root, share: number): Root {
  const at = point(from.at, to.at, share);
  if (from.kind === 'part' && to.kind === 'part' && from.part === to.part) return { ...from, at };
  if (from.kind === to.kind && from.kind !== 'part') return { kind: from.kind, at };
  throw new Error('A figure hangs from one thing in one keyframe and from another in the next: give it one root.');
}

function maybePoint<Name extends string>(
  name: Name,
  from: Vector | undefined,
  to: Vector | undefined,
  share: number,
): Partial<Record<Name, Vector>> {
  const mixedPoint = from && to ? point(from, to, share) : (from ?? to);
  const record: Partial<Record<Name, Vector>> = {};
  if (mixedPoint) record[name] = mixedPoint;
  return record;
}

function leg(from: Leg, to: Leg, share: number): Leg {
  if (from.kind === 'planted' && to.kind === 'planted') {
    return {
      kind: 'planted',
      foot: point(from.foot, to.foot, share),
      heelUp: number(from.heelUp, to.heelUp, share),
      toesOut: number(from.toesOut, to.toesOut, share),
      ...maybePoint('kneeTo', from.kneeTo, to.kneeTo, share),
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
  const hand: Hand = {
    wristBend: number(from.wristBend, to.wristBend, share),
    spread: number(from.spread, to.spread, share),
  };
  if (from.kind === 'free' && to.kind === 'free') {
    return {
      kind: 'free',
      raise: number(from.raise, to.raise, share),
      out: number(from.out, to.out, share),
      elbow: number(from.elbow, to.elbow, share),
      turnedIn: number(from.turnedIn, to.turnedIn, share),
      ...hand,
    };
  }
  if (from.kind === 'free' || to.kind === 'free') throw oneKind();
  const elbow = maybePoint('elbowTo', from.elbowTo, to.elbowTo, share);
  if (from.kind === 'planted' && to.kind === 'planted') {
    const wrist = point(from.wrist, to.wrist, share);
    return {
      kind: 'planted',
      wrist,
      ...elbow,
      ...maybePoint('fingersTo', from.fingersTo, to.fingersTo, share),
      ...hand,
    };
  }
  if (from.kind === 'reaching' && to.kind === 'reaching') {
    return { kind: 'reaching', wrist: point(from.wrist, to.wrist, share), ...elbow, ...hand };
  }
  if (from.kind === 'holding' && to.kind === 'holding' && from.part === to.part) {
    const off = maybePoint('off', from.off, to.off, share);
    return { kind: 'holding', part: from.part, ...off, ...elbow, ...hand };
  }
  throw oneKind();
}

function oneKind(): Error {
  return new Error(
    'An arm is free, planted or holding in one keyframe and not in the next: give it one kind throughout.',
  );
}
