import type { Figures, Motion } from '@prompt-spark/core/figure/motion';
import { BENCH_HEIGHT, type Prop } from '@prompt-spark/core/figure/prop';
import type { Pose } from '@prompt-spark/core/figure/pose';
import {
  arms,
  as,
  each,
  feet,
  figure,
  frame,
  hands,
  head,
  hips,
  holding,
  leftFoot,
  leftHand,
  leftHold,
  leftLeg,
  rightArm,
  rightFoot,
  rightHand,
  round,
  sideToSide,
  spine,
  step,
  still,
  there,
  tilt,
  type Parts,
} from './authoring.ts';
import { CHAIR, HALF_KNEEL, ON_HIPS, SIT, STAND, wallAhead } from './postures.ts';

const carry = arms(6, 8, 30);
const curtsy = (y: number, ...parts: readonly Parts[]): Pose =>
  frame(
    STAND,
    hips(-0.06, y),
    tilt(14),
    rightFoot(0.06, 0.06),
    leftFoot(-0.34, -0.14, 0, { heelUp: 50 }),
    carry,
    ...parts,
  );
/** A lunge with the right foot in front. */
export const lunge = (y: number, front = 0.27, back = 0.3, ...parts: readonly Parts[]): Pose =>
  frame(
    STAND,
    hips(-0.02, y),
    tilt(6),
    rightFoot(front),
    leftFoot(-back, 0.09, 0, { heelUp: 32 + Math.max(0, 0.5 - y) * 180 }),
    carry,
    ...parts,
  );
const travelled = { natural: 4, travel: [0.55, 0] as const };
const walked = (
  low: Pose,
  passing = frame(STAND, carry, rightFoot(0.06), leftFoot(-0.08, 0.09, 0.03, { heelUp: 30 })),
): Motion => step([passing, low], travelled);
const turnedRight: Parts = { ...spine(0, 0, -40), ...arms(84, 0, 20) };
const twisted = lunge(0.31, 0.27, 0.3, turnedRight);
const split = (y: number, top = 0.48, more: Parts = {}): Motion =>
  there([lunge(top, 0.2, 0.24, tilt(0), more), lunge(y, 0.2, 0.24, tilt(2), more)]);
const chairHand = leftHand(0.36, 0.58, 0.14);
const chair: Prop = { kind: 'chair', x: 0.52 };
const back = (low: Pose, top: Pose = frame(STAND, carry)): Motion => step([top, low], { natural: 4 });

/** A lunge a long step ahead of where the back foot stays. */
const ahead = (y: number): Pose =>
  lunge(y, 0.52, 0.04, hips(0.23, y), leftFoot(-0.04, 0.09, 0, { heelUp: 32 + Math.max(0, 0.5 - y) * 180 }));

/** A long low lunge, both hands down beside the front foot. */
const long = (...parts: readonly Parts[]): Pose =>
  frame(
    STAND,
    hips(-0.1, 0.3),
    tilt(48),
    spine(44),
    head(-34),
    rightFoot(0.22, 0.14),
    leftFoot(-0.62, 0.09, 0, { heelUp: 64 }),
    hands(0.18, 0.02, 0.05, { fingersTo: [1, 0, 0] }),
    leftHand(0.18, 0.02, 0.1, { fingersTo: [1, 0, 0] }),
    ...parts,
  );
const floorHand = leftHand(0.2, 0.02, 0.1, { fingersTo: [1, 0, 0] });
const toInstep = long(tilt(50), spine(58), rightHand(0.36, 0.03, 0.03, { elbowTo: [1, -0.6, 0] }));
const reachUp = long(floorHand, spine(30, 0, -44), rightArm(80, 84, 4), head(-10, 0, -20));
const benchProp: Prop = { kind: 'block', x: 0.34, height: BENCH_HEIGHT, deep: 0.22, wide: 0.5 };
const benchHands = hands(0.3, BENCH_HEIGHT + 0.015, 0.12, { fingersTo: [1, 0, 0] });
const benchLong = (...parts: readonly Parts[]): Pose =>
  frame(
    STAND,
    hips(-0.18, 0.36),
    tilt(46),
    spine(8),
    head(-16),
    rightFoot(0.04, 0.13),
    leftFoot(-0.54, 0.09, 0, { heelUp: 56 }),
    benchHands,
    ...parts,
  );
const benchReach = benchLong(
  spine(4, 0, -44),
  leftHand(0.3, BENCH_HEIGHT + 0.015, 0.08),
  rightArm(84, 84, 4),
  head(-10, 0, -20),
);
const straightened = (hand: Parts): Pose =>
  frame(
    STAND,
    hips(-0.24, 0.45),
    tilt(62),
    spine(46),
    rightFoot(0.12, 0.12, 0, { heelUp: -20 }),
    leftFoot(-0.62, 0.09, 0, { heelUp: 52 }),
    hand,
  );

