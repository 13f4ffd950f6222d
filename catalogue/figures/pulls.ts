import { mirrored } from '@prompt-spark/core/figure/mirror';
import type { Figures, Motion } from '@prompt-spark/core/figure/motion';
import { BENCH_HEIGHT, type Prop } from '@prompt-spark/core/figure/prop';
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
  leftArm,
  leftFoot,
  legs,
  rightArm,
  round,
  shoulders,
  sideToSide,
  spine,
  there,
  tilt,
  type Parts,
} from './authoring.ts';
import { walk } from './gaits.ts';
import { CHAIR, KNEEL, ON_HANDS, PLANK, SIT, STAND, wallAhead } from './postures.ts';

const around = { view: 'three-quarter' } as const;
const fists = { spread: -1 } as const;
const apart = (narrow: number, wide: number, elbow = 4, base = STAND): Motion =>
  there(
    [frame(base, arms(88, narrow, elbow, 0, fists)), frame(base, arms(60, wide, elbow, 0, fists), shoulders(-2, -16))],
    around,
  );
const diagonal = (width: number): Motion =>
  as(
    sideToSide(
      frame(STAND, arms(88, width, 4, 0, fists)),
      frame(
        STAND,
        rightArm(70, 60, 4, 0, fists),
        { rightArm: { kind: 'free', raise: 142, out: 56, elbow: 4, turnedIn: 0, spread: -1 } },
        leftArm(24, 50, 4, 0, fists),
      ),
    ),
    around,
  );
const rotation = (base: Pose): Motion =>
  as(there([frame(base, arms(6, 4, 90, 30, fists)), frame(base, arms(6, 4, 90, -50, fists))]), around);
const pressOut = (width: number): Motion =>
  there([frame(STAND, arms(70, width, 110, 10, fists)), frame(STAND, arms(174, width, 6, 0, fists))], around);
const pulledOver = (from: number, width: number): Motion =>
  there([frame(STAND, arms(from, width, 6, 0, fists)), frame(STAND, arms(8, width + 4, 6, 0, fists))], {
    ...around,
    props: [{ kind: 'band', through: ['leftWrist', 'rightWrist'] }],
  });
const low = frame(STAND, hips(-0.1, 0.47), tilt(56), spine(4), head(-14));
const rowing = (base: Pose, reach: Parts, pulled: Parts, band: Prop): Motion =>
  there([frame(base, reach), frame(base, pulled)], { props: [band] });
const underFeet: Prop = { kind: 'band', through: ['leftWrist', 'leftToe', 'rightToe', 'rightWrist'] };
const press = (base: Pose, up = 0): Motion =>
  there([frame(base, hands(0.1, 0.66 + up, 0.02)), frame(base, hands(0.36, 0.68 + up, 0.02))], {
    props: [{ kind: 'band', through: ['rightWrist', [0.1, 0.66 + up, 0.62]] }],
    ...around,
  });
const carried = as(each(walk, { rightArm: { kind: 'free', raise: 2, out: 10, elbow: 4, turnedIn: 0, spread: -1 } }), {
  props: [{ kind: 'held', item: 'kettlebell', by: ['rightFingers'] }],
  ...around,
});

const overheadCarry = (raise: number): Motion =>
  as(each(walk, { rightArm: { kind: 'free', raise, out: 8, elbow: raise > 90 ? 4 : 130, turnedIn: 0, spread: -1 } }), {
    props: [{ kind: 'held', item: 'kettlebell', by: ['rightFingers'] }],
    ...around,
  });
const facePull = (up: number, elbow: number): Motion =>
  there(
    [
      frame(STAND, arms(84, 2, 4, 0, fists)),
      frame(STAND, hands(0.12, up + 0.26, 0.17, { elbowTo: [-0.4, elbow, 1] }), shoulders(-2, -14)),
    ],
    {
      props: [{ kind: 'band', through: ['leftWrist', [0.8, 0.84, 0], 'rightWrist'] }],
      ...around,
    },
  );
