import type { Figures } from '@prompt-spark/core/figure/motion';
import { STEP_HEIGHT, type Prop } from '@prompt-spark/core/figure/prop';
import {
  arms,
  as,
  each,
  feet,
  figure,
  frame,
  hands,
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
  rightHand,
  rightLeg,
  round,
  sideToSide,
  spine,
  step,
  there,
  tilt,
} from './authoring.ts';
import {
  bounce,
  briskWalk,
  easyRun,
  highKnees,
  jack,
  jog,
  LOOSE,
  march,
  seatedMarch,
  seatedRun,
  stepOut,
  stride,
  swung,
  walk,
} from './gaits.ts';
import { CHAIR, ON_HIPS, SIT, STAND } from './postures.ts';

const wrists = arms(-8, 24, 64, -20);
const guard = arms(34, 8, 140, 10);
const boxing = frame(STAND, hips(0, 0.5), tilt(6), leftFoot(0.12), rightFoot(-0.12, 0.09, 0, { heelUp: 18 }), guard);
const punch = frame(boxing, spine(0, 0, 34), rightArm(88, -8, 4));
const jab = frame(boxing, spine(0, 0, -16), leftArm(88, -6, 4));
const boxingRound = round([boxing, jab, boxing, punch], { reps: 2, natural: 1.4 });
const seatedPunch = (turn: number) =>
  sideToSide(frame(SIT, guard), frame(SIT, guard, rightArm(88, -turn / 3, 4), spine(0, 0, turn)), {
    props: [CHAIR],
    view: 'three-quarter',
    natural: 1.2,
  });
const crossed = (part: 'rightKnee', off: readonly [number, number, number]) =>
  sideToSide(
    frame(LOOSE, arms(0, 30, 40)),
    frame(LOOSE, rightLeg(88, 92, 0, -6), spine(16, 0, 26), leftHold(part, off), rightArm(-10, 30, 50)),
    { natural: 2 },
  );
const stepAt = (height: number): Prop => ({ kind: 'block', x: 0.3, height, deep: 0.24, wide: 0.4 });
const stepUp = (height: number, drive: boolean) => {
  const carry = arms(6, 8, 50);
  const start = frame(STAND, carry);
  const foot = frame(STAND, carry, hips(0.1, 0.52), tilt(12), rightFoot(0.28, 0.09, height));
  const lifting = frame(
    STAND,
    carry,
    hips(0.24, 0.62),
    tilt(8),
    rightFoot(0.28, 0.09, height),
    leftFoot(0.14, 0.09, height + 0.1, { heelUp: 30 }),
  );
  const top = drive
    ? frame(STAND, hips(0.28, 0.66), rightFoot(0.28, 0.09, height), leftFoot(0.46, 0.09, height + 0.24), swung(-30, 80))
    : frame(STAND, carry, hips(0.28, 0.66), feet(0.28, 0.09, height));
  return there([start, foot, lifting, top], { props: [stepAt(height)], natural: 2.6 });
};
const tap = (lift: number, reach: number) =>
  sideToSide(
    frame(LOOSE, arms(0, 14, 30)),
    frame(
      LOOSE,
      lying(0, lift),
      rightLeg(4, 2, -20, 30),
      leftLeg(10, 18, 8, 3),
      spine(0, 8),
      rightArm(0, reach * 0.5, 4),
      leftArm(0, reach, 4),
    ),
    { natural: 2 },
  );
const feetFast = (natural: number, out: number) =>
  step([frame(LOOSE, tilt(14), rightLeg(40, 50, 0, out), leftLeg(30, 34, 8, out), swung(18, 86))], { natural });
const rower = (x: number, curl: number, lean: number, hand: number, handUp: number) =>
  frame(
    STAND,
    hips(x, 0.19),
    tilt(lean),
    spine(curl),
    feet(0.4, 0.07, 0.13, { heelUp: -40, kneeTo: [0.3, 1, 0.1] }),
    hands(hand, handUp, 0.07),
  );
