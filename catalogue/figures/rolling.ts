import type { Figures } from '@prompt-spark/core/figure/motion';
import { ROLLER_RADIUS, type Prop } from '@prompt-spark/core/figure/prop';
import type { Pose } from '@prompt-spark/core/figure/pose';
import {
  arms,
  as,
  each,
  feet,
  figure,
  fixed,
  frame,
  hands,
  head,
  hips,
  holding,
  leftFoot,
  leftHand,
  leftLeg,
  legs,
  rightArm,
  rightFoot,
  rightHand,
  rightLeg,
  spine,
  still,
  there,
  tilt,
} from './authoring.ts';
import { CHAIR, HINGE, KNEEL, ON_BACK, SIT, STAND, wallAside } from './postures.ts';

const roller = (x: number, z = 0, along: 'x' | 'z' = 'z'): Prop => ({
  kind: 'roller',
  at: [x, ROLLER_RADIUS, z],
  along,
});
const towel = (x: number, along: 'x' | 'z' = 'z'): Prop => ({
  kind: 'roller',
  at: [x, 0.024, 0],
  along,
  radius: 0.024,
});

// On the back, on the roller.
const cradle = holding('head', [-0.02, 0.03, 0.05], [1, 0.4, 0.6]);
const upperBack = (x: number) => frame(ON_BACK, hips(x, 0.165), tilt(-86), spine(-2), feet(0.3), head(10), cradle);
const onSpine = (up: number, out: number, elbow: number, turned: number) =>
  frame(ON_BACK, hips(0, up), arms(-14, out, elbow, turned), feet(0.36));

// On the front, on the forearms.
const forearms = (x: number) => hands(x + 0.42, 0.03, 0.12, { elbowTo: [1, 0, 0.1] });
const front = (x: number): Pose => frame(STAND, hips(x, 0.136), tilt(79), legs(0, 7, -44), head(-20), forearms(0.1));

/** On the left side, the left forearm and the right foot taking weight. */
const onSide = (z: number): Pose =>
  frame(
    STAND,
    hips(0, 0.235, z),
    tilt(0, -74),
    leftLeg(0, 4, -10, -8),
    rightFoot(0.2, 0.08, 0, { kneeTo: [1, 0, 0.5] }),
    leftHand(0.14, 0.03, 0.34, { elbowTo: [0.1, 0, -1] }),
    rightArm(40, 10, 60),
  );

// Sitting on the roller, hands behind.
const propped = hands(-0.26, 0.02, 0.17, { elbowTo: [-1, 0, 0.2], fingersTo: [-1, 0, 0.4] });
const sat = (x: number): Pose => frame(STAND, hips(x, 0.138), tilt(-22), legs(76, 4, -5, 3), propped);
const shin = (x: number): Pose => frame(STAND, hips(x, 0.13), tilt(-24), legs(66, 2, -5, 3), propped);
const crossed = (x: number): Pose =>
  frame(
    STAND,
    hips(x, 0.138),
    tilt(-20, 6),
    leftFoot(0.3, 0.09),
    rightFoot(0.2, -0.04, 0.24, { toesOut: -60, kneeTo: [0.6, 0.3, 1] }),
    propped,
  );

// A stick rolled over the muscle, sitting or standing.
const stickOn = (x: number, y: number): ReturnType<typeof hands> => hands(x, y, 0.16, { elbowTo: [-1, 0, 0.6] });
const sittingStick = there([frame(SIT, tilt(18), stickOn(0.08, 0.35)), frame(SIT, tilt(26), stickOn(0.2, 0.34))], {
  props: [CHAIR],
  natural: 2.4,
});
const longLeg = frame(SIT, tilt(20), rightFoot(0.46, 0.09, 0, { heelUp: -20 }), leftFoot(0.25));
const childPose = (reach: number): Pose =>
  frame(
    KNEEL,
    fixed('rightKnee', 0, 0.028, 0.0955),
    tilt(70),
    legs(112, 132, -58),
    spine(24),
    head(-8),
    hands(reach, 0.1, 0.12, { elbowTo: [0.4, -0.4, 1] }),
  );

