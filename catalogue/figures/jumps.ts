import type { Figures, Motion } from '@prompt-spark/core/figure/motion';
import type { Pose } from '@prompt-spark/core/figure/pose';
import { STEP_HEIGHT, type Prop } from '@prompt-spark/core/figure/prop';
import {
  arms,
  as,
  feet,
  figure,
  frame,
  hands,
  hips,
  leftArm,
  leftFoot,
  leftLeg,
  legs,
  lying,
  rightArm,
  rightFoot,
  rightLeg,
  round,
  sideToSide,
  spine,
  step,
  there,
  tilt,
  type Parts,
} from './authoring.ts';
import {
  basicSkip,
  briskWalk,
  knees,
  LOOSE,
  run,
  seatedMarch,
  seatedRun,
  skip,
  sprint,
  stride,
  swung,
  walk,
} from './gaits.ts';
import { CHAIR, HINGE, SIT, STAND, wallAhead } from './postures.ts';

const back = arms(-34, 12, 10);
const up = arms(160, 8, 8);
const dip = (depth: number, hand: Parts): Pose =>
  frame(LOOSE, tilt(depth * 0.5), legs(depth * 1.35, depth * 1.45, depth * 0.4, 6), hand);
const air = (lift: number, hand: Parts, ahead = 0): Pose => frame(LOOSE, lying(ahead, lift), legs(0, 2, -40), hand);
const jump = (depth: number, lift: number, hand: Parts = up): Motion =>
  round([frame(LOOSE, arms(20, 8, 30)), dip(depth, back), air(lift, hand), dip(depth * 0.7, arms(50, 6, 40))], {
    natural: 2.4,
    tells: 2,
  });
const tucked = (lift: number, hip: number): Motion =>
  round([dip(60, back), frame(LOOSE, lying(0, lift), legs(hip, hip + 10, -10), arms(70, 6, 60))], { natural: 1.6 });
const boxOf = (height: number): Prop => ({ kind: 'block', x: 0.34, height, deep: 0.34, wide: 0.5 });
const onBox = (height: number, up: number): Pose =>
  frame(STAND, hips(0.3, height + up), feet(0.32, 0.1, height), arms(20, 8, 30));
const ontoBox = (height: number): Motion =>
  there(
    [
      frame(STAND, hips(-0.12, 0.36), tilt(40), feet(0, 0.1), arms(-30, 12, 10)),
      frame(STAND, hips(0.24, height + 0.4), tilt(30), feet(0.32, 0.12, height), arms(70, 8, 20)),
      onBox(height, 0.525),
    ],
    { props: [boxOf(height)], natural: 3 },
  );
const split = (right: boolean, depth: number, lift = 0): Pose =>
  frame(
    LOOSE,
    lying(0, lift),
    tilt(6),
    right ? rightLeg(depth + 6, depth * 1.05, 6) : rightLeg(-depth * 0.3, depth * 1.1, 14),
    right ? leftLeg(-depth * 0.3, depth * 1.1, 14) : leftLeg(depth + 6, depth * 1.05, 6),
    right ? swung(40, 80) : swung(-40, 80),
  );
const switching = (depth: number, lift: number, natural: number): Motion =>
  round(
    [
      split(true, depth),
      frame(LOOSE, lying(0, lift), legs(6, 10, -30), arms(20, 8, 80)),
      split(false, depth),
      frame(LOOSE, lying(0, lift), legs(6, 10, -30), arms(20, 8, 80)),
    ],
    {
      natural,
      reps: 2,
    },
  );
const broad = (land: Pose, lift: number): Motion =>
  round([dip(62, back), air(lift, arms(120, 8, 8)), land, land], { natural: 3, travel: [0.9, 0] });
