import type { Figures, Motion } from '@prompt-spark/core/figure/motion';
import { BENCH_HEIGHT, type Prop } from '@prompt-spark/core/figure/prop';
import type { Pose } from '@prompt-spark/core/figure/pose';
import {
  arms,
  as,
  feet,
  figure,
  fixed,
  frame,
  hands,
  head,
  hips,
  leftFoot,
  leftHand,
  leftLeg,
  legs,
  rightArm,
  rightFoot,
  rightLeg,
  round,
  spine,
  still,
  there,
  tilt,
  underShoulders,
  type Parts,
} from './authoring.ts';
import { LOOSE } from './gaits.ts';
import { CHAIR, KNEEL, ON_HANDS, ON_HIPS, ON_SIDE, SIT, STAND, wallAside } from './postures.ts';

const around = { view: 'three-quarter' } as const;

/** From the hands to the forearms and up again, one arm after the other. */
const upDown = (knees: boolean, wide: number): Motion => {
  const toes = -0.78;
  const legsHow = knees ? legs(-2, 32, -50) : legs(0, 0, -4, wide);
  const root = knees ? fixed('rightKnee', -0.4, 0.028, 0.0955) : fixed('rightToe', toes, 0, 0.0955);
  const straight = underShoulders(frame(knees ? KNEEL : STAND, root, tilt(knees ? 62 : 72), legsHow, head(-14)));
  const bent = (arm: Pose['rightArm']): Pose['rightArm'] =>
    arm.kind === 'planted' ? { ...arm, elbowTo: [0.6, -1, 0.15] } : arm;
  const high = { ...straight, rightArm: bent(straight.rightArm), leftArm: bent(straight.leftArm) };
  const elbowsUnder = (x: number): Parts => hands(x, 0.025, 0.12, { elbowTo: [0.6, -1, 0.15], fingersTo: [1, 0, 0] });
  const low = frame(
    knees ? KNEEL : STAND,
    root,
    tilt(knees ? 72 : 80),
    legsHow,
    head(-12),
    elbowsUnder(knees ? 0.1 : 0.106),
  );
  const half = (arm: Parts): Pose => frame(high, tilt(knees ? 67 : 76, 5), arm);
  const forearm = low.rightArm;
  return round([high, half({ rightArm: forearm }), low, half({ leftArm: low.leftArm })], {
    reps: 1,
    natural: 5,
    ...around,
  });
};

/** On the left forearm, the top leg on a bench, the lower one under it or lifted to it. */
const benchSide = (lower: number, knee: boolean): Pose =>
  frame(
    ON_SIDE,
    { root: { kind: 'part', part: 'neck', at: [0, 0.31, -0.29] } },
    tilt(0, -84),
    knee ? legs(8, 84, -40) : legs(0, 0, 0),
    rightLeg(knee ? 8 : 0, knee ? 84 : 0, 0, knee ? 6 : 2),
    leftLeg(knee ? 8 : 0, knee ? 84 : 0, 0, lower),
    leftHand(0.146, 0.025, 0.42, { elbowTo: [0, 0, -1], fingersTo: [1, 0, 0] }),
    rightArm(0, 20, 80, 60),
  );
const sideBench = (z: number): Prop => ({ kind: 'block', x: 0, z, height: BENCH_HEIGHT - 0.02, deep: 0.5, wide: 0.2 });

/** On hands and knees, rocked forward over the fingers and back. */
const wrists = (turnedBack: boolean, backs: boolean): Motion => {
  const fingers = turnedBack ? ([-1, 0, 0.1] as const) : ([1, -0.1, 0] as const);
  const place = (pose: Pose): Pose => {
    const under = underShoulders(ON_HANDS, 0.02);
    const planted = (arm: Pose['rightArm'], sign: number): Pose['rightArm'] =>
      arm.kind === 'planted'
        ? { ...arm, fingersTo: [fingers[0], fingers[1], sign * 0.1], ...(backs ? { wristBend: 40 } : {}) }
        : arm;
    return { ...pose, rightArm: planted(under.rightArm, 1), leftArm: planted(under.leftArm, -1) };
  };
  const forward = place(frame(ON_HANDS, tilt(72), legs(60, 78, -58), head(-18)));
  const back = place(frame(ON_HANDS, tilt(84), legs(94, 100, -58), head(-18)));
  return there([forward, back]);
};
const benchWrists: Motion = (() => {
  const top = BENCH_HEIGHT + 0.12;
  const lean = (ahead: number, low: number): Pose =>
    frame(
      STAND,
      hips(-0.1 + ahead, 0.5),
      tilt(low),
      feet(-0.16, 0.09, 0, { heelUp: 10 }),
      hands(0.3, top + 0.02, 0.13, { fingersTo: [1, 0, 0] }),
    );
  return there([lean(0.03, 50), lean(-0.05, 56)], {
    props: [{ kind: 'block', x: 0.38, height: top, deep: 0.26, wide: 0.6 }],
  });
})();

