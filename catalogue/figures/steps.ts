import type { Figures, Motion } from '@prompt-spark/core/figure/motion';
import type { Pose } from '@prompt-spark/core/figure/pose';
import {
  arms,
  as,
  each,
  figure,
  frame,
  hands,
  head,
  hips,
  holding,
  leftArm,
  leftFoot,
  leftHand,
  leftHold,
  leftLeg,
  legs,
  lying,
  rightArm,
  rightFoot,
  rightHold,
  rightLeg,
  round,
  sideToSide,
  spine,
  step,
  there,
  tilt,
  type Parts,
} from './authoring.ts';
import { LOOSE, stride, walk } from './gaits.ts';
import { CHAIR, ON_HIPS, SIT, STAND, wallAhead, wallAside } from './postures.ts';

/** A step, something done on one leg, a step: the right side's half of a walk. */
const walked = (
  worked: Pose,
  about: Parameters<typeof step>[1] = {},
  between = frame(LOOSE, rightLeg(20, 10), leftLeg(-16, 12, -14)),
): Motion => step([between, worked], { natural: 4, travel: [0.7, 0], ...about });
const onWall = leftHand(0.36, 0.78);
const wall = { props: [wallAhead(0.4)], travel: [0, 0] as const };

/** Small steps with the heels up, or the toes where it is negative. */
const tiptoed = (heelUp: number, travel = 0.3, hand: Parts = arms(10, 8, 20)): Motion => {
  const up = 0.52 + Math.abs(heelUp) * 0.0012;
  return step(
    [
      frame(STAND, hips(0, up), rightFoot(0.08, 0.09, 0, { heelUp }), leftFoot(-0.08, 0.09, 0, { heelUp }), hand),
      frame(STAND, hips(0, up), rightFoot(-0.02, 0.09, 0, { heelUp }), leftFoot(0.02, 0.09, 0.04, { heelUp }), hand),
    ],
    { natural: 1.2, travel: [travel, 0] },
  );
};

const hug: readonly Parts[] = [
  rightLeg(114, 118, 0),
  leftLeg(0),
  holding('rightKnee', [0.03, -0.03, 0], [-0.4, -1, 0.6]),
];
const hugged = frame(
  LOOSE,
  ...hug,
  leftHold('rightKnee', [0.03, -0.04, -0.03]),
  rightHold('rightKnee', [0.03, -0.04, 0.03]),
);
const onToes: Parts = { ...leftLeg(0, 0, -34) };
const cradled = (hip: number): Pose =>
  frame(
    LOOSE,
    rightLeg(hip, 100, -10, 26, 44),
    leftHold('rightAnkle', [0.02, 0, 0]),
    rightHold('rightKnee', [0.03, -0.02, 0.02]),
  );
const grabbed = frame(LOOSE, rightLeg(-6, 124, -30), rightHold('rightAnkle', [0, 0.02, 0]), leftArm(168, 6, 4));
const sweeping = (y: number, lean: number, reach: number): Pose =>
  frame(
    STAND,
    hips(-0.1, y),
    tilt(lean),
    spine(12),
    leftFoot(-0.06),
    rightFoot(0.22, 0.09, 0, { heelUp: -24 }),
    arms(reach, 4, 4),
  );
const before = frame(
  STAND,
  hips(-0.02, 0.52),
  tilt(6),
  leftFoot(-0.06),
  rightFoot(0.22, 0.09, 0, { heelUp: -24 }),
  arms(-30, 8, 10),
);
const balance = (lean: number, hip: number, reach: Parts): Pose =>
  frame(LOOSE, tilt(lean), head(-lean * 0.3), leftLeg(lean - 4, 10, 6), rightLeg(hip, 4, 0), reach);
const kicked = (hip: number): Pose =>
  frame(LOOSE, rightLeg(hip, 2, 8), tilt(-4), leftLeg(-4), leftArm(hip * 0.95, -8, 4), rightArm(-20, 10, 10));
const circled = (hip: number, about: Parts): Motion =>
  step(
    [
      frame(LOOSE, about),
      frame(LOOSE, rightLeg(hip, 92), about),
      frame(LOOSE, rightLeg(hip * 0.86, 92, 0, 44), about),
      frame(LOOSE, rightLeg(20, 40, 0, 22), about),
    ],
    { natural: 5, travel: [0.3, 0], view: 'three-quarter' },
  );
