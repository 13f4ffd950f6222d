/**
 * Segment lengths as fractions of stature: Drillis & Contini (1966), as given in Winter, Biomechanics and Motor Control of
 * Human Movement, figure 4.1. Values from memory. Trunk is hip to shoulder height (0.818 − 0.530), split in two.
 */
export const SEGMENTS = {
  thigh: 0.245,
  shank: 0.246,
  /** Height of the ankle over the sole. */
  ankleHeight: 0.039,
  foot: 0.152,
  upperArm: 0.186,
  forearm: 0.146,
  hand: 0.108,
  trunk: 0.288,
  headAndNeck: 0.182,
  /** Half the breadth between the shoulders, and between the hips. */
  shoulderHalf: 0.129,
  hipHalf: 0.0955,
} as const;

/** Height of the hips when standing. */
export const STANDING_HIP_HEIGHT = SEGMENTS.thigh + SEGMENTS.shank + SEGMENTS.ankleHeight;
/** Where the ball of the foot lies in front of the ankle, and the heel behind it. */
export const BALL_AHEAD = 0.09;
export const HEEL_BEHIND = 0.035;

export const SIDES = ['left', 'right'] as const;
export type Side = (typeof SIDES)[number];

/** 1 for the right side, −1 for the left: the sign of z. */
export const signOf = (side: Side): 1 | -1 => (side === 'right' ? 1 : -1);

/** How far a body's surface lies from the line through its middle: what keeps a lying figure on the floor, not in it. */
export const FLESH = { trunk: 0.05, head: 0.062, limb: 0.025 } as const;
