import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyFreeArm, anyPose, sitting, squat, standing } from '../testing/figures.ts';
import { beatOf, beatSeconds } from './beat.ts';
import { even } from './even.ts';
import { jointsOf } from './joints.ts';
import { mixed } from './mix.ts';
import type { PlantedArm, Pose } from './pose.ts';
import { preparedParts } from './prepared.ts';
import { limbAngles, NORMAL_RANGE } from './range.ts';
import { reachable } from './reach.ts';
import { distance } from './vector.ts';

describe('the beat of a motion', () => {
  it('is the tempo of counted work, for as many repetitions as a loop holds', () => {
    const reps = { kind: 'reps', count: { low: 8, high: 8 } } as const;
    expect(beatOf(squat, { ...reps, tempo: { kind: 'even', seconds: 4 } })).toEqual({ out: 2, wait: 0, back: 2 });
    const phased = { kind: 'phased', lower: 3, hold: 1, lift: 2 } as const;
    expect(beatOf(squat, { ...reps, tempo: phased })).toEqual({ out: 3, wait: 1, back: 2 });
    expect(beatSeconds(beatOf({ ...squat, reps: 2 }, { ...reps, tempo: phased }))).toBe(12);
  });

  it('is the motion’s own where nothing is counted', () => {
    expect(beatSeconds(beatOf(squat, { kind: 'time', seconds: { low: 30, high: 30 } }))).toBe(3);
  });
});

describe('keyframes made even', () => {
  it('mix whatever the arms do, and leave every wrist where it was', () => {
    const hold: Pose = { ...sitting, rightArm: { kind: 'holding', part: 'rightKnee' } };
    fc.assert(
      fc.property(anyFreeArm, (arm) => {
        const [one, other] = even([{ ...standing, rightArm: arm }, hold]);
        if (!one || !other) throw new Error('There are two keyframes.');
        expect(() => mixed(one, other, 0.4)).not.toThrow();
        const before = jointsOf({ ...standing, rightArm: arm }).arms.right.wrist;
        expect(distance(jointsOf(one).arms.right.wrist, before)).toBeLessThan(1e-3);
        expect(distance(jointsOf(other).arms.right.wrist, jointsOf(hold).arms.right.wrist)).toBeLessThan(1e-3);
      }),
    );
  });

  it('hang from the pelvis where they hung from different parts, and stay where they were', () => {
    const kneeling: Pose = {
      ...standing,
      left: { kind: 'free', hip: 0, knee: 90 },
      right: { kind: 'free', hip: 0, knee: 90 },
      root: { kind: 'part', part: 'rightKnee', at: [0, 0.03, 0.1] },
    };
    const other: Pose = {
      ...kneeling,
      tilt: { forward: 20 },
      root: { kind: 'part', part: 'leftKnee', at: [0, 0.03, 0] },
    };
    const [first, second] = even([kneeling, other]);
    if (!first || !second) throw new Error('There are two keyframes.');
    expect([first.root.kind, second.root.kind]).toEqual(['pelvis', 'pelvis']);
    expect(distance(jointsOf(second).legs.left.knee, [0, 0.03, 0])).toBeLessThan(1e-9);
  });

  it('are left alone where they are even already', () => {
    expect(even([standing, sitting])).toEqual([standing, sitting]);
  });
});

describe('hands brought within reach', () => {
  const leaning = (wrist: PlantedArm['wrist']): Pose => ({ ...standing, rightArm: { kind: 'planted', wrist } });

  it('lean on a wall that comes nearer with them', () => {
    const { poses, props } = reachable(
      [leaning([0.6, 0.8, 0.13]), leaning([0.6, 0.8, 0.13])],
      [{ kind: 'wall', axis: 'x', at: 0.64 }],
    );
    const [first, second] = poses;
    if (first?.rightArm.kind !== 'planted' || second?.rightArm.kind !== 'planted')
      throw new Error('Both hands are planted.');
    expect(first.rightArm.wrist).toEqual(second.rightArm.wrist);
    expect(first.rightArm.wrist[0]).toBeLessThan(0.34);
    expect(distance(jointsOf(first).arms.right.wrist, first.rightArm.wrist)).toBeLessThan(1e-3);
    const [wall] = props;
    expect(wall?.kind === 'wall' ? wall.at - first.rightArm.wrist[0] : 0).toBeCloseTo(0.04, 6);
  });

  it('stay where they are if they were within reach', () => {
    const near = [leaning([0.25, 0.8, 0.13]), leaning([0.25, 0.8, 0.13])];
    expect(reachable(near).poses).toEqual(near);
  });
});

describe('measured angles', () => {
  it('are the angles a leg was given', () => {
    fc.assert(
      fc.property(anyPose, (pose) => {
        const angles = limbAngles(jointsOf(pose));
        const left = pose.left;
        if (left.kind !== 'free') throw new Error('The leg is free.');
        const measured = new Map(angles.slice(0, 5));
        expect(measured.get('hip forward')).toBeCloseTo(left.hip, 3);
        expect(measured.get('hip out')).toBeCloseTo(left.out ?? 0, 3);
        expect(measured.get('knee bend')).toBeCloseTo(left.knee ?? 0, 3);
        expect(measured.get('toes up')).toBeCloseTo(left.ankle ?? 0, 3);
        if ((left.knee ?? 0) > 21) expect(measured.get('thigh turned out')).toBeCloseTo(left.turnedOut ?? 0, 3);
      }),
    );
  });

  it('lie within the published ranges for somebody who stands', () => {
    for (const [angle, degrees] of limbAngles(jointsOf(standing))) {
      expect(degrees).toBeGreaterThanOrEqual(NORMAL_RANGE[angle][0] - 0.5);
      expect(degrees).toBeLessThanOrEqual(NORMAL_RANGE[angle][1] + 0.5);
    }
  });
});

describe('the joints that are prepared', () => {
  it('are those of the two strongest targets that have a place on the figure', () => {
    expect(
      preparedParts({ 'ankle · dorsiflexion': 0.9, 'system · pulse': 1, 'neck · turning': 0.2, 'wrist · range': 0.1 }),
    ).toEqual(['rightAnkle', 'leftAnkle', 'neck']);
    expect(preparedParts({ 'system · pulse': 1 })).toEqual([]);
  });
});
