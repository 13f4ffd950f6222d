import fc from 'fast-check';
import type { Motion } from '../figure/motion.ts';
import type { FreeArm, FreeLeg, Pose } from '../figure/pose.ts';
import { SEGMENTS, STANDING_HIP_HEIGHT } from '../figure/skeleton.ts';

const hanging: FreeArm = { kind: 'free', raise: 0 };

/** Standing upright, both feet planted. */
export const standing: Pose = {
  root: { kind: 'pelvis', at: [0, STANDING_HIP_HEIGHT, 0] },
  left: { kind: 'planted', foot: [0, 0, -SEGMENTS.hipHalf] },
  right: { kind: 'planted', foot: [0, 0, SEGMENTS.hipHalf] },
  leftArm: hanging,
  rightArm: hanging,
};

/** The bottom of a squat, arms level in front. */
export const sitting: Pose = {
  ...standing,
  root: { kind: 'pelvis', at: [-0.16, 0.27, 0] },
  tilt: { forward: 25 },
  leftArm: { ...hanging, raise: 95 },
  rightArm: { ...hanging, raise: 95 },
};

export const squat: Motion = { keyframes: [standing, sitting], loop: 'there and back', reps: 1, natural: 3 };

const degrees = (min: number, max: number) => fc.integer({ min, max });

export const anyFreeLeg: fc.Arbitrary<FreeLeg> = fc.record({
  kind: fc.constant('free' as const),
  hip: degrees(-30, 120),
  out: degrees(-20, 45),
  turnedOut: degrees(-40, 45),
  knee: degrees(0, 135),
  ankle: degrees(-50, 20),
});

export const anyFreeArm: fc.Arbitrary<FreeArm> = fc.record({
  kind: fc.constant('free' as const),
  raise: degrees(-60, 180),
  out: degrees(0, 90),
  elbow: degrees(0, 150),
  turnedIn: degrees(-60, 60),
});

const lean = fc.record({ forward: degrees(-90, 90), right: degrees(-35, 35), left: degrees(-45, 45) });

/** A pose in the air, its limbs by their angles. */
export const anyPose: fc.Arbitrary<Pose> = fc.record({
  root: fc.constant({ kind: 'pelvis' as const, at: [0, 0.5, 0] as const }),
  tilt: lean,
  spine: lean,
  head: lean,
  left: anyFreeLeg,
  right: anyFreeLeg,
  leftArm: anyFreeArm,
  rightArm: anyFreeArm,
});
