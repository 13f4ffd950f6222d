import { catalogue } from '@prompt-spark/catalogue';
import { bonesOf } from '@prompt-spark/core/figure/bones';
import type { Joints } from '@prompt-spark/core/figure/joints';
import { jointsOf } from '@prompt-spark/core/figure/joints';
import type { Motion } from '@prompt-spark/core/figure/motion';
import { keyframeAt } from '@prompt-spark/core/figure/poseAt';
import type { Pose } from '@prompt-spark/core/figure/pose';
import { limbAngles, NORMAL_RANGE, type Angle } from '@prompt-spark/core/figure/range';
import { motionOf } from '@prompt-spark/core/figure/rungMotion';
import { SIDES } from '@prompt-spark/core/figure/skeleton';
import { distance, type Vector } from '@prompt-spark/core/figure/vector';
import { describe, expect, it } from 'vitest';
import { figures } from './index.ts';

interface Drawn {
  readonly name: string;
  readonly motion: Motion;
}
const drawn: readonly Drawn[] = catalogue.flatMap((drill) =>
  drill.ladder.flatMap((rung) => {
    const motion = motionOf(figures, drill, rung);
    return motion ? [{ name: `${drill.id} / ${rung.name}`, motion }] : [];
  }),
);
const INSTANTS = Array.from({ length: 20 }, (_, index) => index / 20);

/** What is wrong, over all variants and instants, each said once with its worst. */
function worst(
  find: (pose: Pose, joints: Joints, motion: Motion) => readonly (readonly [what: string, by: number])[],
): readonly string[] {
  const found = new Map<string, number>();
  for (const { name, motion } of drawn) {
    for (const instant of INSTANTS) {
      const pose = keyframeAt(motion, instant);
      for (const [what, by] of find(pose, jointsOf(pose), motion)) {
        const key = `${name}: ${what}`;
        if (Math.abs(by) > Math.abs(found.get(key) ?? 0)) found.set(key, by);
      }
    }
  }
  return [...found].map(([key, by]) => `${key} ${by.toFixed(3)}`);
}

/**
 * Degrees beyond the normal range that are let through. 10 everywhere: the ranges are averages, measured to about 5. Where
 * the body's own weight presses a joint further than an examiner's hand, more: kneeling (heels toward the seat) and a
 * weight-bearing ankle, whose normal range is some 40 (lunge test; common practice, no source), a hip in a deep
 * squat or lunge, and a thigh turned out in a bent hip. The collar bone carries an arm 30 further behind than the shoulder joint alone, and
 * the shoulder blade turns with an arm that turns.
 */
const TOLERANCE: Readonly<Partial<Record<Angle, number>>> = {
  'hip forward': 15,
  'knee bend': 15,
  'toes up': 24,
  'thigh turned out': 25,
  'arm behind': 15,
  'arm across': 25,
  'arm turned out': 35,
};
/** With the hip bent and opened, as an ankle laid on the other knee needs, the three turns of the hip add up. */
const CROSSED_LEGS = 55;
const beyond = (angle: Angle, degrees: number, hipBent: boolean): number => {
  const [low, high] = NORMAL_RANGE[angle];
  const spare = angle === 'thigh turned out' && hipBent ? CROSSED_LEGS : (TOLERANCE[angle] ?? 10);
  return degrees < low - spare || degrees > high + spare ? degrees : 0;
};