/** A lunge to the right. */
const sideways = (y: number, width: number, ...parts: readonly Parts[]): Pose =>
  frame(
    STAND,
    hips(-0.08, y, width * 0.56),
    tilt(28),
    rightFoot(0.02, width, 0, { toesOut: 12 }),
    leftFoot(0, width * 0.8),
    arms(50, 4, 60),
    ...parts,
  );
const stepSide = (low: Pose, middle = frame(STAND, arms(20, 8, 40))): Motion =>
  as(sideToSide(middle, low), { natural: 3.5 });
const cossack = (y: number, wide: number, more: Parts = {}, toes = 0): Motion =>
  sideToSide(
    frame(STAND, hips(-0.06, 0.44), tilt(22), feet(0, wide, 0, { toesOut: 20 }), arms(54, 6, 50), more),
    frame(
      STAND,
      hips(-0.1, y, wide * 0.52),
      tilt(30),
      rightFoot(0, wide, 0, { toesOut: 30 }),
      leftFoot(0, wide * 1.04, 0, { toesOut: 10, ...(toes ? { heelUp: -toes } : {}) }),
      arms(60, 6, 50),
      more,
    ),
    { natural: 4 },
  );
const acrossChest: Parts = { ...rightArm(88, -38, 8), ...leftHold('rightElbow', [0.03, 0, 0.02], [0.4, -1, 0.4]) };
const elbowUp: Parts = { ...rightArm(172, 6, 140, 0), ...leftHold('rightElbow', [0, 0.03, 0], [0.3, 0.4, -1]) };
const plateUp = arms(172, -6, 8);
const position = (y: number, ...parts: readonly Parts[]): Pose =>
  frame(
    HALF_KNEEL,
    { left: HALF_KNEEL.right, right: HALF_KNEEL.left },
    rightFoot(0.27, 0.1),
    { root: { kind: 'part', part: 'leftKnee', at: [-0.1, y, -0.0955] } },
    ...parts,
  );
const kneeDown = (lean: number): Parts => leftLeg(lean - 22, 72, -58);

