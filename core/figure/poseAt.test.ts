import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { jointsOf, type Joints } from './joints.ts';
import type { FreeArm, FreeLeg, Pose } from './pose.ts';
import { mirrored, poseAt, type Motion } from './poseAt.ts';
import { SEGMENTS, SIDES, STANDING_HIP_HEIGHT } from './skeleton.ts';
import { angleBetween, distance, subtract, type Vector } from './vector.ts';

const hanging: FreeArm = { kind: 'free', raise: 0 };
const standing: Pose = {
  pelvis: [0, STANDING_HIP_HEIGHT - 0.001, 0],
  left: { kind: 'planted', foot: [0, 0, -SEGMENTS.hipHalf] },
  right: { kind: 'planted', foot: [0, 0, SEGMENTS.hipHalf] },
  leftArm: hanging,
  rightArm: hanging,
};
const sitting: Pose = {
  ...standing,
  pelvis: [-0.16, 0.27, 0],
  tilt: { forward: 25 },
  leftArm: { ...hanging, raise: 95 },
  rightArm: { ...hanging, raise: 95 },
};
const squat: Motion = { keyframes: [standing, sitting], loop: 'there and back' };

const freeLeg: fc.Arbitrary<FreeLeg> = fc.record({
  kind: fc.constant('free' as const),
  hip: fc.integer({ min: -30, max: 120 }),
  out: fc.integer({ min: -20, max: 45 }),
  turnedOut: fc.integer({ min: -40, max: 45 }),
  knee: fc.integer({ min: 0, max: 135 }),
  ankle: fc.integer({ min: -50, max: 20 }),
});
const freeArm: fc.Arbitrary<FreeArm> = fc.record({
  kind: fc.constant('free' as const),
  raise: fc.integer({ min: -60, max: 180 }),
  out: fc.integer({ min: 0, max: 90 }),
  elbow: fc.integer({ min: 0, max: 150 }),
  turnedIn: fc.integer({ min: -60, max: 60 }),
});
const tilt = fc.record({
  forward: fc.integer({ min: -90, max: 90 }),
  right: fc.integer({ min: -35, max: 35 }),
  left: fc.integer({ min: -45, max: 45 }),
});
const anyPose: fc.Arbitrary<Pose> = fc.record({
  pelvis: fc.constant<Vector>([0, 0.5, 0]),
  tilt,
  spine: tilt,
  head: tilt,
  left: freeLeg,
  right: freeLeg,
  leftArm: freeArm,
  rightArm: freeArm,
});

/** Every bone with the length it must have. */
function bones({ pelvis, waist, neck, crown, legs, arms }: Joints): readonly (readonly [string, number, number])[] {
  return [
    ['low back', distance(pelvis, waist), SEGMENTS.trunk * 0.45],
    ['chest', distance(waist, neck), SEGMENTS.trunk * 0.55],
    ['head and neck', distance(neck, crown), SEGMENTS.headAndNeck],
    ...SIDES.flatMap((side) => {
      const { hip, knee, ankle, heel, toe } = legs[side];
      const { shoulder, elbow, wrist, fingers } = arms[side];
      return [
        [`${side} thigh`, distance(hip, knee), SEGMENTS.thigh],
        [`${side} shank`, distance(knee, ankle), SEGMENTS.shank],
        [`${side} foot`, distance(heel, toe), SEGMENTS.foot],
        [`${side} upper arm`, distance(shoulder, elbow), SEGMENTS.upperArm],
        [`${side} forearm`, distance(elbow, wrist), SEGMENTS.forearm],
        [`${side} hand`, distance(wrist, fingers), SEGMENTS.hand],
      ] as const;
    }),
  ];
}

const wrongBones = (joints: Joints) => bones(joints).filter(([, is, should]) => Math.abs(is - should) > 1e-4);
const lowest = ({ legs, arms, pelvis }: Joints): number => {
  const points = SIDES.flatMap((side): Vector[] => {
    const { hip, knee, ankle, heel, toe } = legs[side];
    const { shoulder, elbow, wrist, fingers } = arms[side];
    return [hip, knee, ankle, heel, toe, shoulder, elbow, wrist, fingers];
  });
  return Math.min(pelvis[1], ...points.map(([, y]) => y));
};

describe('the figure', () => {
  it('stands as tall as its segments add up to, within a hundredth of stature', () => {
    const { crown } = jointsOf(standing);
    expect(Math.abs(crown[1] - 1)).toBeLessThan(0.01);
  });

  it('keeps every bone at its length in any pose', () => {
    fc.assert(fc.property(anyPose, (pose) => wrongBones(jointsOf(pose)).length === 0));
  });

  it('bends each joint by the angle it is given', () => {
    fc.assert(
      fc.property(anyPose, freeLeg, (pose, leg) => {
        const { hip, knee, ankle } = jointsOf({ ...pose, right: leg }).legs.right;
        expect(angleBetween(subtract(knee, hip), subtract(ankle, knee))).toBeCloseTo(leg.knee ?? 0, 3);
      }),
    );
  });

  it('is its own mirror, twice', () => {
    fc.assert(
      fc.property(anyPose, (pose) => {
        const flip = ([x, y, z]: Vector): Vector => [x, y, -z];
        const [straight, other] = [jointsOf(pose), jointsOf(mirrored(pose))];
        expect(distance(other.legs.left.toe, flip(straight.legs.right.toe))).toBeLessThan(1e-9);
        expect(distance(other.arms.right.fingers, flip(straight.arms.left.fingers))).toBeLessThan(1e-9);
        expect(distance(other.crown, flip(straight.crown))).toBeLessThan(1e-9);
        expect(jointsOf(mirrored(mirrored(pose)))).toEqual(jointsOf({ ...mirrored(mirrored(pose)) }));
      }),
    );
  });
});

describe('a squat', () => {
  const instants = Array.from({ length: 20 }, (_, index) => poseAt(squat, 'right', (index * 3) / 20, 3));

  it('slides no foot, stretches no bone, and sinks nothing through the floor', () => {
    const [first] = instants;
    for (const joints of instants) {
      for (const side of SIDES) {
        if (first) expect(distance(joints.legs[side].toe, first.legs[side].toe)).toBeLessThan(0.01);
      }
      expect(wrongBones(joints)).toEqual([]);
      expect(lowest(joints)).toBeGreaterThan(-1e-6);
    }
  });

  it('is deepest half way through a repetition, and repeats', () => {
    const heights = instants.map(({ pelvis }) => pelvis[1]);
    expect(Math.min(...heights)).toBe(heights[10]);
    expect(poseAt(squat, 'right', 4.5, 3)).toEqual(poseAt(squat, 'right', 1.5, 3));
  });

  it('refuses a limb that is planted in one keyframe and free in the next', () => {
    const hop: Motion = {
      keyframes: [standing, { ...standing, right: { kind: 'free', hip: 90 } }],
      loop: 'there and back',
    };
    expect(() => poseAt(hop, 'right', 0.3, 1)).toThrow('planted in one keyframe');
  });
});