/** Over a hurdle: the foot swings up at the side, over, and down in front, or the other way. */
const hurdle = (forward: boolean, about: Parts = ON_HIPS): Motion => {
  const behind = frame(LOOSE, rightLeg(-14, 60, -10, 26), about);
  const over = frame(LOOSE, rightLeg(70, 96, 6, 44), about);
  const ahead = frame(LOOSE, rightLeg(92, 94, 4, 4), about);
  const half = forward ? [frame(LOOSE, about), behind, over, ahead] : [frame(LOOSE, about), ahead, over, behind];
  return step(half, { natural: 6, travel: [forward ? 0.4 : -0.4, 0], view: 'three-quarter' });
};
const openOut = (depth: number, drop: number): Motion => {
  const wide = frame(LOOSE, legs(12, 16, 4, 24), arms(20, 8, 40));
  const set = frame(LOOSE, legs(depth, depth * 1.08, drop, 26, 20), tilt(depth * 0.3), arms(50, 6, 60));
  return round(
    [
      frame(LOOSE, arms(20, 8, 40)),
      frame(LOOSE, rightLeg(88, 92), arms(30, 12, 40)),
      frame(LOOSE, rightLeg(80, 92, 0, 42), arms(30, 20, 40)),
      ...(depth > 0 ? [wide, set, wide] : [wide]),
    ],
    { natural: depth > 0 ? 5 : 4, view: 'three-quarter' },
  );
};
const swingLeg = (ahead: number, back: number, about: Parts, more: Parameters<typeof there>[1] = {}): Motion =>
  there(
    [
      frame(LOOSE, tilt(4), rightLeg(-back, 14, -10), leftLeg(4), about),
      frame(LOOSE, tilt(-4), rightLeg(ahead, 6, 4), leftLeg(-4), about),
    ],
    {
      natural: 1.6,
      ...more,
    },
  );
const swingAcross = (out: number, across: number, about: Parts, more: Parameters<typeof there>[1] = {}): Motion =>
  there(
    [
      frame(LOOSE, tilt(0, 4), rightLeg(16, 2, 0, -across), leftLeg(0, 0, 0, 4), about),
      frame(LOOSE, tilt(0, -6), rightLeg(4, 2, 0, out), leftLeg(0, 0, 0, -4), about),
    ],
    {
      natural: 1.6,
      ...more,
    },
  );
const backSwing = (hip: number, knee: number, about: Parts, more: Parameters<typeof there>[1] = {}): Motion =>
  there(
    [
      frame(LOOSE, rightLeg(10, knee * 0.5, 0), about),
      frame(LOOSE, tilt(10), rightLeg(-hip, knee, -10), leftLeg(10), about),
    ],
    { natural: 1.6, ...more },
  );
const bothOnWall = hands(0.36, 0.8);
const free = arms(0, 42, 10);
const longStride = (lift: number, travel: number, natural: number): Motion =>
  stride({ reach: 52, back: 30, hip: 50, knee: 70, arms: 56, elbow: 60, lean: 6, lift, travel, natural });
const reversed = (motion: Motion, travel: number): Motion =>
  round(motion.keyframes.toReversed(), { reps: 2, natural: motion.natural, travel: [-travel, 0] });
const backReach = stride({
  reach: 12,
  back: 30,
  hip: -6,
  knee: 60,
  arms: 34,
  elbow: 70,
  lean: 26,
  lift: 0.02,
  natural: 1.1,
  travel: -1,
});
const rotated = (turn: number): Motion =>
  round(
    [
      frame(LOOSE, arms(84, 0, 6)),
      frame(LOOSE, rightLeg(70, 96, 6, 42), arms(84, 0, 6)),
      frame(LOOSE, rightLeg(20, 22, 6, 26), leftLeg(6, 10, 4, 8), arms(84, 0, 6)),
      frame(
        LOOSE,
        rightLeg(30, 34, 8, 26),
        leftLeg(6, 12, 4, 14),
        tilt(4, 0, -turn * 0.4),
        spine(0, 0, -turn),
        rightArm(80, 70, 4),
        leftArm(84, 0, 6),
      ),
    ],
    { natural: 4, view: 'three-quarter' },
  );