const bellAtHead: Prop = { kind: 'held', item: 'kettlebell', by: ['leftWrist', 'rightWrist'], off: [0, 0.1, 0] };
/** A weight round the head: in front, past one ear, behind and past the other. */
const halo = (up: number, ...props: readonly Prop[]): Motion => {
  const past = frame(STAND, leftArm(96 + up, -34, 104, 20), rightArm(70 + up, 30, 136, 10));
  return round(
    [frame(STAND, arms(58 + up, -6, 128, 30)), past, frame(STAND, arms(142 + up, 0, 116, 10)), mirrored(past)],
    { tells: 2, props: [...props], ...around },
  );
};

/** A push-up: the body one line from the toes, the hands where they are. */
const elbows = { elbowTo: [-0.4, -0.9, 0.5] as const, fingersTo: [1, 0, 0] as const };
const line = (
  toeX: number,
  leanUp: number,
  leanDown: number,
  hand: readonly [number, number],
  ankle = -4,
  width = 0.15,
): Motion =>
  there(
    [leanUp, leanDown].map((lean) =>
      frame(
        STAND,
        fixed('rightToe', toeX, 0, 0.0955),
        tilt(lean),
        legs(0, 0, ankle),
        head(-12),
        hands(hand[0], hand[1], width, elbows),
      ),
    ),
  );
const bench: Prop = { kind: 'block', x: 0.3, height: BENCH_HEIGHT, deep: 0.24, wide: 0.6 };
const floorPush = line(-0.74, 72, 84, [0.06, 0.02]);
const raisedPush = there(
  [80, 92].map((lean) =>
    frame(
      STAND,
      fixed('rightToe', -0.72, BENCH_HEIGHT - 0.06, 0.0955),
      tilt(lean),
      legs(0, 0, -4),
      head(-12),
      hands(0.06, 0.02, 0.15, elbows),
    ),
  ),
  { props: [{ kind: 'block', x: -0.76, height: BENCH_HEIGHT - 0.06, deep: 0.2, wide: 0.5 }] },
);
const benchPush = as(line(-0.64, 54, 66, [0.14, BENCH_HEIGHT + 0.015], 4), { props: [{ ...bench, x: 0.2 }] });
const wallPush = (x: number): Motion =>
  there(
    [
      frame(
        STAND,
        fixed('rightToe', 0.1, 0, 0.0955),
        tilt(14),
        legs(2, 2, 12),
        hands(x, 0.76, 0.15, { fingersTo: [0.1, 1, 0] }),
      ),
      frame(
        STAND,
        fixed('rightToe', 0.1, 0, 0.0955),
        tilt(23),
        legs(0, 2, 20),
        head(-8),
        hands(x, 0.76, 0.17, { elbowTo: [-0.4, -0.8, 0.6], fingersTo: [0.1, 1, 0] }),
      ),
    ],
    { props: [wallAhead(x + 0.04)] },
  );
const kneePush = there(
  [62, 78].map((lean) =>
    frame(
      KNEEL,
      fixed('rightKnee', -0.4, 0.028, 0.0955),
      tilt(lean),
      legs(-2, 94 - lean, -50),
      head(-12),
      hands(0.06, 0.02, 0.15, elbows),
    ),
  ),
);
const ballHands = { elbowTo: [-0.6, -0.8, 0.2] as const, fingersTo: [1, -0.4, 0] as const };
const onBall: Prop = { kind: 'held', item: 'ball', by: ['leftWrist', 'rightWrist'], off: [0, -0.07, 0] };
const ballLine = (leanUp: number, leanDown: number, feetApart: number): Motion =>
  there(
    [leanUp, leanDown].map((lean) =>
      frame(
        STAND,
        fixed('rightToe', -0.72, 0, feetApart),
        tilt(lean),
        legs(0, 0, -4, (feetApart - 0.0955) * 110),
        head(-12),
        hands(0.06, 0.135, 0.03, ballHands),
      ),
    ),
    { props: [onBall], view: 'side' },
  );
