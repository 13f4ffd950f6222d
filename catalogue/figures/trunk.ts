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
  rightHand,
  rightHold,
  rightLeg,
  sideToSide,
  spine,
  step,
  still,
  there,
  tilt,
  underShoulders,
} from './authoring.ts';
import { LOOSE } from './gaits.ts';
import { benchMarch, pushDrive } from './patterns.ts';
import {
  CHAIR,
  KNEEL,
  LONG_ON_BACK,
  ON_BACK,
  ON_FRONT,
  ON_HANDS,
  ON_SIDE,
  PLANK,
  SIT,
  STAND,
  wallAhead,
  wallAside,
} from './postures.ts';

const bench: Prop = { kind: 'block', x: 0.36, height: BENCH_HEIGHT, deep: 0.26, wide: 0.6 };
const dog: Pose = frame(ON_HANDS, { rightArm: { kind: 'free', raise: 166, out: 8, elbow: 4 } }, leftLeg(-8, 2, -20));
const birdDog = sideToSide(ON_HANDS, dog, { natural: 5 });
const table = frame(LONG_ON_BACK, legs(90, 90), arms(90, 2, 4));
const bug = sideToSide(table, frame(table, rightArm(172, 4, 4), leftLeg(18, 8, -10)), { natural: 5 });
const forearms = (toes: number, up = 0): Pose => {
  const body = frame(STAND, fixed('rightToe', toes, 0, 0.0955), tilt(80), legs(0, 0, -4), head(-12));
  return frame(body, forearmHands(toes + 0.74, 0.025 + up));
};
const forearmHands = (x: number, y: number) =>
  hands(x + 0.146, y, 0.12, { elbowTo: [1, -0.2, 0.1], fingersTo: [1, 0, 0] });
const plankAt = (knees: boolean): Pose =>
  knees
    ? frame(
        KNEEL,
        fixed('rightKnee', -0.42, 0.028, 0.0955),
        tilt(70),
        legs(-2, 30, -50),
        head(-12),
        forearmHands(0.06, 0.025),
      )
    : forearms(-0.78);
const highPlank = (wide: number): Pose => frame(PLANK, legs(0, 0, -4, wide));
const kneePlank: Pose = underShoulders(
  frame(KNEEL, fixed('rightKnee', -0.4, 0.028, 0.0955), tilt(62), legs(-2, 32, -50), head(-12)),
);
const inclinePlank: Pose = (() => {
  const body = frame(STAND, fixed('rightToe', -0.66, 0, 0.0955), tilt(52), legs(0, 0, 2), head(-12));
  return underShoulders(body, 0, BENCH_HEIGHT + 0.02);
})();
const tapped = (plank: Pose): Pose => frame(plank, rightHold('leftShoulder', [0.06, -0.02, 0.02], [0.6, -0.6, 0.4]));
const taps = (plank: Pose, props: readonly Prop[] = []): Motion =>
  sideToSide(plank, tapped(plank), { natural: 3, props });

/** On the left forearm and the left foot, the body one line, seen from the front. */
const side = (lift: number, knees: boolean, top = 0): Pose =>
  frame(
    ON_SIDE,
    { root: { kind: 'part', part: 'neck', at: [0, knees ? 0.34 : 0.31, -0.29] } },
    tilt(0, -90 + lift),
    knees ? legs(6, 80, -50) : legs(0, 0, 0),
    knees ? rightLeg(6, 80, -50) : rightLeg(0, 0, 0, top),
    leftHand(0.146, 0.025, 0.42, { elbowTo: [0, 0, -1], fingersTo: [1, 0, 0] }),
    rightArm(0, 20, 80, 60),
  );