const crank = (angle: number) => {
  const at = (by: number): readonly [number, number] => [
    0.04 + 0.085 * Math.cos(((angle + by) * Math.PI) / 180),
    0.17 + 0.085 * Math.sin(((angle + by) * Math.PI) / 180),
  ];
  const [rightX, rightY] = at(0);
  const [leftX, leftY] = at(180);
  return frame(
    STAND,
    hips(-0.12, 0.62),
    tilt(32),
    spine(10),
    rightFoot(rightX, 0.07, rightY),
    leftFoot(leftX, 0.07, leftY),
    hands(0.34, 0.66, 0.12),
  );
};
const pedal = (right: readonly [number, number], left: readonly [number, number], hand: number) =>
  frame(
    STAND,
    hips(-0.02, 0.58),
    tilt(4),
    rightFoot(right[0], 0.08, right[1], { heelUp: right[0] < 0 ? 14 : 0 }),
    leftFoot(left[0], 0.08, left[1], { heelUp: left[0] < 0 ? 14 : 0 }),
    rightHand(0.28 - hand, 0.68, 0.14),
    leftHand(0.28 + hand, 0.68, 0.14),
  );
const ellipse = round(
  [
    pedal([0.14, 0.09], [-0.16, 0.08], 0.08),
    pedal([0, 0.05], [0, 0.14], 0),
    pedal([-0.16, 0.08], [0.14, 0.09], -0.08),
    pedal([0, 0.14], [0, 0.05], 0),
  ],
  { natural: 1.6, reps: 2 },
);
const inclined = (lean: number, natural: number) =>
  as(stride({ reach: 30, back: 22, hip: 30, knee: 58, arms: 28, elbow: 60, lean, natural }), { travel: [0, 0] });
const reachUp = frame(SIT, rightFoot(0.22, 0.09, 0.13), leftArm(172, 6, 6));