export const stepFigures: Figures = {
  'knee-hug-walk': figure(walked(hugged), {
    sitting: there(
      [
        SIT,
        frame(
          SIT,
          rightFoot(0.16, 0.09, 0.14),
          holding('rightKnee', [0.03, -0.03, 0]),
          leftHold('rightKnee', [0.03, -0.04, -0.03]),
        ),
      ],
      {
        props: [CHAIR],
      },
    ),
    'hold a wall': as(each(walked(frame(hugged, rightHold('rightKnee', [0.03, -0.04, 0]))), onWall), wall),
    'rise on the toes': walked(frame(hugged, onToes)),
  }),
  'shin-cradle-walk': figure(as(walked(cradled(84)), { view: 'three-quarter' }), {
    'hold a wall, lower': as(
      each(walked(frame(LOOSE, rightLeg(60, 96, -10, 26, 40), rightHold('rightAnkle', [0.02, 0, 0]))), onWall),
      {
        ...wall,
        view: 'three-quarter',
      },
    ),
    'rise on the toes': as(walked(frame(cradled(84), onToes)), { view: 'three-quarter' }),
  }),
  'quad-grab-walk': figure(walked(grabbed), {
    'reach only, no grab': as(each(walked(frame(LOOSE, rightLeg(-4, 84, -20), rightArm(168, 6, 4))), onWall), wall),
    'hold a wall': as(each(walked(grabbed), onWall), wall),
    'rise on the toes': walked(frame(grabbed, onToes)),
  }),
  'toe-touch-walk': figure(walked(sweeping(0.47, 66, 88), {}, before), {
    'to the knee': walked(sweeping(0.5, 34, 44), {}, before),
    'to the shin': walked(sweeping(0.48, 52, 70), {}, before),
    'both hands flat': walked(frame(sweeping(0.46, 84, 100), spine(24)), {}, before),
  }),
  'toe-walk': figure(tiptoed(46), {
    'heels a little lower': tiptoed(22),
    'on the spot, hold a wall': as(tiptoed(40, 0, hands(0.36, 0.74)), { props: [wallAhead(0.4)], travel: [0, 0] }),
  }),
  'heel-walk': figure(tiptoed(-20), {
    'on the spot, hold a wall': as(tiptoed(-20, 0, hands(0.36, 0.74)), { props: [wallAhead(0.4)], travel: [0, 0] }),
  }),
  'single-leg-hinge-walk': figure(walked(balance(76, 0, arms(76, 30, 4))), {
    'hands on a wall': as(
      walked(frame(balance(70, 0, arms(0)), hands(0.56, 0.72, 0.13)), {}, frame(LOOSE, hands(0.36, 0.8))),
      {
        props: [wallAhead(0.6)],
        travel: [0, 0],
      },
    ),
    'toe of the back foot down': there(
      [
        STAND,
        frame(
          STAND,
          hips(-0.08, 0.5),
          tilt(58),
          leftFoot(0),
          rightFoot(-0.26, 0.09, 0, { heelUp: 40 }),
          arms(58, 12, 4),
        ),
      ],
      { natural: 3.5 },
    ),
    'arms overhead': walked(balance(76, 0, arms(168, 10, 4))),
  }),
  'straight-leg-march': figure(walked(kicked(84), { natural: 2.4 }, LOOSE), {
    'hold a wall': as(each(walked(kicked(74), { natural: 2.4 }, LOOSE), leftHand(0.1, 0.7, 0.36)), {
      travel: [0, 0],
      props: [wallAside(-0.4)],
    }),
    lower: walked(kicked(50), { natural: 2.4 }, LOOSE),
    'skip it': walked(frame(kicked(84), lying(0, 0.04)), { natural: 1.6 }, frame(LOOSE, legs(10, 20, 8))),
  }),
  'walking-hip-circle': figure(circled(88, ON_HIPS), {
    'toe stays down': as(each(circled(34, ON_HIPS), { ...ON_HIPS, ...onWall }), wall),
    'hold a wall': as(each(circled(88, ON_HIPS), { ...ON_HIPS, ...onWall }), wall),
    'rise on the toes': step(
      [
        frame(LOOSE, ON_HIPS),
        frame(LOOSE, rightLeg(88, 92), onToes, ON_HIPS),
        frame(LOOSE, rightLeg(76, 92, 0, 44), onToes, ON_HIPS),
        frame(LOOSE, rightLeg(20, 40, 0, 22), ON_HIPS),
      ],
      { natural: 5, travel: [0.3, 0], view: 'three-quarter' },
    ),
  }),
  'hurdle-step-forward': figure(hurdle(true), {
    'hold a wall': as(each(hurdle(true), { ...ON_HIPS, ...onWall }), wall),
  }),
  'hurdle-step-backward': figure(hurdle(false), {
    'hold a wall': as(each(hurdle(false), { ...ON_HIPS, ...onWall }), wall),
  }),
  'hurdle-step-to-rotation': figure(rotated(42), {
    'hold a wall, no turn': as(each(hurdle(true), { ...ON_HIPS, ...onWall }), wall),
    'low, then turn': round(
      [
        frame(LOOSE, arms(84, 0, 6)),
        frame(LOOSE, rightLeg(70, 96, 6, 42), arms(84, 0, 6)),
        frame(LOOSE, tilt(20), legs(84, 92, 24, 22), arms(84, 0, 6)),
        frame(
          LOOSE,
          rightLeg(30, 34, 8, 26),
          leftLeg(6, 12, 4, 14),
          spine(0, 0, -42),
          rightArm(80, 70, 4),
          leftArm(84, 0, 6),
        ),
      ],
      { natural: 5, view: 'three-quarter' },
    ),
  }),
  'hip-opener-to-squat': figure(openOut(78, 22), {
    'sitting, open and close': sideToSide(
      SIT,
      frame(SIT, rightFoot(0.12, 0.3, 0.02, { toesOut: 40, kneeTo: [1, 0, 1.2] })),
      {
        props: [CHAIR],
        view: 'front',
      },
    ),
    'no squat': openOut(0, 0),
    deeper: openOut(100, 26),
  }),
  'leg-swing-front-to-back': figure(swingLeg(62, 24, leftHand(0.12, 0.72, 0.36), { props: [wallAside(-0.42)] }), {
    smaller: swingLeg(32, 14, leftHand(0.12, 0.72, 0.36), { props: [wallAside(-0.42)] }),
    'both hands on a wall': as(swingAcross(30, 18, bothOnWall, { props: [wallAhead(0.4)] }), { view: 'three-quarter' }),
    'free-standing': swingLeg(62, 24, free),
  }),
  'leg-swing-side-to-side': figure(swingAcross(38, 20, bothOnWall, { props: [wallAhead(0.4)] }), {
    smaller: swingAcross(20, 12, bothOnWall, { props: [wallAhead(0.4)] }),
    'free-standing': swingAcross(38, 20, free),
  }),
  'leg-swing-to-hand': figure(there([LOOSE, kicked(84)], { natural: 1.8 }), {
    'hold a wall': as(
      each(there([LOOSE, kicked(78)], { natural: 1.8 }), leftHand(0.1, 0.7, 0.36), rightArm(70, -4, 4)),
      { props: [wallAside(-0.42)] },
    ),
    'lower hand': there([LOOSE, kicked(54)], { natural: 1.8 }),
    higher: there([LOOSE, kicked(100)], { natural: 1.8 }),
  }),
  'heel-flick': figure(
    there([frame(LOOSE, onWall), frame(LOOSE, rightLeg(0, 126, -20), onWall)], {
      natural: 1.2,
      props: [wallAhead(0.4)],
    }),
    {
      'both hands on the wall': there([frame(LOOSE, bothOnWall), frame(LOOSE, rightLeg(0, 126, -20), bothOnWall)], {
        natural: 1.2,
        props: [wallAhead(0.4)],
      }),
      'free-standing': there([frame(LOOSE, free), frame(LOOSE, rightLeg(0, 126, -20), free)], { natural: 1.2 }),
    },
  ),
  'straight-leg-back-reach': figure(backSwing(26, 2, bothOnWall, { props: [wallAhead(0.4)] }), {
    smaller: backSwing(14, 2, bothOnWall, { props: [wallAhead(0.4)] }),
    'free-standing': backSwing(26, 2, free),
  }),
  'back-heel-swing': figure(backSwing(24, 92, bothOnWall, { props: [wallAhead(0.4)] }), {
    smaller: backSwing(12, 84, bothOnWall, { props: [wallAhead(0.4)] }),
    'free-standing': backSwing(24, 92, free),
  }),
  striders: figure(longStride(0.05, 2.2, 0.9), {
    'long walk': stride({ reach: 36, back: 28, hip: 26, knee: 50, arms: 34, elbow: 30, natural: 1.4, travel: 1.1 }),
    'bound lightly': longStride(0.1, 2.8, 1),
  }),
  'backward-striders': figure(backReach, {
    'walk it': reversed(walk, 0.7),
    quicker: as(backReach, { natural: 0.8, travel: [-1.4, 0] }),
  }),
};
