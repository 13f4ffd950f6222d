import type { Side } from './skeleton.ts';
import type { Degrees, Lean, Vector } from './vector.ts';

/** A place on the figure that others can hold, stand on or be tied to. */
export type Part =
  | 'pelvis'
  | 'waist'
  | 'neck'
  | 'head'
  | 'crown'
  | `${Side}${'Hip' | 'Knee' | 'Ankle' | 'Heel' | 'Ball' | 'Toe' | 'Shoulder' | 'Elbow' | 'Wrist' | 'Fingers'}`;

/** A leg whose foot is somewhere: the point of the floor, wall or prop under the ankle. The knee finds its own place. */
export interface PlantedLeg {
  readonly kind: 'planted';
  readonly foot: Vector;
  /** How far the heel is lifted, turning about the ball of the foot; negative lifts the toes, turning about the heel. */
  readonly heelUp?: Degrees;
  /** How far the foot is turned out. */
  readonly toesOut?: Degrees;
  /** Where the knee points, in the pelvis's frame; between the front of the pelvis and the toes unless said otherwise. */
  readonly kneeTo?: Vector;
}

/** A leg that hangs or swings by its joint angles. */
export interface FreeLeg {
  readonly kind: 'free';
  readonly hip: Degrees;
  /** Out to the side, before the leg is swung forward: a bent hip opens level. */
  readonly out?: Degrees;
  /** Thigh turned outward. */
  readonly turnedOut?: Degrees;
  readonly knee?: Degrees;
  /** Toes up is positive. */
  readonly ankle?: Degrees;
}

export type Leg = PlantedLeg | FreeLeg;

/** What every arm may say about its hand. */
export interface Hand {
  /** Bent at the wrist toward the palm; away from it is negative. */
  readonly wristBend?: Degrees;
  /** 1 fingers spread, 0 at ease, −1 a fist. */
  readonly spread?: number;
}

/** An arm whose wrist is somewhere in the room. */
export interface PlantedArm extends Hand {
  readonly kind: 'planted';
  readonly wrist: Vector;
  /** Where the elbow points, in the chest's frame; back and down unless said otherwise. */
  readonly elbowTo?: Vector;
  /** Where the fingers point, in the room; along the forearm unless said otherwise. */
  readonly fingersTo?: Vector;
}

/** An arm whose wrist holds a part of the body. */
export interface HoldingArm extends Hand {
  readonly kind: 'holding';
  readonly part: Part;
  /** From the part to the wrist, in the chest's frame. */
  readonly off?: Vector;
  readonly elbowTo?: Vector;
}

/** An arm whose wrist is somewhere before the chest: from the neck, in the chest's frame. */
export interface ReachingArm extends Hand {
  readonly kind: 'reaching';
  readonly wrist: Vector;
  readonly elbowTo?: Vector;
}

/** An arm by its joint angles. */
export interface FreeArm extends Hand {
  readonly kind: 'free';
  /** Forward and up: 90 is level in front, 180 overhead. */
  readonly raise: Degrees;
  /** Out to the side, before the arm is raised: 90 is level whatever the raise, 180 overhead with none. */
  readonly out?: Degrees;
  readonly elbow?: Degrees;
  /** Upper arm turned so that a bent forearm points inward (positive) or outward. */
  readonly turnedIn?: Degrees;
}

export type Arm = PlantedArm | HoldingArm | ReachingArm | FreeArm;

/**
 * What the figure hangs from: its pelvis at a point (sinking where planted legs would not reach), whatever is lowest at a
 * height over the floor, or one part that stays where it is.
 */
export type Root =
  | { readonly kind: 'pelvis'; readonly at: Vector }
  | { readonly kind: 'lowest'; readonly at: Vector }
  | { readonly kind: 'part'; readonly part: Part; readonly at: Vector };

/** One keyframe: what the figure hangs from and how every part stands to the part before it. */
export interface Pose {
  readonly root: Root;
  readonly tilt?: Lean;
  /** Low back and chest together, against the pelvis. */
  readonly spine?: Lean;
  /** Head against the chest. */
  readonly head?: Lean;
  /** Shoulders drawn up (toward the ears) and forward (round); the other way is negative. */
  readonly shoulders?: { readonly up?: Degrees; readonly forward?: Degrees };
  readonly left: Leg;
  readonly right: Leg;
  readonly leftArm: Arm;
  readonly rightArm: Arm;
}