export const rollingFigures: Figures = {
  'upper-back-roll': figure(there([upperBack(0.03), upperBack(-0.05)], { props: [roller(-0.2)] }), {
    'on a rolled towel, hips down': there(
      [frame(ON_BACK, hips(0, 0.05), tilt(-84), cradle), frame(ON_BACK, hips(0, 0.05), tilt(-86), spine(-10), cradle)],
      { props: [towel(-0.19)] },
    ),
    'arms overhead': as(each(there([upperBack(0.03), upperBack(-0.05)]), arms(160, 12)), { props: [roller(-0.2)] }),
  }),
  'lengthwise-chest-opener': figure(
    still(onSpine(0.136, 78, 8, 0), { props: [roller(-0.2, 0, 'x')], view: 'three-quarter' }),
    {
      'on a rolled towel': still(onSpine(0.098, 78, 8, 0), { props: [towel(-0.2, 'x')], view: 'three-quarter' }),
      'arms low': still(onSpine(0.136, 40, 8, 0), { props: [roller(-0.2, 0, 'x')], view: 'three-quarter' }),
      'arms bent at shoulder height': still(onSpine(0.136, 84, 88, -86), {
        props: [roller(-0.2, 0, 'x')],
        view: 'three-quarter',
      }),
    },
  ),
  'front-hip-roll': figure(there([front(-0.02), front(0.06)], { props: [roller(0.02)], natural: 3.5 }), {
    'massage stick, sitting': sittingStick,
  }),
  'quad-roll': figure(there([front(0.06), front(0.19)], { props: [roller(0.01)], natural: 4 }), {
    'massage stick, sitting': sittingStick,
    'bend the knee on the tight spot': there(
      [frame(front(0.12), rightLeg(0, 7, -44)), frame(front(0.12), rightLeg(0, 95, -20))],
      { props: [roller(0.01)] },
    ),
  }),
  'side-hip-roll': figure(there([onSide(-0.03), onSide(0.03)], { props: [roller(0, 0.02, 'x')] }), {
    'massage stick, standing': there(
      [frame(STAND, tilt(8, 4), hands(0.06, 0.5, 0.2)), frame(STAND, tilt(12, 4), hands(0.08, 0.4, 0.2))],
      { natural: 2.4 },
    ),
  }),
  'figure-four-glute-roll': figure(
    there([crossed(-0.03), crossed(0.04)], { props: [roller(0.01)], view: 'three-quarter' }),
    {
      'massage ball at the wall': there(
        [
          frame(STAND, hips(0, 0.44, 0), tilt(4, -8), feet(0.16), arms(20, 30, 60)),
          frame(STAND, hips(0, 0.4, 0), tilt(4, -8), feet(0.16), arms(20, 30, 60)),
        ],
        { props: [wallAside(0.2), { kind: 'held', item: 'ball', by: ['rightHip'], off: [0, 0, 0.06] }], view: 'front' },
      ),
    },
  ),
  'hamstring-roll': figure(there([sat(-0.02), sat(0.1)], { props: [roller(0.13)] }), {
    'massage stick on a chair': there([frame(longLeg, stickOn(0.1, 0.3)), frame(longLeg, stickOn(0.24, 0.26))], {
      props: [CHAIR],
    }),
    'one leg, the other crossed on top': there(
      [frame(sat(-0.02), leftLeg(84, 4, -5, -8)), frame(sat(0.1), leftLeg(84, 4, -5, -8))],
      { props: [roller(0.13)] },
    ),
  }),
  'calf-roll': figure(
    there([frame(shin(-0.03), leftLeg(72, 4)), frame(shin(0.07), leftLeg(72, 4))], { props: [roller(0.36)] }),
    {
      'massage stick on a chair': there(
        [frame(longLeg, tilt(24), stickOn(0.3, 0.26)), frame(longLeg, tilt(28), stickOn(0.38, 0.22))],
        {
          props: [CHAIR],
        },
      ),
      'free foot down': there([frame(shin(-0.03), leftFoot(0.26)), frame(shin(0.05), leftFoot(0.26))], {
        props: [roller(0.36)],
      }),
      'legs crossed': there([frame(shin(-0.03), leftLeg(76, 2, -5, -10)), frame(shin(0.07), leftLeg(76, 2, -5, -10))], {
        props: [roller(0.36)],
      }),
    },
  ),
  'outer-thigh-roll': figure(there([onSide(-0.14), onSide(-0.24)], { props: [roller(0, 0.02, 'x')] }), {
    'massage stick, sitting': as(sittingStick, { view: 'three-quarter' }),
  }),
  'child-s-pose-roll-out': figure(there([childPose(0.16), childPose(0.3)], { props: [roller(0.2)] }), {
    'forearms on a bench, standing': there(
      [
        frame(HINGE, hips(-0.12, 0.5), hands(0.26, 0.5, 0.12), feet(0)),
        frame(HINGE, hips(-0.2, 0.48), tilt(72), hands(0.34, 0.5, 0.12), feet(0)),
      ],
      { props: [{ kind: 'block', x: 0.4, height: 0.47, deep: 0.3, wide: 0.5 }] },
    ),
    'one arm threads under': still(
      frame(
        childPose(0.28),
        { spine: { forward: 24, right: 0, left: 30 } },
        rightHand(0.1, 0.04, -0.2),
        leftHand(0.28, 0.1, 0.14),
      ),
      { props: [roller(0.2)], view: 'three-quarter' },
    ),
  }),
  'massage-stick-pass': figure(sittingStick, {
    'with the hands only': as(sittingStick, { props: [CHAIR] }),
    'bend and straighten as it passes': there(
      [
        frame(SIT, tilt(18), stickOn(0.08, 0.35)),
        frame(SIT, tilt(26), rightFoot(0.46, 0.09, 0, { heelUp: -20 }), stickOn(0.2, 0.32)),
      ],
      { props: [CHAIR] },
    ),
  }),
};