const wallPlank: Pose = frame(
  STAND,
  tilt(0, -16),
  { root: { kind: 'pelvis', at: [0, 0.52, -0.02] } },
  feet(0, 0.06),
  leftFoot(0, -0.06),
  rightFoot(0, 0.16),
  leftHand(0.1, 0.72, 0.34, { elbowTo: [0, -0.4, -1] }),
  rightArm(-22, 38, 92, 62),
);
const flying = (arm: boolean, leg: boolean): Pose =>
  frame(
    ON_FRONT,
    lying(),
    tilt(90),
    spine(arm ? -16 : 0),
    head(arm ? -8 : 0),
    arms(arm ? 176 : 170, 16, 4),
    leg ? legs(-14, 2, -50, 6) : legs(0, 0, -50, 6),
  );
const lifted = frame(
  ON_FRONT,
  spine(-8),
  rightArm(178, 14, 4),
  leftArm(164, 14, 4),
  leftLeg(-16, 2, -50, 5),
  rightLeg(0, 0, -50, 5),
);
const flatOut = frame(ON_FRONT, arms(164, 14, 4), legs(0, 0, -50, 5));
const hollow = (lift: number, raise: number, curl: number): Pose =>
  frame(LONG_ON_BACK, tilt(-86), spine(curl), legs(lift, 4, -30, 2), arms(raise, 8, 4), head(12));
const twistedSit = (lean: number, lift: number): Motion => {
  const sitting = frame(STAND, lying(), tilt(lean), legs(74 + lift, 78 - lift / 2, 0, 4), arms(62, -4, 70, 30));
  return sideToSide(sitting, frame(sitting, spine(0, 0, -40)), { natural: 3, view: 'three-quarter' });
};
const kneeHold = frame(
  LOOSE,
  rightLeg(92, 90),
  holding('rightKnee', [0.01, 0.05, 0]),
  leftHold('rightKnee', [0.01, 0.05, -0.04]),
);
const brace = frame(STAND, arms(30, 10, 88, 30, { spread: -1 }));
const bear: Pose = underShoulders(
  frame(STAND, fixed('rightToe', -0.1, 0, 0.0955), tilt(80), legs(88, 84, 4), head(-16)),
);