const hop = (ahead: number, lift: number, one: boolean, about: Parts = arms(4, 16, 70)): readonly [Pose, Pose] => {
  const lifted: Parts = one ? leftLeg(30, 66, 0) : {};
  return [
    frame(LOOSE, lying(ahead), legs(12, 22, 10), lifted, about),
    frame(LOOSE, lying(ahead / 2, lift), legs(6, 10, -30), lifted, about),
  ];
};
const across: Prop = { kind: 'line', axis: 'x', at: 0.05 };
const sideLine: Prop = { kind: 'line', axis: 'z', at: 0 };
/** Hops from one side of a line to the other, seen from the front. */
const hopping = (one: boolean, lift: number, natural: number): Motion => {
  const lifted: Parts = one ? leftLeg(30, 66, 0) : {};
  const at = (z: number, y: number, bend: number): Pose =>
    frame(LOOSE, lying(0, y, z), legs(bend, bend * 1.9, y > 0 ? -24 : bend, 0), lifted, arms(4, 18, 70));
  return round([at(-0.13, 0, 14), at(0, lift, 6), at(0.13, 0, 14), at(0, lift, 6)], {
    natural,
    reps: 2,
    props: [sideLine],
    view: 'front',
  });
};
const bounding = stride({
  reach: 62,
  back: 34,
  hip: 66,
  knee: 80,
  arms: 66,
  elbow: 70,
  lean: 6,
  lift: 0.12,
  natural: 1.1,
  travel: 3,
});
const low = frame(LOOSE, tilt(46), rightLeg(90, 84, 10), leftLeg(20, 46, 6), swung(-50, 88));
const started: Motion = as(
  stride({
    reach: 52,
    back: 34,
    hip: 84,
    knee: 110,
    arms: 66,
    elbow: 88,
    lean: 34,
    lift: 0.02,
    natural: 0.6,
    travel: 2,
  }),
  {},
);
const turned = (turn: number, lift: number, natural: number): Motion =>
  round(
    [
      frame(LOOSE, legs(22, 36, 12, 8), tilt(8), arms(60, 30, 40)),
      frame(LOOSE, lying(0, lift), legs(22, 36, 12, 8), tilt(8, 0, -turn), spine(0, 0, turn), arms(60, 30, 40)),
      frame(LOOSE, legs(22, 36, 12, 8), tilt(8), arms(60, 30, 40)),
      frame(LOOSE, lying(0, lift), legs(22, 36, 12, 8), tilt(8, 0, turn), spine(0, 0, -turn), arms(60, 30, 40)),
    ],
    { natural, reps: 2, view: 'three-quarter' },
  );
const cut = (depth: number, natural: number): Motion =>
  round(
    [
      frame(LOOSE, tilt(10, -14), legs(30, 40, 14, 6), swung(30, 80)),
      frame(
        LOOSE,
        tilt(14, -6),
        rightLeg(depth * 0.6, depth * 0.5, 10, 34),
        leftLeg(depth, depth * 1.3, 10, 2),
        swung(-20, 80),
      ),
      frame(LOOSE, tilt(10, -20), rightLeg(20, 20, -30, 24), leftLeg(70, 80, 0, 10), swung(40, 80)),
    ],
    { natural, travel: [0, -0.8] },
  );
const hinged = frame(STAND, hips(-0.14, 0.46), tilt(58), feet(0, 0.12));
const swingBell = (hand: Parts, snap: Parts, natural: number): Motion =>
  there([frame(hinged, hand), frame(STAND, feet(0, 0.12), snap)], { natural });
const slam = (lift: number): Motion =>
  round(
    [
      frame(LOOSE, lying(0, lift), legs(0, 0, -30, 4), arms(172, -6, 10)),
      frame(LOOSE, tilt(52), spine(12), legs(96, 92, 18, 8), arms(74, -6, 6)),
      frame(LOOSE, tilt(10), legs(20, 26, 8, 6), arms(60, -6, 70)),
    ],
    { natural: 2.4 },
  );
const bar: Parts = arms(4, 14, 4, 0, { spread: -1 });
const lift: Motion = there(
  [
    frame(HINGE, hips(-0.16, 0.34), tilt(54), feet(0, 0.1), arms(54, 8, 2, 0, { spread: -1 })),
    frame(STAND, feet(0, 0.1), bar),
  ],
  { natural: 4, view: 'side' },
);
const ready = frame(LOOSE, tilt(22), legs(42, 46, 14, 10), arms(24, 12, 70));
const dropStep = (natural: number): Motion =>
  round(
    [
      ready,
      frame(LOOSE, tilt(14, 0, 30), rightLeg(-10, 40, -6), leftLeg(34, 44, 10), swung(40, 84)),
      ...run.keyframes.slice(0, 2),
    ],
    { natural },
  );