/** The chest sinks between straight arms and is pushed away. */
const blades = (base: Pose): Motion =>
  there([frame(base, shoulders(0, -20), spine(-6)), frame(base, shoulders(0, 26), spine(12), head(-4))]);
const letters = (base: Pose, level: number): Motion =>
  round(
    [
      frame(base, arms(level, 6, 6)),
      frame(base, arms(level + 84, 28, 4)),
      frame(base, arms(level, 6, 6)),
      frame(base, arms(level * 0.5, 88, 4)),
      frame(base, arms(level, 6, 6)),
      frame(base, arms(level * 0.4, 78, 88, -80)),
    ],
    { natural: 8, ...around },
  );
const hooked = (up: number): Parts => ({ ...rightArm(up, -2, 100, 62, fists), ...leftArm(up, -2, 100, 62, fists) });
const helper = frame(
  KNEEL,
  fixed('rightKnee', -0.52, 0.028, 0.0955),
  tilt(34),
  legs(56, 112, -58),
  hands(-0.2, 0.08, 0.09),
);
const lowering = (lean: number, catchIt: boolean): Motion =>
  there(
    [
      frame(KNEEL, tilt(2), legs(0, 88, -58), arms(60, 10, 90)),
      frame(
        KNEEL,
        tilt(lean),
        legs(-2, 88 - lean, -58),
        catchIt ? hands(0.46, 0.24, 0.16, { elbowTo: [-0.5, -0.8, 0.4] }) : arms(70, 10, 90),
      ),
    ],
    { natural: 5, partner: helper },
  );
const squeezed = (base: Pose): Motion =>
  there([frame(base, shoulders(2, 8)), frame(base, shoulders(-6, -28), spine(-5))], around);