/** The knee goes out, round and back in. */
const kneeRing = (base: Pose, size: number, natural: number): Motion =>
  round(
    [
      frame(base, leftLeg(81, 90, -58)),
      frame(base, leftLeg(76, 90, -40, 24 * size)),
      frame(base, leftLeg(40, 92, -40, 36 * size)),
      frame(base, leftLeg(36 + 30 * (1 - size), 92, -40, 8 * size)),
    ],
    { natural, ...around },
  );
const onForearms = frame(
  ON_HANDS,
  fixed('rightKnee', 0, 0.028, 0.0955),
  tilt(98),
  legs(98, 90, -58),
  head(-24),
  hands(0.42, 0.025, 0.13, { elbowTo: [-1, -0.6, 0.3], fingersTo: [1, 0, 0] }),
);

/** A big ring with the lifted knee, standing. */
const standingRing = (size: number, natural: number, about: Parts = ON_HIPS, props: readonly Prop[] = []): Motion =>
  round(
    [
      frame(LOOSE, rightLeg(14, 40, -10), about),
      frame(LOOSE, rightLeg(86 * size, 88, 0), about),
      frame(LOOSE, tilt(0, -4), rightLeg(64 * size, 88, 0, 46 * size, 30), about),
      frame(LOOSE, tilt(4, -4), rightLeg(4, 70, -10, 32 * size, 10), about),
    ],
    { natural, ...around, props },
  );

/** A long lunge that is held, the arms overhead. */
const warrior = (front: number, y: number, heel: number, hand: Parts): Motion =>
  still(
    frame(
      STAND,
      hips(0, y),
      tilt(4),
      spine(-6),
      rightFoot(front),
      leftFoot(-0.34, 0.09, 0, { heelUp: heel, toesOut: 10 }),
      hand,
    ),
  );

/** The ball of the foot drawn toward the heel: the arch rises, the toes stay. Small, and drawn larger than it is. */
const dome = (base: Pose, about: Parameters<typeof there>[1] = {}): Motion => {
  const up = (foot: Pose['right']): Pose['right'] => (foot.kind === 'planted' ? { ...foot, heelUp: 11 } : foot);
  return there([base, { ...base, right: up(base.right), left: up(base.left) }], { natural: 5, ...about });
};

/** Drills propped on hands, forearms or one leg. */
export const supportFigures: Figures = {
  'plank-up-down': figure(upDown(false, 6), {
    'knees down': upDown(true, 0),
    'feet together': upDown(false, -4),
  }),
  'side-plank-top-foot-on-a-bench': figure(as(still(benchSide(-22, false)), { props: [sideBench(0.49)] }), {
    'knee on the bench': as(still(benchSide(-20, true)), { props: [sideBench(0.26)] }),
    'lower leg lifts to it': as(there([benchSide(-22, false), benchSide(-4, false)], { natural: 4 }), {
      props: [sideBench(0.49)],
    }),
  }),
  'wrist-rocks-on-all-fours': figure(wrists(false, false), {
    'standing, palms on a bench': benchWrists,
    'backs of the hands down': wrists(true, true),
  }),
  'hip-circle-on-all-fours': figure(kneeRing(ON_HANDS, 1, 4), {
    'on the forearms': kneeRing(onForearms, 0.8, 4),
    smaller: kneeRing(ON_HANDS, 0.6, 3),
    'slower and wider': kneeRing(ON_HANDS, 1.15, 6),
  }),
  'standing-leg-circle': figure(standingRing(1, 4), {
    'hold a wall': standingRing(0.9, 4, { ...leftHand(0.06, 0.68, 0.37, { fingersTo: [0.1, 1, 0.2] }) }, [
      wallAside(-0.41),
    ]),
    'slower and wider': standingRing(1.1, 6),
  }),
  'warrior-lunge': figure(warrior(0.3, 0.33, 58, arms(174, 8, 4)), {
    'shorter, hands on the hips': warrior(0.22, 0.4, 46, ON_HIPS),
    deeper: warrior(0.32, 0.28, 72, arms(178, 8, 4)),
  }),
  'foot-doming': figure(dome(STAND), {
    sitting: dome(SIT, { props: [CHAIR] }),
    'on one leg': dome(frame(STAND, leftLeg(24, 56))),
  }),
};
