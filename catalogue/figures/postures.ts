import { BENCH_HEIGHT, SEAT_HEIGHT, type Prop } from '@prompt-spark/core/figure/prop';
import type { Pose } from '@prompt-spark/core/figure/pose';
import {
  arms,
  feet,
  fixed,
  frame,
  head,
  hips,
  leftFoot,
  legs,
  lying,
  rightLeg,
  spine,
  tilt,
  underShoulders,
} from './authoring.ts';

const HANGING = { kind: 'free', raise: 3, out: 8, elbow: 10 } as const;

export const STAND: Pose = {
  root: { kind: 'pelvis', at: [0, 0.529, 0] },
  left: { kind: 'planted', foot: [0, 0, -0.09] },
  right: { kind: 'planted', foot: [0, 0, 0.09] },
  leftArm: HANGING,
  rightArm: HANGING,
};
/** On a chair, feet flat, hands on the thighs. */
export const SIT: Pose = frame(STAND, hips(0, SEAT_HEIGHT + 0.05), feet(0.25), arms(28, 4, 42));
export const CHAIR: Prop = { kind: 'chair', x: 0 };
/** Knees, shins and hips of a figure that kneels. */
export const KNEEL: Pose = frame(STAND, fixed('rightKnee', 0, 0.028, 0.0955), legs(0, 90, -58));
/** The right knee down, the left foot in front. */
export const HALF_KNEEL: Pose = frame(KNEEL, rightLeg(0, 90, -58), leftFoot(0.25, 0.1));
export const ON_HANDS: Pose = underShoulders(frame(KNEEL, tilt(81), legs(81, 90, -58), head(-18)));
/** Arms straight, on hands and toes. */
export const PLANK: Pose = underShoulders(
  frame(STAND, fixed('rightToe', -0.78, 0, 0.0955), tilt(72), legs(0, 0, -4), head(-14)),
);
/** On the back, feet flat, knees up. */
export const ON_BACK: Pose = frame(STAND, lying(), tilt(-90), feet(0.36), arms(12, 18));
export const LONG_ON_BACK: Pose = frame(STAND, lying(), tilt(-90), legs(0, 0, -30, 6), arms(6, 20));
export const ON_FRONT: Pose = frame(STAND, lying(), tilt(90), legs(0, 0, -50, 5), head(-8), arms(170, 20, 40));
/** On the left side, knees bent, the right side up. */
export const ON_SIDE: Pose = frame(STAND, lying(), tilt(0, -90), legs(50, 70, -20), arms(85, 0, 10));
/** On the floor, legs long. */
export const LONG_SIT: Pose = frame(STAND, lying(), tilt(-8), legs(82, 2, -10, 4), arms(-35, 12, 8));
/** Bent forward from the hips, back flat. */
export const HINGE: Pose = frame(STAND, hips(-0.1, 0.5), tilt(62), spine(6), head(-12), arms(62, 4));
/** Ready to move: knees soft, trunk a little forward. */
export const READY: Pose = frame(STAND, hips(-0.05, 0.46), tilt(22), arms(20, 12, 70));

export const BENCH: Prop = { kind: 'block', x: 0.4, height: BENCH_HEIGHT, deep: 0.2, wide: 0.5 };
export const wallAhead = (at: number): Prop => ({ kind: 'wall', axis: 'x', at });
export const wallAside = (at: number): Prop => ({ kind: 'wall', axis: 'z', at });
/** Hands on the hips; hands behind the head; arms folded on the chest. */
export const ON_HIPS = arms(-22, 38, 92, 62);
export const FOLDED = arms(38, 0, 128, 62);
