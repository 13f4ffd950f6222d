import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyFreeLeg, anyPose, sitting, squat, standing } from '../testing/figures.ts';
import { bonesOf } from './bones.ts';
import { jointsOf, type Joints } from './joints.ts';
import { mirrored } from './mirror.ts';
import type { Motion } from './motion.ts';
import { keyframeAt, poseAt, shareAt } from './poseAt.ts';
import type { Pose } from './pose.ts';
import { SIDES } from './skeleton.ts';
import { angleBetween, distance, subtract, type Vector } from './vector.ts';

const flip = ([x, y, z]: Vector): Vector => [x, y, -z];
const wrongBones = (joints: Joints) => bonesOf(joints).filter(([, is, should]) => Math.abs(is - should) > 1e-3);
const heights = ({ legs, arms, pelvis, head }: Joints): readonly number[] => [
  pelvis[1],
  head[1],
  ...SIDES.flatMap((side) => {
    const { hip, knee, ankle, heel, ball, toe } = legs[side];
    const { shoulder, elbow, wrist } = arms[side];
    return [hip, knee, ankle, heel, ball, toe, shoulder, elbow, wrist].map(([, y]) => y);
  }),
];
const evenly = { out: 1.5, wait: 0, back: 1.5 };

describe('the figure', () => {
  it('stands as tall as its segments add up to, within a hundredth of stature', () => {
    expect(Math.abs(jointsOf(standing).crown[1] - 1)).toBeLessThan(0.01);
  });

  it('keeps every bone at its length in any pose', () => {
    fc.assert(fc.property(anyPose, (pose) => wrongBones(jointsOf(pose)).length === 0));
  });

  it('bends each joint by the angle it is given', () => {
    fc.assert(
      fc.property(anyPose, anyFreeLeg, (pose, leg) => {
        const { hip, knee, ankle } = jointsOf({ ...pose, right: leg }).legs.right;
        expect(angleBetween(subtract(knee, hip), subtract(ankle, knee))).toBeCloseTo(leg.knee ?? 0, 3);
      }),
    );
  });

  it('is its own mirror, twice', () => {
    fc.assert(
      fc.property(anyPose, (pose) => {
        const [straight, other] = [jointsOf(pose), jointsOf(mirrored(pose))];
        expect(distance(other.legs.left.toe, flip(straight.legs.right.toe))).toBeLessThan(1e-9);
        expect(distance(other.arms.right.fingers, flip(straight.arms.left.fingers))).toBeLessThan(1e-9);
        expect(distance(other.crown, flip(straight.crown))).toBeLessThan(1e-9);
        expect(distance(jointsOf(mirrored(mirrored(pose))).crown, straight.crown)).toBeLessThan(1e-9);
      }),
    );
  });

  it('lies on the floor, not in it, whatever its pose, when it hangs from what is lowest', () => {
    fc.assert(
      fc.property(anyPose, (pose) => {
        const lying: Pose = { ...pose, root: { kind: 'lowest', at: [0, 0, 0] } };
        expect(Math.min(...heights(jointsOf(lying)))).toBeGreaterThan(-1e-6);
      }),
    );
  });

  it('keeps the part it hangs from where it is', () => {
    fc.assert(
      fc.property(anyPose, (pose) => {
        const kneeling: Pose = { ...pose, root: { kind: 'part', part: 'rightKnee', at: [0.2, 0.03, 0.1] } };
        expect(distance(jointsOf(kneeling).legs.right.knee, [0.2, 0.03, 0.1])).toBeLessThan(1e-9);
      }),
    );
  });

  it('sinks where planted legs would not reach, and stretches nothing', () => {
    const wide: Pose = { ...standing, left: { kind: 'planted', foot: [0, 0, -0.3] } };
    const joints = jointsOf(wide);
    expect(joints.pelvis[1]).toBeLessThan(0.51);
    expect(wrongBones(joints)).toEqual([]);
  });

  it('lifts a heel about the ball of the foot, the toes staying down', () => {
    const [flat, up] = [0, 40].map((heelUp) =>
      jointsOf({ ...standing, right: { kind: 'planted', foot: [0, 0, 0.0955], heelUp } }),
    );
    if (!flat || !up) throw new Error('There are two poses.');
    expect(distance(flat.legs.right.ball, up.legs.right.ball)).toBeLessThan(1e-9);
    expect(distance(flat.legs.right.toe, up.legs.right.toe)).toBeLessThan(1e-9);
    expect(up.legs.right.heel[1]).toBeGreaterThan(0.07);
    expect(wrongBones(up)).toEqual([]);
  });

  it('holds its own knee, shin or other arm with its hands', () => {
    const holding: Pose = {
      ...standing,
      spine: { forward: 20 },
      right: { kind: 'free', hip: 110, knee: 110 },
      rightArm: { kind: 'holding', part: 'rightKnee' },
      leftArm: { kind: 'holding', part: 'rightElbow', off: [0.02, 0, 0] },
    };
    const { legs, arms } = jointsOf(holding);
    expect(distance(arms.right.wrist, legs.right.knee)).toBeLessThan(1e-6);
    expect(distance(arms.left.wrist, arms.right.elbow)).toBeLessThan(0.15);
  });

  it('lays a hand on the floor rather than through it', () => {
    const leaning: Pose = {
      ...standing,
      root: { kind: 'pelvis', at: [-0.1, 0.48, 0] },
      tilt: { forward: 95 },
      rightArm: { kind: 'free', raise: 95 },
    };
    const { wrist, fingers } = jointsOf(leaning).arms.right;
    expect(wrist[1]).toBeGreaterThan(0);
    expect(fingers[1]).toBeGreaterThan(-1e-6);
  });
});