const snap = (heels: boolean, hopUp: number): Motion =>
  round(
    [
      frame(LOOSE, lying(0, hopUp), legs(0, 0, heels ? -38 : 0), arms(172, 8, 6)),
      frame(LOOSE, tilt(32), legs(70, 74, 20, 8), arms(-30, 12, 20)),
      frame(LOOSE, tilt(32), legs(70, 74, 20, 8), arms(-30, 12, 20)),
    ],
    { natural: 2.4 },
  );
const landed = frame(LOOSE, tilt(16, 4), rightLeg(46, 52, 16, -2), leftLeg(20, 74, 0, 4), arms(20, 20, 60));
const sideBound = (lift: number): Motion =>
  sideToSide(
    frame(LOOSE, lying(0, lift), tilt(8), rightLeg(14, 20, -20, 30), leftLeg(14, 20, -20, 22), arms(30, 24, 60)),
    frame(landed, lying(0, 0, 0.24)),
    { natural: 3 },
  );
const guard = arms(34, 8, 140, 10);
const punches = (base: Pose, natural: number, about: Parameters<typeof sideToSide>[2] = {}): Motion =>
  sideToSide(frame(base, guard), frame(base, guard, rightArm(88, -6, 4), spine(0, 0, 20)), {
    natural,
    view: 'three-quarter',
    ...about,
  });
const sprintArms = step(
  [frame(SIT, tilt(8), leftArm(48, 6, 92, 0, { spread: -1 }), rightArm(-48, 8, 92, 0, { spread: -1 }))],
  { props: [CHAIR], natural: 0.6 },
);
const clap = (lift: number, natural: number): Motion =>
  round(
    [
      ready,
      frame(
        LOOSE,
        lying(0, lift, 0.1),
        tilt(18, 6),
        rightLeg(40, 46, 12, 24),
        leftLeg(20, 24, 6, 16),
        hands(0.22, 0.62, 0.02),
      ),
      ready,
      frame(
        LOOSE,
        lying(0, lift, -0.1),
        tilt(18, -6),
        leftLeg(40, 46, 12, 24),
        rightLeg(20, 24, 6, 16),
        hands(0.22, 0.62, 0.02),
      ),
    ],
    { natural, reps: 2, view: 'three-quarter' },
  );
const drive = (toes: number, lift: number): Motion =>
  there(
    [
      frame(LOOSE, tilt(24), rightLeg(-6, 30, 10), leftLeg(66, 64, 18), swung(-40, 84)),
      frame(LOOSE, lying(0, lift), rightLeg(96, 100, 8), leftLeg(0, 0, -toes), swung(46, 84)),
    ],
    { natural: 1.8 },
  );

