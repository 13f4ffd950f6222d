import type { Degrees, Lean, Vector } from './vector.ts';

/** A leg whose foot stands somewhere: the point of the floor, wall or prop under the ankle. The knee finds its own place. */
export interface PlantedLeg {
  readonly kind: 'planted';
  readonly foot: Vector;
  /** How far the heel is lifted, turning about the ball of the foot. */
  readonly heelUp?: Degrees;
  /** How far the foot is turned out. */
  readonly toesOut?: Degrees;
  /** Where the knee points, in the pelvis's frame; forward and a little out unless said otherwise. */
  readonly kneeTo?: Vector;
}

/** A leg that hangs or swings by its joint angles. */
export interface FreeLeg {
  readonly kind: 'free';
  readonly hip: Degrees;
  /** Out to the side. */
  readonly out?: Degrees;
  /** Thigh turned outward. */
  readonly turnedOut?: Degrees;
  readonly knee?: Degrees;
  /** Toes up is positive. */
  readonly ankle?: Degrees;
}

export type Leg = PlantedLeg | FreeLeg;

/** An arm whose wrist is somewhere. */
export interface PlantedArm {
  readonly kind: 'planted';
  readonly wrist: Vector;
  /** Where the elbow points, in the chest's frame; back and down unless said otherwise. */
  readonly elbowTo?: Vector;
  /** Where the fingers point, in the frame outside; along the forearm unless said otherwise. */
  readonly fingersTo?: Vector;
}

/** An arm by its joint angles. */
export interface FreeArm {
  readonly kind: 'free';
  /** Forward and up: 90 is level in front, 180 overhead. */
  readonly raise: Degrees;
  /** Out to the side. */
  readonly out?: Degrees;
  readonly elbow?: Degrees;
  /** Upper arm turned so that a bent forearm points inward (positive) or outward. */
  readonly turnedIn?: Degrees;
}

export type Arm = PlantedArm | FreeArm;

/** One keyframe: where the pelvis is and how every part stands to the part before it. */
export interface Pose {
  /** The middle between the hips. */
  readonly pelvis: Vector;
  readonly tilt?: Lean;
  /** Low back and chest together, against the pelvis. */
  readonly spine?: Lean;
  /** Head against the chest. */
  readonly head?: Lean;
  readonly left: Leg;
  readonly right: Leg;
  readonly leftArm: Arm;
  readonly rightArm: Arm;
}