describe('a squat', () => {
  const instants = Array.from({ length: 20 }, (_, index) => poseAt(squat, evenly, 'right', (index * 3) / 20));

  it('slides no foot, stretches no bone, and sinks nothing through the floor', () => {
    const [first] = instants;
    for (const joints of instants) {
      for (const side of SIDES) {
        if (first) expect(distance(joints.legs[side].toe, first.legs[side].toe)).toBeLessThan(0.01);
      }
      expect(wrongBones(joints)).toEqual([]);
      expect(Math.min(...heights(joints))).toBeGreaterThan(-1e-6);
    }
  });

  it('is deepest half way through a repetition, and repeats', () => {
    const pelvis = instants.map((joints) => joints.pelvis[1]);
    expect(Math.min(...pelvis)).toBe(pelvis[10]);
    expect(poseAt(squat, evenly, 'right', 4.5)).toEqual(poseAt(squat, evenly, 'right', 1.5));
  });

  it('waits at the bottom for as long as its tempo holds', () => {
    const slow = { out: 3, wait: 2, back: 1 };
    expect(shareAt(slow, 3)).toBe(0.5);
    expect(shareAt(slow, 4.9)).toBe(0.5);
    expect(shareAt(slow, 1.5)).toBe(0.25);
    expect(shareAt(slow, 5.5)).toBe(0.75);
    expect(poseAt(squat, slow, 'right', 4)).toEqual(poseAt(squat, evenly, 'right', 1.5));
  });

  it('moves from keyframe to keyframe without a jump', () => {
    const three: Motion = { ...squat, keyframes: [standing, sitting, standing], loop: 'round' };
    const steps = Array.from({ length: 200 }, (_, index) => jointsOf(keyframeAt(three, index / 200)).crown);
    const jumps = steps.map((at, index) => distance(at, steps[(index + 1) % steps.length] ?? at));
    expect(Math.max(...jumps)).toBeLessThan(0.02);
  });

  it('refuses a limb that is planted in one keyframe and free in the next', () => {
    const hop: Motion = { ...squat, keyframes: [standing, { ...standing, right: { kind: 'free', hip: 90 } }] };
    expect(() => poseAt(hop, evenly, 'right', 0.3)).toThrow('planted in one keyframe');
  });

  it('refuses keyframes that hang from different things', () => {
    const odd: Motion = { ...squat, keyframes: [standing, { ...sitting, root: { kind: 'lowest', at: [0, 0, 0] } }] };
    expect(() => poseAt(odd, evenly, 'right', 0.3)).toThrow('hangs from one thing');
  });
});