export const trunkFigures: Figures = {
  'bird-dog': figure(birdDog, {
    'arm only, sitting': sideToSide(SIT, frame(SIT, rightArm(160, 8, 4)), { props: [CHAIR] }),
    'leg only': sideToSide(ON_HANDS, frame(ON_HANDS, leftLeg(-8, 2, -20)), { natural: 5 }),
    'with a band': as(birdDog, { props: [{ kind: 'band', through: ['rightWrist', 'leftAnkle'] }] }),
  }),
  'dead-bug': figure(bug, {
    'sitting, opposite hand and knee': step(
      [frame(SIT, arms(90, 2, 4)), frame(SIT, rightFoot(0.2, 0.09, 0.13), arms(90, 2, 4), leftArm(150, 4, 4))],
      {
        props: [CHAIR],
        natural: 4,
      },
    ),
    'heels down, slide': sideToSide(
      frame(ON_BACK, arms(90, 2, 4)),
      frame(ON_BACK, arms(90, 2, 4), rightArm(170, 4, 4), leftFoot(0.46, 0.09, 0, { heelUp: -36 })),
      { natural: 5 },
    ),
  }),
  'front-plank': figure(still(plankAt(false)), {
    'forearms on a bench': still(
      frame(
        STAND,
        fixed('rightToe', -0.62, 0, 0.0955),
        tilt(62),
        legs(0, 0, 2),
        head(-12),
        hands(0.3, BENCH_HEIGHT + 0.025, 0.12, { elbowTo: [1, -0.4, 0.1], fingersTo: [1, 0, 0] }),
      ),
      { props: [{ ...bench, x: 0.24 }] },
    ),
    'knees down': still(plankAt(true)),
    'shoulder taps': taps(highPlank(4)),
  }),
  'side-plank': figure(still(side(15, false)), {
    'standing, forearm on a wall': still(wallPlank, { props: [wallAside(-0.37)] }),
    'knees down': still(side(23, true)),
    'top leg lifted': still(side(15, false, 30)),
  }),
  'plank-shoulder-tap': figure(as(taps(highPlank(6)), { view: 'three-quarter' }), {
    'hands on a bench': as(taps(inclinePlank, [{ ...bench, x: 0.22 }]), { view: 'three-quarter' }),
    'knees down': as(taps(kneePlank), { view: 'three-quarter' }),
    'feet together': as(taps(highPlank(-4)), { view: 'three-quarter' }),
  }),
  'mountain-climber': figure(as(pushDrive(false, 0), { natural: 1.4 }), {
    'step it': pushDrive(false, 0),
    'hands on a bench': benchMarch,
    'knee across': as(pushDrive(false, -24), { natural: 1.8 }),
  }),
  'prone-arm-and-leg-lift': figure(there([flatOut, flying(true, true)], { natural: 4 }), {
    'standing, arms slide up a wall': there(
      [frame(STAND, hands(0.26, 0.8, 0.14)), frame(STAND, hands(0.26, 1.04, 0.16))],
      {
        props: [wallAhead(0.29)],
        natural: 4,
      },
    ),
    'arms only': there([flatOut, flying(true, false)], { natural: 4 }),
    'hold two seconds': there([flatOut, flying(true, true), flying(true, true)], { natural: 6 }),
  }),
  'alternating-prone-lift': figure(as(sideToSide(flatOut, lifted), { view: 'three-quarter' }), {
    'arms only': as(sideToSide(flatOut, frame(lifted, leftLeg(0, 0, -50, 5))), { view: 'three-quarter' }),
    'all four': as(there([flatOut, flying(true, true)], { natural: 4 }), { view: 'three-quarter' }),
  }),
  'standing-knee-hold': figure(still(kneeHold, { view: 'side' }), {
    sitting: still(
      frame(
        SIT,
        rightFoot(0.2, 0.09, 0.14),
        holding('rightKnee', [0.01, 0.05, 0]),
        leftHold('rightKnee', [0.01, 0.05, -0.04]),
      ),
      {
        props: [CHAIR],
        view: 'side',
      },
    ),
    'hold a wall': still(frame(kneeHold, leftHand(0.42, 0.78)), { props: [wallAhead(0.46)], view: 'side' }),
  }),
  'standing-trunk-brace': figure(still(brace), {
    'arms overhead': still(frame(STAND, arms(172, 8, 6))),
  }),
  'bear-hold': figure(still(bear), {
    'one knee at a time': there([ON_HANDS, frame(ON_HANDS, leftLeg(70, 80, -50))], { natural: 4 }),
    'lift one hand': there([bear, frame(bear, rightHand(0.34, 0.14, 0.12))], { natural: 4 }),
  }),
  'hollow-hold': figure(still(hollow(14, 166, 12)), {
    'knees bent, arms forward': still(frame(ON_BACK, tilt(-78), spine(14), legs(80, 90), arms(80, 4, 4))),
    'gentle rock': there([hollow(10, 166, 10), hollow(20, 166, 18)], { natural: 2 }),
  }),
  'russian-twist': figure(twistedSit(-34, 0), {
    upright: twistedSit(-12, 0),
    'sitting on a chair': as(
      sideToSide(frame(SIT, arms(60, -6, 60, 30)), frame(SIT, spine(0, 0, -40), arms(60, -6, 60, 30)), { natural: 3 }),
      { props: [CHAIR], view: 'three-quarter' },
    ),
    'feet lifted': twistedSit(-36, 14),
  }),
  'plank-jack': figure(as(there([highPlank(2), highPlank(16)], { natural: 1 }), { view: 'three-quarter' }), {
    'step the feet': as(there([highPlank(2), highPlank(12)], { natural: 2 }), { view: 'three-quarter' }),
    'hands on a bench, step': as(benchMarch, { natural: 2 }),
    quicker: as(there([highPlank(2), highPlank(16)], { natural: 0.7 }), { view: 'three-quarter' }),
  }),
};