describe('the figures of the catalogue', { timeout: 60_000 }, () => {
  it('are there for every variant, with at least two keyframes', () => {
    expect(catalogue.filter(({ figure }) => !figures[figure]).map(({ id }) => id)).toEqual([]);
    expect(drawn).toHaveLength(catalogue.flatMap(({ ladder }) => ladder).length);
    expect(drawn.filter(({ motion }) => motion.keyframes.length < 2)).toEqual([]);
  });

  it('are a drill’s own: no two drills are drawn as one, but for two that differ in the foot or the fist alone', () => {
    const drawnAs = new Map<string, string[]>();
    for (const { id, figure } of catalogue) {
      const base = JSON.stringify(figures[figure]?.base);
      drawnAs.set(base, [...(drawnAs.get(base) ?? []), id]);
    }
    expect([...drawnAs.values()].filter((ids) => ids.length > 1)).toEqual([
      ['side-monster-walk', 'lateral-squat-walk'],
      ['push-up', 'fist-push-up'],
    ]);
  });

  it('draw only rungs that there are', () => {
    const strays = catalogue.flatMap((drill) =>
      Object.keys(figures[drill.figure]?.rungs ?? {}).filter((id) => !drill.ladder.some((rung) => rung.id === id)),
    );
    expect(strays).toEqual([]);
  });

  it('move: no two keyframes of a variant are all the same', () => {
    const still = drawn.filter(({ motion: { keyframes } }) =>
      keyframes.every((pose) => JSON.stringify(jointsOf(pose)) === JSON.stringify(jointsOf(keyframes[0]))),
    );
    expect(still.map(({ name }) => name)).toEqual([]);
  });

  it('keep every joint within its normal range, with the tolerance said here', () => {
    const wrong = worst((pose, joints) => {
      const { spine = {}, head = {} } = pose;
      const angles: readonly (readonly [Angle, number])[] = [
        ...limbAngles(joints),
        ['trunk forward', spine.forward ?? 0],
        ['trunk aside', spine.right ?? 0],
        ['trunk turn', spine.left ?? 0],
        ['head forward', head.forward ?? 0],
        ['head aside', head.right ?? 0],
        ['head turn', head.left ?? 0],
      ];
      const bent = angles.some(([angle, degrees]) => angle === 'hip forward' && degrees > 40);
      return angles.flatMap(([angle, degrees]) =>
        beyond(angle, degrees, bent) === 0 ? [] : [[angle, degrees] as const],
      );
    });
    expect(wrong).toEqual([]);
  });

  it('keep every bone at its length', () => {
    const wrong = worst((_, joints) =>
      bonesOf(joints).flatMap(([bone, is, should]) =>
        Math.abs(is - should) > 0.002 ? [[bone, is - should] as const] : [],
      ),
    );
    expect(wrong).toEqual([]);
  });

  it('leave planted hands and feet where they are, within a hundredth of stature', () => {
    const wrong = worst((pose, joints, { keyframes }) =>
      SIDES.flatMap((side) => {
        const found: (readonly [string, number])[] = [];
        const leg = pose[side];
        const first = keyframes[0][side];
        if (leg.kind === 'planted' && first.kind === 'planted' && sameFoot(keyframes, side)) {
          const turnsOnHeel = (leg.heelUp ?? 0) < 0;
          const here = turnsOnHeel ? joints.legs[side].heel : joints.legs[side].ball;
          const there = turnsOnHeel
            ? jointsOf(flat(keyframes[0], side)).legs[side].heel
            : jointsOf(flat(keyframes[0], side)).legs[side].ball;
          if (distance(here, there) > 0.01) found.push([`${side} foot`, distance(here, there)]);
        }
        const arm = side === 'left' ? pose.leftArm : pose.rightArm;
        if (
          arm.kind === 'planted' &&
          sameHand(keyframes, side) &&
          distance(joints.arms[side].wrist, arm.wrist) > 0.01
        ) {
          found.push([`${side} hand`, distance(joints.arms[side].wrist, arm.wrist)]);
        }
        return found;
      }),
    );
    expect(wrong).toEqual([]);
  });

  it('sink nothing through the floor', () => {
    const wrong = worst((_, joints) =>
      pointsOf(joints).flatMap(([part, [, y]]) => (y < -0.012 ? [[part, y] as const] : [])),
    );
    expect(wrong).toEqual([]);
  });
});

const sameFoot = (keyframes: readonly Pose[], side: 'left' | 'right'): boolean =>
  keyframes.every((pose) => {
    const [leg, first] = [pose[side], keyframes[0]?.[side]];
    return (
      leg.kind === 'planted' &&
      first?.kind === 'planted' &&
      distance(leg.foot, first.foot) < 1e-9 &&
      leg.toesOut === first.toesOut
    );
  });

const sameHand = (keyframes: readonly Pose[], side: 'left' | 'right'): boolean => {
  const wrists = keyframes.map((pose) => (side === 'left' ? pose.leftArm : pose.rightArm));
  const [first] = wrists;
  return wrists.every(
    (arm) => arm.kind === 'planted' && first?.kind === 'planted' && distance(arm.wrist, first.wrist) < 1e-9,
  );
};

/** The pose with a foot flat on the ground: where its ball and heel stand. */
function flat(pose: Pose, side: 'left' | 'right'): Pose {
  const leg = pose[side];
  return leg.kind === 'planted' ? { ...pose, [side]: { ...leg, heelUp: 0 } } : pose;
}

function pointsOf(joints: Joints): readonly (readonly [string, Vector])[] {
  const { pelvis, waist, neck, head, crown, legs, arms } = joints;
  const limbs = SIDES.flatMap((side) => {
    const { spread: _, ...arm } = arms[side];
    return [...Object.entries(legs[side]), ...Object.entries(arm)].map(
      ([part, at]) => [`${side} ${part}`, at] as const,
    );
  });
  return [['pelvis', pelvis], ['waist', waist], ['neck', neck], ['head', head], ['crown', crown], ...limbs];
}