export const pulseFigures: Figures = {
  'march-on-the-spot': figure(as(march, { view: 'side' }), {
    'seated march': seatedMarch,
    'hand on a wall': as(each(march, leftHand(0.36, 0.78)), {
      props: [{ kind: 'wall', axis: 'x', at: 0.4 }],
      view: 'side',
    }),
    'knees higher, quicker': as(highKnees, { natural: 0.9, travel: [0, 0], view: 'side' }),
  }),
  'run-on-the-spot': figure(as(easyRun, { view: 'side' }), {
    'march on the spot': as(march, { view: 'side' }),
    'heels stay low, small steps': as(feetFast(0.8, 2), { view: 'side' }),
    'high knees': as(highKnees, { travel: [0, 0], view: 'side' }),
  }),
  'skipping-rope': figure(as(bounce(0.05, 8, 0.6, wrists), { view: 'three-quarter' }), {
    'rope swung at the side, step over': as(bounce(0, 8, 1.2, { ...leftArm(0, 16, 60), ...rightArm(30, 30, 60) }), {
      view: 'three-quarter',
    }),
    'no rope, small bounces': as(bounce(0.03, 8, 0.7, wrists), { view: 'three-quarter' }),
    'one leg, then the other': step(
      [
        frame(LOOSE, rightLeg(30, 60), leftLeg(8, 16, 8), wrists),
        frame(LOOSE, lying(0, 0.05), rightLeg(30, 60), leftLeg(2, 3, -36), wrists),
      ],
      { natural: 1.2, view: 'three-quarter' },
    ),
  }),
  'jumping-jack': figure(jack(24, 8, 160, 0.02), {
    'step jack': stepOut(24, 150),
    'arms low': jack(24, 8, 60, 0.02),
    'squat between': round(
      [
        frame(LOOSE, legs(4, 10, 4, 1), arms(0, 8, 4)),
        frame(LOOSE, lying(0, 0.02), legs(6, 12, 4, 24), arms(0, 160, 4)),
        frame(LOOSE, tilt(18), legs(84, 92, 24, 22), arms(60, 8, 30)),
      ],
      { natural: 2.2 },
    ),
  }),
  'step-jack': figure(stepOut(24, 150), {
    seated: sideToSide(frame(SIT, arms(0, 12, 10)), frame(SIT, rightFoot(0.22, 0.26), arms(0, 150, 10)), {
      props: [CHAIR],
      natural: 2.4,
    }),
    'arms low': stepOut(24, 60),
    'jumping jack': jack(24, 8, 160, 0.02),
  }),
  'seal-jack': figure(
    there(
      [
        frame(LOOSE, legs(4, 8, 4, 1), arms(86, -20, 6)),
        frame(LOOSE, lying(0, 0.02), legs(6, 12, 4, 24), arms(0, 92, 4)),
      ],
      { natural: 1.2, view: 'three-quarter' },
    ),
    {
      'seated, arms only': there([frame(SIT, arms(86, -20, 6)), frame(SIT, arms(0, 92, 4))], {
        props: [CHAIR],
        natural: 1.8,
        view: 'three-quarter',
      }),
      'step it, arms across': sideToSide(
        frame(LOOSE, arms(86, -20, 6)),
        frame(LOOSE, rightLeg(0, 0, 0, 24), arms(0, 92, 4)),
        {
          natural: 2.4,
          view: 'three-quarter',
        },
      ),
    },
  ),
  'pogo-hops': figure(bounce(0.06, 5, 0.55), {
    'calf raise': there([
      frame(STAND, ON_HIPS),
      frame(STAND, feet(0, 0.09, 0, { heelUp: 38 }), hips(0.02, 0.62), ON_HIPS),
    ]),
    'toes barely leave': bounce(0.015, 5, 0.55),
    'one leg': each(bounce(0.05, 6, 0.6), leftLeg(20, 60, 0)),
  }),
  'shadow-boxing': figure(boxingRound, {
    seated: seatedPunch(24),
    'hands only, feet still': each(boxingRound, feet(0, 0.12)),
    'with footwork': round(
      [boxing, frame(jab, leftFoot(0.24), hips(0.06, 0.48)), boxing, frame(punch, rightFoot(-0.04), hips(0.04, 0.5))],
      { reps: 2, natural: 1.2 },
    ),
  }),
  'cross-crawl': figure(crossed('rightKnee', [0.03, 0.02, 0]), {
    seated: sideToSide(
      frame(SIT, arms(20, 20, 50)),
      frame(SIT, rightFoot(0.2, 0.07, 0.12), spine(8, 0, 22), leftHold('rightKnee', [0.02, 0.03, 0])),
      { props: [CHAIR], natural: 2.2, view: 'three-quarter' },
    ),
    'smaller, hands on hips': sideToSide(
      frame(LOOSE, ON_HIPS),
      frame(LOOSE, rightLeg(54, 66), spine(6, 0, 14), ON_HIPS),
      { natural: 2.2 },
    ),
    'elbow to knee': sideToSide(
      frame(LOOSE, holding('head', [-0.02, 0, 0.05], [0.2, 0, 1])),
      frame(LOOSE, rightLeg(100, 110, 0, -8), spine(36, 0, 34), holding('head', [-0.02, 0, 0.05], [0.6, -0.6, 1])),
      { natural: 2.2 },
    ),
  }),
  'step-ups': figure(stepUp(STEP_HEIGHT, false), {
    'march on the spot': as(march, { view: 'side' }),
    'lower step, hold a rail': as(each(stepUp(0.07, false), leftHand(0.44, 0.62, 0.16)), {
      props: [stepAt(0.07), { kind: 'stick', from: 'leftWrist', to: 'leftWrist', beyond: 0.3 }],
    }),
    'knee drive on top': stepUp(STEP_HEIGHT, true),
  }),
  'side-taps-with-reach': figure(tap(0, 120), {
    seated: sideToSide(
      frame(SIT, arms(0, 14, 30)),
      frame(SIT, rightFoot(0.24, 0.28), spine(0, 8), rightArm(0, 60, 4), leftArm(0, 130, 6)),
      {
        props: [CHAIR],
        natural: 2.2,
      },
    ),
    'arms low': tap(0, 40),
    'small hop across': tap(0.04, 120),
  }),
  'punch-and-twist-seated': figure(as(seatedPunch(34), { view: 'three-quarter' }), {
    'straight ahead': seatedPunch(8),
    'feet march as well': sideToSide(
      frame(SIT, guard),
      frame(SIT, guard, rightArm(88, -12, 4), spine(0, 0, 34), leftFoot(0.22, 0.09, 0.1)),
      { props: [CHAIR], view: 'three-quarter', natural: 1.2 },
    ),
  }),
  'fast-feet': figure(as(feetFast(0.4, 6), { view: 'three-quarter' }), {
    'seated fast feet': as(seatedRun, { natural: 0.5 }),
    'slower, heels down': as(feetFast(0.8, 6), { view: 'three-quarter' }),
    'wide and narrow': step(
      [
        frame(LOOSE, tilt(14), rightLeg(40, 50, 0, 22), leftLeg(30, 34, 8, 4), swung(18, 86)),
        frame(LOOSE, tilt(14), rightLeg(32, 36, 8, 22), leftLeg(40, 50, 0, 22), swung(-18, 86)),
      ],
      { natural: 0.8, view: 'front' },
    ),
  }),
  'boxer-shuffle': figure(
    sideToSide(
      frame(LOOSE, legs(14, 24, 8, 8), guard),
      frame(LOOSE, lying(0, 0.015), rightLeg(24, 44, -10, 12), leftLeg(8, 14, -10, 8), tilt(6, -6), guard),
      {
        natural: 0.8,
        view: 'three-quarter',
      },
    ),
    {
      'seated, heels and hands': sideToSide(
        frame(SIT, guard),
        frame(SIT, rightFoot(0.25, 0.1, 0, { heelUp: 30 }), guard),
        {
          props: [CHAIR],
          natural: 0.9,
          view: 'three-quarter',
        },
      ),
      'rock, feet stay down': sideToSide(
        frame(STAND, hips(-0.02, 0.49), feet(0, 0.14), guard),
        frame(STAND, hips(-0.02, 0.49, 0.08), tilt(4, 8), feet(0, 0.14), guard),
        { natural: 1.2, view: 'front' },
      ),
      'turn a quarter every four': sideToSide(
        frame(LOOSE, legs(14, 24, 8, 8), tilt(0, 0, 20), guard),
        frame(LOOSE, lying(0, 0.015), rightLeg(24, 44, -10, 12), leftLeg(8, 14, -10, 8), tilt(6, -6, 60), guard),
        { natural: 0.8, view: 'three-quarter' },
      ),
    },
  ),
  'brisk-walk': figure(briskWalk, {
    'slower, hold a rail': as(each(walk, leftHand(0.22, 0.6, 0.16)), {
      travel: [0, 0],
      props: [{ kind: 'machine', machine: 'treadmill' }],
    }),
    'walk and jog in turn': jog,
  }),
  'row-easy': figure(there([rower(0.02, 34, -4, 0.42, 0.36), rower(-0.12, 4, -18, 0.08, 0.36)], { natural: 2.6 }), {
    'arms and back only': there([rower(-0.1, 30, 2, 0.3, 0.36), rower(-0.12, 4, -16, 0.06, 0.36)], { natural: 2.2 }),
  }),
  'bike-easy': figure(round([crank(90), crank(0), crank(-90), crank(180)], { natural: 1, reps: 2 })),
  'cross-trainer-easy': figure(ellipse, {
    'hold the fixed rail': each(ellipse, hands(0.3, 0.72, 0.12)),
  }),
  'incline-walk-ladder': figure(inclined(14, 1.1), {
    flat: inclined(2, 1.1),
    'half the incline': inclined(8, 1.1),
    'more speed last': inclined(16, 0.85),
  }),
  'seated-march-and-reach': figure(
    step([SIT, frame(reachUp, rightArm(20, 8, 40))], { props: [CHAIR], natural: 2, view: 'three-quarter' }),
    {
      'hands on the seat': step(
        [frame(SIT, hands(0, 0.27, 0.18)), frame(SIT, rightFoot(0.22, 0.09, 0.13), hands(0, 0.27, 0.18))],
        {
          props: [CHAIR],
          natural: 2,
          view: 'three-quarter',
        },
      ),
    },
  ),
  'seated-skip': figure(
    there([frame(SIT, wrists), frame(SIT, feet(0.25, 0.09, 0, { heelUp: 30 }), wrists)], {
      props: [CHAIR, { kind: 'rope' }],
      natural: 0.9,
      view: 'three-quarter',
    }),
    {
      'arms only': there([frame(SIT, wrists), frame(SIT, arms(0, 30, 60, -20))], {
        props: [CHAIR, { kind: 'rope' }],
        natural: 0.9,
        view: 'three-quarter',
      }),
      'both feet off the floor': there(
        [frame(SIT, wrists), frame(SIT, feet(0.24, 0.09, 0.06, { heelUp: 20 }), wrists)],
        {
          props: [CHAIR, { kind: 'rope' }],
          natural: 0.8,
          view: 'three-quarter',
        },
      ),
    },
  ),
};