export const pullFigures: Figures = {
  'band-pull-apart-overhand': figure(apart(6, 84), {
    'sitting, no band': as(apart(6, 84, 4, SIT), { props: [CHAIR] }),
    'wider grip': apart(24, 84),
    'narrower grip': apart(2, 88),
  }),
  'band-pull-apart-underhand': figure(apart(8, 70, 30), {
    'wider grip': apart(26, 72, 30),
    'narrower grip': apart(2, 76, 30),
  }),
  'band-pull-apart-diagonal': figure(diagonal(8), { 'wider grip': diagonal(24), 'narrower grip': diagonal(2) }),
  'band-external-rotation': figure(rotation(STAND), { 'sitting, no band': as(rotation(SIT), { props: [CHAIR] }) }),
  'band-press-out-overhead': figure(pressOut(16), {
    'in front': there([frame(STAND, arms(60, 16, 120, 10, fists)), frame(STAND, arms(88, 18, 6, 0, fists))], around),
    wider: pressOut(30),
  }),
  'band-pull-over': figure(pulledOver(166, 8), {
    'from forehead height': pulledOver(120, 8),
    'no band': as(pulledOver(166, 8), { props: [] }),
    narrower: pulledOver(166, 3),
  }),
  'band-row-bent-over': figure(rowing(low, arms(60, 4, 4, 0, fists), arms(-14, 14, 100, 10, fists), underFeet), {
    seated: as(
      rowing(
        frame(SIT, tilt(4), feet(0.3)),
        hands(0.3, 0.42, 0.12),
        hands(0.04, 0.44, 0.15, { elbowTo: [-1, -0.3, 0.2] }),
        underFeet,
      ),
      { props: [CHAIR, underFeet] },
    ),
    upright: rowing(STAND, hands(0.32, 0.6, 0.12), hands(0.02, 0.6, 0.15, { elbowTo: [-1, -0.2, 0.2] }), {
      kind: 'band',
      through: ['leftWrist', [0.72, 0.6, 0], 'rightWrist'],
    }),
  }),
  'anti-rotation-press': figure(press(frame(STAND, hips(-0.03, 0.5), feet(0, 0.13))), {
    seated: as(press(SIT, -0.2), { props: [CHAIR, { kind: 'band', through: ['rightWrist', [0.1, 0.46, 0.62]] }] }),
    'half-kneeling': as(press(frame(KNEEL, leftFoot(0.25, 0.1)), -0.23), {
      props: [{ kind: 'band', through: ['rightWrist', [0.1, 0.43, 0.62]] }],
    }),
  }),
  'one-arm-carry': figure(carried),
  'incline-push-up': figure(benchPush, { 'at the wall': wallPush(0.42), 'on the floor': floorPush }),
  'push-up': figure(floorPush, {
    'at the wall': wallPush(0.42),
    'hands on a bench': benchPush,
    'knees down': kneePush,
    'feet raised': raisedPush,
  }),
  'fist-push-up': figure(floorPush, { 'knees down': kneePush, 'feet raised': raisedPush }),
  'ball-push-up': figure(ballLine(67, 76, 0.18), {
    'off the ball': as(floorPush, { view: 'side' }),
    'knees down': as(kneePush, { view: 'side' }),
    'feet together': ballLine(67, 76, 0.0955),
  }),
  'wall-push': figure(wallPush(0.42), { 'nearer the wall': wallPush(0.36), 'on a bench': benchPush }),
  'shoulder-blade-push-up': figure(blades(PLANK), {
    'at the wall': as(
      blades(frame(STAND, fixed('rightToe', 0.1, 0, 0.0955), tilt(14), legs(2, 2, 12), hands(0.4, 0.76, 0.15))),
      { props: [wallAhead(0.44)] },
    ),
    'on hands and knees': blades(ON_HANDS),
    'on the forearms': blades(
      frame(
        STAND,
        fixed('rightToe', -0.78, 0, 0.0955),
        tilt(77),
        legs(0, 0, -4),
        head(-12),
        hands(0.11, 0.025, 0.12, { elbowTo: [1, -0.2, 0.1], fingersTo: [1, 0, 0] }),
      ),
    ),
  }),
  'standing-y-t-and-w-raises': figure(letters(low, 60), {
    sitting: as(letters(frame(SIT, tilt(20)), 30), { props: [CHAIR] }),
    upright: letters(STAND, 90),
    'light plates': as(letters(low, 60), {
      props: [
        { kind: 'held', item: 'plate', by: ['leftFingers'] },
        { kind: 'held', item: 'plate', by: ['rightFingers'] },
      ],
    }),
  }),
  'towel-pull-no-towel': figure(
    there([frame(STAND, hooked(46)), frame(STAND, hooked(46), shoulders(-4, -18))], { natural: 4 }),
    {
      overhead: there(
        [
          frame(STAND, hands(0.08, 1.02, 0.02, { elbowTo: [0.2, 0.2, 1] })),
          frame(STAND, hands(0.08, 1.02, 0.04, { elbowTo: [0.2, 0, 1] }), shoulders(-4)),
        ],
        {
          natural: 4,
        },
      ),
    },
  ),
  'partner-hamstring-lower': figure(lowering(46, false), {
    'hands catch early': lowering(40, true),
    slower: lowering(56, false),
  }),
  'shoulder-blade-squeeze': figure(squeezed(frame(STAND, arms(-4, 12, 20))), {
    sitting: as(squeezed(frame(SIT, arms(6, 14, 30))), { props: [CHAIR] }),
    'elbows out at shoulder height': there(
      [frame(STAND, arms(50, 72, 100, 60)), frame(STAND, arms(-6, 80, 110, 70), shoulders(-4, -26))],
      around,
    ),
  }),
  'band-face-pull': figure(facePull(0.62, 0.2), {
    'elbows lower': facePull(0.56, -0.4),
    'stronger band': facePull(0.62, 0.2),
  }),
  'weight-halo': figure(halo(6, bellAtHead), {
    'no weight': halo(6),
    'no weight, elbows low': halo(-10),
    heavier: halo(6, bellAtHead),
  }),
  'overhead-carry': figure(overheadCarry(174), {
    'at the shoulder': overheadCarry(60),
    heavier: overheadCarry(174),
  }),
};