export const lungeFigures: Figures = {
  'walking-lunge': figure(walked(lunge(0.3)), {
    'split squat with support': as(split(0.36, 0.48, { ...carry, ...chairHand }), { props: [chair] }),
    shallower: walked(lunge(0.4, 0.22, 0.26)),
    'add a twist': walked(twisted),
  }),
  'walking-lunge-with-twist': figure(walked(twisted), {
    'no twist': walked(lunge(0.31)),
    'arms overhead': walked(lunge(0.31, 0.27, 0.3, spine(0, 0, -38), arms(170, 4, 4))),
  }),
  'forward-lunge': figure(back(ahead(0.31)), {
    'split squat with support': as(split(0.36, 0.48, { ...carry, ...chairHand }), { props: [chair] }),
    shallower: back(ahead(0.4)),
    'arms overhead': back(frame(ahead(0.31), arms(170, 4, 4))),
  }),
  'reverse-lunge': figure(back(lunge(0.32, 0.2, 0.36)), {
    shallower: back(lunge(0.4, 0.16, 0.3)),
    'hold a chair': as(back(lunge(0.34, 0.14, 0.4, { ...carry, ...chairHand })), { props: [chair] }),
    'knee drive at the top': back(
      lunge(0.32, 0.2, 0.36),
      frame(STAND, carry, leftFoot(0.18, 0.09, 0.28, { heelUp: 20 })),
    ),
  }),
  'overhead-reverse-lunge': figure(back(lunge(0.32, 0.2, 0.36, spine(-6), arms(168, 6, 4))), {
    'arms forward': back(lunge(0.32, 0.2, 0.36, arms(88, 4, 4))),
    'hold a chair': as(back(lunge(0.34, 0.14, 0.4, { ...carry, ...chairHand })), { props: [chair] }),
    'light plate': as(back(lunge(0.32, 0.2, 0.36, spine(-6), arms(168, 2, 4))), {
      props: [{ kind: 'held', item: 'plate', by: ['leftWrist', 'rightWrist'] }],
    }),
  }),
  'reverse-lunge-with-turn': figure(back(lunge(0.32, 0.2, 0.36, turnedRight)), {
    'hold a chair, no turn': as(back(lunge(0.34, 0.14, 0.4, { ...carry, ...chairHand })), { props: [chair] }),
    'overhead reach': back(lunge(0.32, 0.2, 0.36, spine(-8, 0, -30), arms(168, 6, 4))),
  }),
  'lunge-elbow-to-instep': figure(there([long(tilt(36), spine(40)), toInstep], { natural: 5 }), {
    'hands on a bench': as(
      there(
        [benchLong(), benchLong(spine(22), rightHand(0.3, BENCH_HEIGHT + 0.02, 0, { elbowTo: [0.6, -0.2, 0.2] }))],
        { natural: 5 },
      ),
      {
        props: [benchProp],
      },
    ),
    'then reach to the ceiling': there([toInstep, reachUp], { natural: 6 }),
  }),
  'lunge-to-hamstring': figure(there([long(), straightened(hands(0.14, 0.06, 0.16))], { natural: 5 }), {
    'hands on a bench': as(
      there(
        [
          benchLong(),
          frame(
            straightened(benchHands),
            hips(-0.25, 0.47),
            tilt(66),
            spine(8),
            rightFoot(0.04, 0.12, 0, { heelUp: -20 }),
          ),
        ],
        { natural: 5 },
      ),
      { props: [benchProp] },
    ),
    'hands flat': there(
      [
        long(),
        frame(straightened(hands(0.16, 0.02, 0.16, { fingersTo: [1, 0, 0] })), hips(-0.22, 0.46), tilt(66), spine(54)),
      ],
      { natural: 5 },
    ),
  }),
  'lateral-lunge': figure(stepSide(sideways(0.34, 0.36)), {
    'hold a chair': as(each(stepSide(sideways(0.4, 0.3)), rightHand(0.34, 0.58, 0.18), leftHand(0.34, 0.58, 0)), {
      props: [chair],
    }),
    'smaller step, hands on thighs': stepSide(sideways(0.42, 0.26, holding('rightKnee', [0.02, 0.05, 0]))),
    'through the legs, moving': round(
      [
        sideways(0.34, 0.36),
        frame(STAND, hips(-0.08, 0.38), tilt(24), feet(0, 0.33), arms(50, 4, 60)),
        frame(sideways(0.34, 0.36), {}),
      ],
      {
        natural: 3,
      },
    ),
  }),
  'wide-stance-lateral-squat': figure(cossack(0.3, 0.25), {
    'half way': as(cossack(0.37, 0.24, hands(0.36, 0.58, 0.1)), { props: [chair] }),
    'hold a support': as(cossack(0.3, 0.25, hands(0.38, 0.56, 0.14)), { props: [chair] }),
    'toes up on the long leg': cossack(0.26, 0.25, {}, 24),
  }),
  'long-lunge-with-rotation': figure(there([long(), reachUp], { natural: 5 }), {
    'hands on a bench': as(there([benchLong(), benchReach], { natural: 5 }), { props: [benchProp] }),
    'push-up between': there(
      [
        reachUp,
        long(),
        long(hips(-0.14, 0.42), tilt(54), spine(40), rightFoot(-0.2, 0.12, 0.03, { heelUp: 50 })),
        frame(
          STAND,
          hips(-0.08, 0.2),
          tilt(78),
          feet(-0.62, 0.09, 0, { heelUp: 70 }),
          hands(0.2, 0.02, 0.16, { elbowTo: [0.2, -0.9, 0.5] }),
        ),
      ],
      { natural: 7 },
    ),
  }),
  'hands-raised-lunge-with-reach': figure(
    as(there([benchLong(), benchReach], { natural: 5 }), { props: [benchProp] }),
    {
      'hands on a wall': as(
        there(
          [
            frame(
              STAND,
              hips(-0.1, 0.44),
              tilt(24),
              rightFoot(0.1),
              leftFoot(-0.36, 0.09, 0, { heelUp: 40 }),
              hands(0.4, 0.7),
            ),
            frame(
              STAND,
              hips(-0.1, 0.44),
              tilt(24),
              spine(0, 0, -40),
              rightFoot(0.1),
              leftFoot(-0.36, 0.09, 0, { heelUp: 40 }),
              leftHand(0.4, 0.7),
              rightArm(70, 84, 4),
            ),
          ],
          { natural: 5 },
        ),
        { props: [wallAhead(0.44)] },
      ),
      'hands on the floor': there([long(), reachUp], { natural: 5 }),
    },
  ),
  'long-lunge-series-four-positions': figure(
    there(
      [
        position(
          0.034,
          kneeDown(16),
          tilt(16),
          holding('rightKnee', [0, 0.05, 0]),
          leftHold('rightKnee', [0, 0.05, -0.04]),
        ),
        position(0.034, kneeDown(0), tilt(0), arms(170, 6, 4)),
        position(0.034, kneeDown(0), tilt(0), spine(0, 0, -40), arms(0, 86, 4)),
        position(0.034, kneeDown(-4), tilt(-4), spine(-16), head(-12), ON_HIPS),
      ],
      { natural: 20 },
    ),
    {
      'shorter, higher': as(
        there(
          [
            lunge(0.42, 0.18, 0.24, tilt(14)),
            lunge(0.42, 0.18, 0.24, tilt(0), rightArm(160, 6, 4)),
            lunge(0.42, 0.18, 0.24, tilt(-4), spine(-10)),
          ].map((pose) => frame(pose, chairHand)),
          {
            natural: 16,
          },
        ),
        { props: [chair] },
      ),
      'back knee off the floor': there(
        [
          lunge(0.28, 0.26, 0.42, tilt(24), arms(50, 6, 20)),
          lunge(0.28, 0.26, 0.42, tilt(0), arms(170, 6, 4)),
          lunge(0.28, 0.26, 0.42, tilt(0), spine(0, 0, -40), arms(0, 86, 4)),
          lunge(0.28, 0.26, 0.42, tilt(-6), spine(-14), ON_HIPS),
        ],
        { natural: 20 },
      ),
    },
  ),
  'cross-body-hold-with-lunge': figure(
    as(there([frame(STAND, acrossChest), lunge(0.38, 0.24, 0.26, acrossChest)], { natural: 6 }), {
      view: 'three-quarter',
    }),
    {
      sitting: as(still(frame(SIT, acrossChest)), { props: [CHAIR], view: 'three-quarter' }),
      'no lunge': as(still(frame(STAND, acrossChest)), { view: 'three-quarter' }),
      lower: as(there([frame(STAND, acrossChest), lunge(0.3, 0.26, 0.3, acrossChest)], { natural: 6 }), {
        view: 'three-quarter',
      }),
    },
  ),
  'triceps-hold-with-side-lunge': figure(
    there([frame(STAND, elbowUp), sideways(0.4, 0.32, tilt(10), elbowUp)], { natural: 6 }),
    {
      'sitting, arm across': as(still(frame(SIT, acrossChest)), { props: [CHAIR] }),
      'no lunge': still(frame(STAND, elbowUp, spine(0, -14))),
      lower: there([frame(STAND, elbowUp), sideways(0.34, 0.36, tilt(12), elbowUp)], { natural: 6 }),
    },
  ),
  'lateral-lunge-with-reach': figure(
    stepSide(sideways(0.35, 0.36, tilt(56), spine(14), head(-14), leftHand(0.1, 0.1, -0.3), rightArm(40, 30, 20))),
    {
      smaller: stepSide(sideways(0.42, 0.28, tilt(44), spine(10), leftHand(0.14, 0.3, -0.2), rightArm(30, 30, 20))),
      'with a light plate': stepSide(
        sideways(0.35, 0.36, tilt(52), spine(14), head(-14), leftHand(0.18, 0.16, -0.16), rightHand(0.18, 0.16, 0.3)),
      ),
    },
  ),
  'overhead-walking-lunge': figure(
    walked(
      lunge(0.3, 0.27, 0.3, plateUp),
      frame(STAND, plateUp, rightFoot(0.06), leftFoot(-0.08, 0.09, 0.03, { heelUp: 30 })),
    ),
    {
      'arms forward': walked(
        lunge(0.32, 0.27, 0.3, arms(88, -4, 4)),
        frame(STAND, arms(88, -4, 4), rightFoot(0.06), leftFoot(-0.08, 0.09, 0.03, { heelUp: 30 })),
      ),
      'no plate, arms up': walked(
        lunge(0.3, 0.27, 0.3, arms(172, 8, 4)),
        frame(STAND, arms(172, 8, 4), rightFoot(0.06), leftFoot(-0.08, 0.09, 0.03, { heelUp: 30 })),
      ),
    },
  ),
  'split-squat': figure(split(0.29, 0.48, ON_HIPS), {
    'half way': as(split(0.4, 0.48, { ...ON_HIPS, ...chairHand }), { props: [chair] }),
    'hold a chair': as(split(0.3, 0.48, { ...ON_HIPS, ...chairHand }), { props: [chair] }),
    'rear foot raised': as(
      there([
        lunge(0.5, 0.14, 0.34, tilt(4), ON_HIPS, leftFoot(-0.34, 0.09, BENCH_HEIGHT, { heelUp: 130 })),
        lunge(0.34, 0.14, 0.34, tilt(12), ON_HIPS, leftFoot(-0.34, 0.09, BENCH_HEIGHT, { heelUp: 130 })),
      ]),
      { props: [{ kind: 'block', x: -0.28, height: BENCH_HEIGHT, deep: 0.2, wide: 0.5 }] },
    ),
  }),
  'curtsy-lunge': figure(as(back(curtsy(0.36)), { view: 'front' }), {
    shallower: as(back(curtsy(0.42)), { view: 'front' }),
    'hold a chair': as(back(curtsy(0.38, chairHand)), { props: [chair], view: 'three-quarter' }),
    'knee drive at the top': as(back(curtsy(0.36), frame(STAND, carry, leftFoot(0.18, 0.09, 0.28, { heelUp: 20 }))), {
      view: 'front',
    }),
  }),
};