export const jumpFigures: Figures = {
  'squat-jump': figure(jump(66, 0.14), {
    'fast stand from a chair': there(
      [
        frame(SIT, tilt(24), arms(20, 8, 60)),
        frame(STAND, hips(0.22, 0.6), feet(0.25, 0.09, 0, { heelUp: 24 }), arms(30, 8, 60)),
      ],
      {
        props: [CHAIR],
        natural: 2,
      },
    ),
    'quick squat, heels up': jump(60, 0),
    'arms full swing, higher': jump(74, 0.2, arms(174, 8, 4)),
  }),
  'split-jump': figure(switching(76, 0.1, 2.2), {
    'quick split squat': there([split(true, 20), split(true, 76)], { natural: 2 }),
    higher: switching(80, 0.16, 2.4),
  }),
  'forward-jump-and-stick': figure(broad(dip(56, arms(70, 6, 20)), 0.1), {
    'step and stick': round(
      [
        frame(LOOSE, rightLeg(30, 20), leftLeg(-10, 10, -16), swung(20, 40)),
        dip(46, arms(60, 6, 20)),
        dip(46, arms(60, 6, 20)),
      ],
      {
        natural: 3,
        travel: [0.4, 0],
      },
    ),
    'land on one foot': broad(frame(LOOSE, tilt(26), rightLeg(58, 60, 18), leftLeg(20, 70, 0), arms(70, 20, 20)), 0.1),
  }),
  'line-hops-two-feet': figure(hopping(false, 0.05, 0.9), {
    'seated toe taps over a line': sideToSide(
      frame(SIT, feet(0.25, 0.06)),
      frame(SIT, feet(0.25, 0.06, 0.03), rightFoot(0.25, 0.2), leftFoot(0.25, -0.08)),
      {
        props: [CHAIR, sideLine],
        natural: 1.2,
        view: 'front',
      },
    ),
    'step over': as(
      sideToSide(
        frame(LOOSE, arms(4, 18, 70)),
        frame(LOOSE, lying(0, 0, 0.06), rightLeg(10, 12, 0, 22), arms(4, 18, 70)),
      ),
      {
        props: [sideLine],
        natural: 1.6,
        view: 'front',
      },
    ),
    'one foot': hopping(true, 0.04, 0.9),
  }),
  'single-leg-hops': figure(there(hop(0.1, 0.07, true), { natural: 0.8, props: [across] }), {
    'quick single heel raises': there(
      [
        frame(STAND, leftLeg(30, 66, 0)),
        frame(STAND, hips(0.02, 0.6), rightFoot(0, 0.09, 0, { heelUp: 40 }), leftLeg(30, 66, 0)),
      ],
      { natural: 1, props: [across] },
    ),
    'two-foot line hops': hopping(false, 0.05, 0.9),
    'forward and back': there([...hop(-0.1, 0.07, true), ...hop(0.16, 0.05, true)], { natural: 1.4, props: [across] }),
  }),
  bounding: figure(bounding, {
    'long march': as(
      stride({ reach: 44, back: 28, hip: 60, knee: 70, arms: 44, elbow: 70, natural: 1.5, travel: 1.1 }),
      {},
    ),
    skip: basicSkip,
    'for distance': as(bounding, { travel: [3.6, 0], natural: 1.2 }),
  }),
  'skip-for-height': figure(skip(98, 0.13, 96, 0.6, 1.3), {
    'march with a heel raise': knees({ hip: 88, knee: 90, arms: 44, elbow: 80, natural: 1.5, travel: 0.4, toes: 36 }),
    'basic skip': basicSkip,
    'fewer, higher': skip(104, 0.18, 110, 0.6, 1.6),
  }),
  'skip-for-distance': figure(skip(80, 0.07, 66, 1.8, 1.1), { 'basic skip': basicSkip, bounding }),
  'power-skip': figure(skip(100, 0.1, 74, 0.9, 1), {
    'A-skip': skip(94, 0.03, 50, 0.7, 0.95),
    'higher still': skip(104, 0.15, 96, 0.9, 1.1),
  }),
  'build-up-run': figure(as(run, { natural: 0.56 }), {
    'brisk walk': briskWalk,
    'to half speed': as(run, { natural: 0.7 }),
    'to nine tenths': sprint,
  }),
  'graded-sprints': figure(sprint, { 'brisk walk, each faster': briskWalk, 'stop at three quarters': run }),
  accelerations: figure(started, {
    'fast walk': briskWalk,
    'at half speed': as(run, { natural: 0.72 }),
    'from a low start': round([low, ...started.keyframes], { natural: 1.2, travel: [1.6, 0] }),
  }),
  'hip-turns': figure(turned(44, 0.02, 1), {
    'seated quick turns': as(
      sideToSide(SIT, frame(SIT, feet(0.22, 0.0), rightFoot(0.18, 0.2), leftFoot(0.28, -0.02)), { natural: 1.2 }),
      {
        props: [CHAIR],
        view: 'three-quarter',
      },
    ),
    'slow pivots': turned(44, 0, 2),
    'with a hop': turned(44, 0.06, 1.2),
  }),
  'cut-and-go': figure(cut(60, 1.6), { 'walk it': cut(34, 2.6), 'on a call': cut(66, 1.4) }),
  'kettlebell-swing': figure(swingBell(arms(20, -6, 4), arms(88, -6, 4), 1.6), {
    'hinge reach, quick': swingBell(arms(30, 4, 6), arms(84, 6, 4), 1.4),
  }),
  'ball-slam': figure(slam(0.02), {
    'sitting, quick chest push': there([frame(SIT, arms(40, -2, 120, 10)), frame(SIT, arms(88, -6, 6))], {
      props: [CHAIR],
      natural: 1.4,
    }),
    'ball chest pass to a wall': there(
      [
        frame(STAND, leftFoot(0.14), rightFoot(-0.1), arms(40, -2, 120, 10)),
        frame(STAND, leftFoot(0.14), rightFoot(-0.1), tilt(6), arms(84, -6, 6)),
      ],
      {
        props: [wallAhead(0.7)],
        natural: 1.4,
      },
    ),
    'with a jump': slam(0.1),
  }),
  'ramp-up-sets': figure(lift),
  'quick-step-back-starts': figure(dropStep(1.6), {
    'walk the steps': round([ready, ...walk.keyframes.slice(0, 2)], { natural: 3 }),
  }),
  'snap-down': figure(snap(true, 0), {
    'seated foot stamps': as(seatedMarch, { natural: 0.9 }),
    'heels stay down': snap(false, 0),
    'from a small hop': snap(true, 0.06),
  }),
  'lateral-bound-and-stick': figure(sideBound(0.08), {
    'side step and stick': sideToSide(
      frame(LOOSE, legs(14, 20, 6, 22), arms(30, 24, 60)),
      frame(landed, lying(0, 0, 0.14)),
      { natural: 3 },
    ),
    'straight back again': as(sideBound(0.1), { natural: 1.8 }),
  }),
  'quick-punches': figure(punches(frame(STAND, hips(-0.02, 0.49), feet(0, 0.14)), 0.6), {
    seated: punches(SIT, 0.8, { props: [CHAIR] }),
    'half speed': punches(frame(STAND, hips(-0.02, 0.49), feet(0, 0.14)), 1.1),
    'with fast feet': step(
      [frame(LOOSE, tilt(12), rightLeg(40, 50, 0, 8), leftLeg(30, 34, 8, 8), guard, rightArm(88, -6, 4))],
      {
        natural: 0.6,
        view: 'three-quarter',
      },
    ),
  }),
  'seated-sprint-arms': figure(sprintArms, {
    'half speed': as(sprintArms, { natural: 1.2 }),
    'feet drum as well': as(seatedRun, { natural: 0.6, view: 'side' }),
  }),
  'clap-and-catch-reactions': figure(clap(0, 2.4), {
    'seated, hands only': there([frame(SIT, arms(60, 30, 30)), frame(SIT, hands(0.24, 0.5, 0.02))], {
      props: [CHAIR],
      natural: 1.2,
      view: 'three-quarter',
    }),
    'step, no hurry': clap(0, 3.4),
    'hop to it': clap(0.06, 2),
  }),
  'power-knee-drive': figure(drive(36, 0), {
    'sitting, snap the knee': there([SIT, frame(SIT, rightFoot(0.2, 0.09, 0.16), swung(34, 84))], {
      props: [CHAIR],
      natural: 1.4,
    }),
    'no heel raise': drive(0, 0),
    'small hop at the top': drive(38, 0.06),
  }),
  'tuck-jump': figure(tucked(0.2, 96), {
    'knees halfway': tucked(0.14, 60),
    'quick squat, heels up': jump(60, 0),
    'one after the other': as(tucked(0.2, 96), { natural: 1.2 }),
  }),
  'box-jump': figure(ontoBox(STEP_HEIGHT), {
    'lower box': ontoBox(0.07),
    'quick step up': there([frame(STAND, hips(-0.04, 0.5), arms(10, 8, 60)), onBox(STEP_HEIGHT, 0.529)], {
      props: [boxOf(STEP_HEIGHT)],
      natural: 2,
    }),
    'higher box': ontoBox(0.2),
  }),
};
