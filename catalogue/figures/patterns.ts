import type { Figures, Motion } from '@prompt-spark/core/figure/motion';
import { BENCH_HEIGHT, STEP_HEIGHT, type Prop } from '@prompt-spark/core/figure/prop';
import type { Pose } from '@prompt-spark/core/figure/pose';
import {
  arms,
  as,
  down,
  feet,
  figure,
  fixed,
  frame,
  hands,
  head,
  hips,
  holding,
  leftArm,
  leftFoot,
  leftHand,
  leftLeg,
  legs,
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
  type Parts,
} from './authoring.ts';
import { basicSkip, LOOSE, skip, swung } from './gaits.ts';
import { CHAIR, FOLDED, PLANK, SIT, STAND, wallAhead } from './postures.ts';

const behindHead = holding('head', [-0.03, 0.0, 0.05], [0.1, 0, 1]);
/** A squat to a hip height, the trunk leaning so far. */
const squat = (y: number, lean: number, hand: Parts, width = 0.11, back = 0.12): Pose =>
  frame(STAND, hips(-back, y), tilt(lean), feet(0, width, 0, { toesOut: 12 }), hand);
const stand = (hand: Parts, width = 0.11): Pose =>
  frame(STAND, hips(-0.01, 0.53), feet(0, width, 0, { toesOut: 12 }), hand);
const forward = arms(88, 2, 4);
const squatting = (
  y: number,
  lean: number,
  hand: Parts,
  top: Parts = hand,
  about: Parameters<typeof there>[1] = {},
): Motion => there([stand(top), squat(y, lean, hand)], about);
const seat: Prop = { kind: 'chair', x: -0.28 };
const toChair = (y: number, hand: Parts, top: Parts = arms(20, 6, 20)): Motion =>
  there([stand(top), frame(STAND, hips(-0.26, y), tilt(38), feet(0, 0.11), hand)], { props: [seat] });
const atChest: Parts = arms(34, 4, 138, 30);
const overhead = arms(174, 26, 4);
const deep = (hand: Parts, lean = 34): Pose => squat(0.19, lean, hand, 0.16, 0.1);
/** Palms together before the chest, elbows inside the knees. */
const prayer: Parts = arms(26, 2, 112, 24);
const toes = holding('rightToe', [-0.02, 0.05, 0.02], [-0.2, 0, 1]);
const bent = (hand: Parts, lean = 104): Pose =>
  frame(STAND, hips(-0.06, 0.5), tilt(lean), spine(30), head(10), feet(0, 0.14), hand);
const rotated = (y: number): Motion =>
  sideToSide(
    squat(y + 0.02, 26, holding('rightAnkle', [0.02, 0.06, -0.03]), 0.17, 0.1),
    frame(
      squat(y + 0.02, 24, {}, 0.17, 0.1),
      leftHand(0.1, y * 0.5, 0.06),
      rightArm(70, 96, 4),
      spine(0, 0, -42),
      head(0, 0, -20),
    ),
    { view: 'three-quarter', natural: 4 },
  );
const domeTop = 0.1;
const onDome = (hand: Parts): Motion =>
  there(
    [
      frame(STAND, hips(-0.01, 0.64), feet(0, 0.1, domeTop, { toesOut: 8 }), hand),
      frame(STAND, hips(-0.1, 0.42), tilt(30), feet(0, 0.1, domeTop, { toesOut: 8 }), hand),
    ],
    { props: [{ kind: 'half-dome', x: 0 }] },
  );
const hinge = (lean: number, hand: Parts, base: Parts = {}): Pose =>
  frame(STAND, hips(-0.12, 0.5), tilt(lean), spine(4), head(-10), hand, base);
const hinging = (lean: number, low: Parts, high: Parts): Motion => there([frame(STAND, high), hinge(lean, low)]);
const oneLegHinge = (hand: Parts): Motion =>
  there([frame(LOOSE, hand), frame(LOOSE, tilt(70), head(-14), leftLeg(66, 10, 6), rightLeg(2, 6, -4), hand)]);
/** A stick held along the back: one hand at the neck, one at the low back. */
const alongBack: Parts = { ...rightArm(60, 48, 140, -90), ...leftArm(-32, 12, 72, 84) };
const backStick: Prop = { kind: 'stick', from: 'pelvis', to: 'neck', beyond: 0.16 };
const toeUp: Parts = { ...rightFoot(0.14, 0.09, 0, { heelUp: -20 }), ...leftFoot(-0.02) };

/** The hands walked from the feet to a plank; the toes stay. */
const fold = (hand: number, knee: number): Pose =>
  frame(
    STAND,
    hips(-0.06, knee),
    tilt(knee < 0.45 ? 78 : 92),
    spine(46),
    head(10),
    feet(0),
    hands(hand, 0.02, 0.14, { fingersTo: [1, 0, 0] }),
  );
const plankFrom = (drop: number): Pose =>
  frame(
    STAND,
    hips(0.48 + drop * 0.25, 0.24 - drop),
    tilt(72 + drop * 110),
    head(-14),
    feet(-0.06, 0.09, 0, { heelUp: 66 }),
    hands(0.75, 0.02, 0.15, { elbowTo: [-0.4, -0.9, 0.5], fingersTo: [1, 0, 0] }),
  );
const tall = frame(STAND, hands(0.14, 0.5, 0.14));
const pike = frame(
  STAND,
  hips(0.12, 0.46),
  tilt(100),
  spine(10),
  feet(-0.02, 0.09, 0, { heelUp: 20 }),
  hands(0.5, 0.02, 0.14, { fingersTo: [1, 0, 0] }),
);
/** Halfway out: hips coming down, legs still long. */
const walkedOut = frame(
  STAND,
  hips(0.38, 0.35),
  tilt(92),
  spine(4),
  feet(-0.02, 0.09, 0, { heelUp: 44 }),
  hands(0.68, 0.02, 0.14, { fingersTo: [1, 0, 0] }),
);
const inch = (more: readonly Pose[] = []): Motion =>
  there([tall, fold(0.14, 0.49), pike, walkedOut, plankFrom(0), ...more], {
    natural: 9,
    reps: 1,
    tells: more.length > 0 ? 5 : 3,
  });
const hipDrop: Pose = frame(
  plankFrom(0.1),
  feet(-0.06, 0.09, 0, { heelUp: 76 }),
  hips(0.5, 0.15),
  tilt(54),
  spine(-30),
  head(-20),
);

const drive = (height: number, hand: Parts = {}): Motion =>
  there(
    [
      frame(STAND, swung(20, 70)),
      frame(STAND, hips(0.1, 0.52), tilt(12), rightFoot(0.28, 0.09, height), swung(0, 70)),
      frame(
        STAND,
        hips(0.27, 0.66),
        rightFoot(0.28, 0.09, height),
        leftFoot(0.42, 0.09, height + 0.25),
        swung(-40, 80),
      ),
    ].map((pose) => frame(pose, hand)),
    { natural: 3, tells: 2, props: [{ kind: 'block', x: 0.3, height, deep: 0.24, wide: 0.4 }] },
  );
const crawl = (travel: number, low: boolean, natural: number): Motion => {
  const y = low ? 0.26 : 0.29;
  const pose = (rightX: number, leftX: number, rightFootX: number, leftFootX: number): Pose =>
    frame(
      STAND,
      hips(-0.02, y),
      tilt(low ? 75 : 80),
      head(-20),
      rightFoot(rightFootX, 0.12, 0, { heelUp: low ? 74 : 66, kneeTo: [1, 0, 0.35] }),
      leftFoot(leftFootX, 0.12, 0, { heelUp: low ? 74 : 66, kneeTo: [1, 0, 0.35] }),
      rightHand(rightX, 0.02, 0.15, { fingersTo: [1, 0, 0] }),
      leftHand(leftX, 0.02, 0.15, { fingersTo: [1, 0, 0] }),
    );
  return round([pose(0.38, 0.2, -0.36, -0.16), pose(0.2, 0.38, -0.16, -0.36)], {
    natural,
    reps: 2,
    travel: [travel, 0],
  });
};
/** Hand and opposite foot step out, then the others close in; seen from the front. */
const lateral = (travel: number, low: boolean, natural: number): Motion => {
  const heel = { heelUp: low ? 74 : 66, kneeTo: [1, 0, 0.35] } as const;
  const pose = (rightOut: number, leftOut: number, rightFootOut: number, leftFootOut: number): Pose =>
    frame(
      STAND,
      hips(-0.02, low ? 0.26 : 0.29),
      tilt(low ? 75 : 80),
      head(-20),
      rightFoot(-0.26, rightFootOut, 0, heel),
      leftFoot(-0.26, leftFootOut, 0, heel),
      rightHand(0.3, 0.02, rightOut, { fingersTo: [1, 0, 0] }),
      leftHand(0.3, 0.02, leftOut, { fingersTo: [1, 0, 0] }),
    );
  return round([pose(0.3, 0.1, 0.07, 0.2), pose(0.1, 0.22, 0.16, 0.07)], {
    natural,
    reps: 2,
    travel: [0, travel],
    view: 'front',
  });
};
const benchHands = hands(0.3, BENCH_HEIGHT + 0.02, 0.14, { fingersTo: [1, 0, 0] });
const bench: Prop = { kind: 'block', x: 0.36, height: BENCH_HEIGHT, deep: 0.26, wide: 0.6 };
export const benchMarch = step(
  [
    frame(
      STAND,
      hips(-0.24, 0.44),
      tilt(52),
      head(-14),
      feet(-0.4, 0.09, 0, { heelUp: 24 }),
      rightFoot(-0.2, 0.09, 0.14, { heelUp: 30 }),
      benchHands,
    ),
  ],
  {
    natural: 1.6,
    props: [bench],
  },
);
const skipLunge = (lift: number, natural: number): Motion => {
  const [low, high] = basicSkip.keyframes;
  const jumped = skip(72, lift, 40, 1).keyframes[1];
  const down: Pose = frame(LOOSE, tilt(8), rightLeg(80, 84, 6), leftLeg(-16, 74, 10), swung(30, 80));
  return step([low, jumped, high, down], { natural, travel: [1, 0] });
};
export const pushDrive = (dip: boolean, across: number, props: readonly Prop[] = [], base: Pose = PLANK): Motion => {
  const up = frame(base, legs(0, 0, -4));
  const knee = frame(base, fixed('leftToe', -0.78, 0, -0.0955), rightLeg(120, 136, -58, across), leftLeg(0, 0, -4));
  const low = frame(STAND, fixed('rightToe', -0.78, 0, 0.0955), tilt(84), legs(0, 0, -4), head(-12), {
    rightArm: base.rightArm,
    leftArm: base.leftArm,
  });
  const between = frame(knee, rightLeg(62, 112, -50, 36));
  return step([dip ? low : up, between, knee, between], { natural: 4, props });
};
const bow = (lean: number, hand: Parts): Motion => there([frame(STAND, hand), hinge(lean, hand)]);
const bell: Prop = { kind: 'held', item: 'kettlebell', by: ['leftWrist', 'rightWrist'], off: [0, -0.06, 0] };
const lifted = (lean: number, ...held: readonly Prop[]): Motion =>
  there([frame(STAND, arms(2, 0, 2)), frame(hinge(lean, arms(lean - 6, -4, 2)), hips(-0.14, 0.44))], {
    props: [...held],
  });
const inclined: Pose = frame(STAND, hips(-0.12, 0.42), tilt(52), feet(-0.52, 0.09, 0, { heelUp: 60 }), benchHands);
const floorHands = hands(0.3, 0.02, 0.15, { elbowTo: [-0.4, -0.9, 0.5], fingersTo: [1, 0, 0] });
const crouched = frame(STAND, hips(-0.06, 0.42), tilt(74), spine(34), feet(-0.14, 0.1, 0, { heelUp: 44 }), floorHands);
const dropped = (drop: number): Pose =>
  frame(
    STAND,
    hips(0.03 + drop * 0.25, 0.24 - drop),
    tilt(72 + drop * 110),
    head(-14),
    feet(-0.51, 0.09, 0, { heelUp: 62 }),
    floorHands,
  );
const burpee = (up: number, drop = 0): Motion =>
  there(
    [
      frame(STAND, down(-up), feet(0, 0.1, 0, { heelUp: up > 0 ? 24 : 0 }), arms(up > 0 ? 160 : 20, 8, 8)),
      squat(0.29, 40, arms(76, 2, 4)),
      crouched,
      dropped(drop),
    ],
    { natural: 4 },
  );
const press = (low: Pose, high: Parts, top = 0): Motion =>
  round([stand(atChest), low, stand(atChest), frame(stand(high), hips(-0.01, 0.53 + top))], { natural: 4 });
const chop = (high: Parts, low: Parts, base = STAND, sink = 0.08): Motion =>
  there(
    [
      frame(base, spine(0, 0, -30), high),
      frame(base, ...(base === STAND ? [hips(-0.06, 0.5 - sink), tilt(24)] : [tilt(16)]), spine(14, 0, 34), low),
    ],
    {
      natural: 2.4,
      view: 'three-quarter',
    },
  );
const stepTurn = (depth: number, turn: number): Motion =>
  as(
    sideToSide(
      frame(STAND, arms(10, 8, 10)),
      frame(
        STAND,
        hips(0.06, 0.5 - depth),
        rightFoot(0.24),
        leftFoot(-0.12, 0.09, 0, { heelUp: 40 }),
        arms(166, 8, 6),
        tilt(0, 0, -turn * 0.3),
        spine(0, 0, -turn),
      ),
    ),
    { view: 'three-quarter' },
  );

export const patternFigures: Figures = {
  'chair-squat': figure(toChair(0.305, forward), {
    'push up with the hands': there(
      [
        frame(SIT, tilt(24), hands(0, 0.29, 0.17)),
        frame(STAND, hips(0.06, 0.4), tilt(40), feet(0.25), arms(20, 8, 10)),
      ],
      {
        props: [CHAIR],
      },
    ),
    'higher seat': toChair(0.36, forward),
    'body-weight squat': squatting(0.25, 32, forward, arms(20, 6, 20)),
  }),
  'body-weight-squat': figure(squatting(0.25, 32, forward, arms(20, 6, 20)), {
    'to a chair': toChair(0.305, forward),
    shallow: squatting(0.39, 22, forward, arms(20, 6, 20)),
    'hands behind the head': squatting(0.25, 26, behindHead),
    'goblet hold': there([stand(atChest), squat(0.24, 24, atChest)], {
      props: [{ kind: 'held', item: 'kettlebell', by: ['leftWrist', 'rightWrist'], off: [0.02, 0.06, 0] }],
    }),
  }),
  'sumo-squat': figure(there([stand(atChest, 0.24), squat(0.26, 20, atChest, 0.24, 0.06)], { view: 'front' }), {
    shallow: there([stand(atChest, 0.22), squat(0.38, 14, atChest, 0.22, 0.05)], { view: 'front' }),
    'to a chair': toChair(0.305, forward),
  }),
  'prisoner-squat': figure(as(squatting(0.25, 24, behindHead), { view: 'three-quarter' }), {
    'hands in front': as(squatting(0.25, 30, forward, arms(20, 6, 20)), { view: 'three-quarter' }),
  }),
  'reach-squat-with-plate': figure(squatting(0.25, 30, arms(90, -8, 4), arms(30, -6, 80)), {
    'to a chair': toChair(0.305, arms(90, -8, 4), arms(30, -6, 80)),
    'no plate': squatting(0.25, 32, forward, arms(30, -6, 80)),
  }),
  'goblet-squat-with-band': figure(
    there([squat(0.24, 22, atChest, 0.15), squat(0.2, 22, atChest, 0.16)], {
      natural: 5,
      view: 'three-quarter',
      props: [{ kind: 'band', through: ['leftWrist', 'leftHeel', 'rightHeel', 'rightWrist'] }],
    }),
    {
      'no band': there([squat(0.24, 22, atChest, 0.15), squat(0.2, 22, atChest, 0.16)], {
        natural: 5,
        view: 'three-quarter',
      }),
    },
  ),
  'overhead-squat': figure(as(squatting(0.26, 22, overhead), { view: 'three-quarter' }), {
    'half depth': as(
      there([stand(overhead), frame(STAND, hips(-0.2, 0.38), tilt(24), feet(0, 0.11), overhead)], { props: [seat] }),
      { view: 'three-quarter' },
    ),
    'arms forward': as(squatting(0.25, 30, arms(92, 14, 4), arms(40, 14, 10)), { view: 'three-quarter' }),
    'light plate': as(squatting(0.26, 22, arms(174, -4, 4)), { view: 'three-quarter' }),
  }),
  'squat-to-stand': figure(there([bent(toes), deep(toes, 18)], { natural: 4 }), {
    'hands on thighs': there(
      [
        frame(STAND, hips(-0.1, 0.48), tilt(50), holding('rightKnee', [0, 0.06, 0])),
        frame(STAND, hips(-0.12, 0.3), tilt(40), feet(0, 0.14), holding('rightKnee', [0, 0.06, 0])),
      ],
      {
        natural: 4,
      },
    ),
    'hold the shins': there(
      [bent(holding('rightAnkle', [0.04, 0.1, 0.02]), 92), deep(holding('rightAnkle', [0.04, 0.1, 0.02]), 28)],
      { natural: 4 },
    ),
    'reach up from the bottom': round([bent(toes), deep(toes, 18), deep(arms(166, 8, 4), 14), stand(arms(172, 6, 4))], {
      natural: 6,
    }),
  }),
  'deep-squat-hold': figure(there([deep(prayer), deep(prayer, 30)], { natural: 5 }), {
    'half way down': there([squat(0.3, 26, prayer, 0.16, 0.1), squat(0.29, 24, prayer, 0.16, 0.1)], {
      natural: 5,
    }),
    'sitting low, elbows on the knees': there([frame(SIT, tilt(30), prayer), frame(SIT, tilt(26), prayer)], {
      props: [CHAIR],
      natural: 5,
    }),
    'shift from foot to foot': sideToSide(deep(prayer), frame(deep(prayer, 26), hips(-0.1, 0.22, 0.03)), {
      view: 'three-quarter',
    }),
  }),
  'deep-squat-with-rotation': figure(rotated(0.18), {
    'seated, turn and reach': sideToSide(
      frame(SIT, tilt(14)),
      frame(SIT, tilt(14), leftHand(0.2, 0.3, 0.06), rightArm(70, 96, 4), spine(0, 0, -42)),
      {
        props: [CHAIR],
        view: 'three-quarter',
      },
    ),
    'half squat': rotated(0.3),
  }),
  'squat-on-half-dome': figure(onDome(forward), {
    'on the floor': squatting(0.3, 30, forward),
    'hold a rail': as(onDome(hands(0.34, 0.62, 0.1)), {
      props: [
        { kind: 'half-dome', x: 0 },
        { kind: 'chair', x: 0.5 },
      ],
    }),
    'ball overhead': onDome(arms(170, -8, 8)),
  }),
  'hip-hinge-reach': figure(hinging(64, arms(150, 14, 4), arms(90, 14, 4)), {
    'sitting, chest forward': there([frame(SIT, FOLDED), frame(SIT, FOLDED, tilt(36))], { props: [CHAIR] }),
    'hands on a wall': there(
      [frame(STAND, hands(0.36, 0.8)), frame(STAND, hips(-0.16, 0.5), tilt(56), hands(0.44, 0.78))],
      { props: [wallAhead(0.48)] },
    ),
    'one leg': oneLegHinge(arms(140, 14, 4)),
  }),
  'stick-hinge': figure(there([frame(STAND, toeUp, alongBack), hinge(56, alongBack, toeUp)], { props: [backStick] }), {
    'arms crossed, no stick': there([frame(STAND, toeUp, FOLDED), hinge(56, FOLDED, toeUp)]),
    'softer standing knee': there(
      [frame(STAND, toeUp, alongBack), frame(hinge(48, alongBack, toeUp), hips(-0.12, 0.44))],
      { props: [backStick] },
    ),
    'one leg': as(oneLegHinge(alongBack), { props: [backStick] }),
  }),
  inchworm: figure(inch(), {
    'hands on a bench': there(
      [
        frame(STAND, hips(-0.1, 0.47), tilt(78), feet(0), benchHands),
        frame(STAND, hips(0.02, 0.43), tilt(56), head(-14), feet(-0.34, 0.09, 0, { heelUp: 40 }), benchHands),
      ],
      { natural: 6, props: [bench] },
    ),
    'bend the knees, shorter': there(
      [tall, fold(0.16, 0.38), frame(pike, hips(0.1, 0.4), feet(-0.02, 0.09, 0, { heelUp: 30 }))],
      { natural: 7 },
    ),
    'with a push-up': inch([plankFrom(0.09)]),
  }),
  'inchworm-with-push-up': figure(inch([plankFrom(0.09)]), {
    'no push-up': inch(),
    'hip drop after': inch([plankFrom(0.09), hipDrop]),
  }),
  'inchworm-with-hip-drop': figure(inch([hipDrop]), {
    'no hip drop': inch(),
    'push-up before it': inch([plankFrom(0.09), hipDrop]),
  }),
  'step-up-with-knee-drive': figure(drive(STEP_HEIGHT), {
    'sitting, knee drive': step([SIT, frame(SIT, rightFoot(0.2, 0.09, 0.16), swung(30, 80))], {
      props: [CHAIR],
      natural: 2,
    }),
    'lower, hold a rail': as(drive(0.07, leftHand(0.5, 0.64, 0.16)), {
      props: [
        { kind: 'block', x: 0.3, height: 0.07, deep: 0.24, wide: 0.4 },
        {
          kind: 'band',
          through: [
            [0.42, 0.64, -0.16],
            [0.5, 0.64, -0.16],
            [0.58, 0.64, -0.16],
          ],
        },
        {
          kind: 'band',
          through: [
            [0.5, 0.64, -0.16],
            [0.5, 0, -0.16],
          ],
        },
      ],
    }),
    'light plates': as(drive(STEP_HEIGHT, arms(2, 8, 6)), {
      props: [
        { kind: 'block', x: 0.3, height: STEP_HEIGHT, deep: 0.24, wide: 0.4 },
        { kind: 'held', item: 'plate', by: ['leftFingers'] },
        { kind: 'held', item: 'plate', by: ['rightFingers'] },
      ],
    }),
  }),
  'forward-crawl': figure(crawl(0.5, false, 1.6), {
    'hands on a bench, march': benchMarch,
    'on the spot': crawl(0, false, 1.6),
    'slower, lower': crawl(0.4, true, 2.6),
  }),
  'lateral-crawl': figure(lateral(0.4, false, 1.6), {
    'on the spot': lateral(0, false, 1.6),
    'slower, lower': lateral(0.3, true, 2.6),
  }),
  'skip-to-lunge': figure(skipLunge(0.05, 3.4), {
    'walk to lunge': step(
      [
        frame(LOOSE, rightLeg(20, 10), leftLeg(-16, 12, -14)),
        frame(LOOSE, tilt(8), rightLeg(80, 84, 6), leftLeg(-16, 74, 10)),
      ],
      {
        natural: 4,
        travel: [0.7, 0],
      },
    ),
    'higher skips': skipLunge(0.1, 3.8),
  }),
  'push-up-with-knee-drive': figure(pushDrive(true, 0), {
    'hands on a bench': benchMarch,
    'no push-up': pushDrive(false, 0),
    'knee across': pushDrive(true, -24),
  }),
  'good-morning-bow': figure(bow(62, FOLDED), {
    'sitting, bow from the hips': there([frame(SIT, FOLDED), frame(SIT, FOLDED, tilt(36))], { props: [CHAIR] }),
    'seat to a wall': as(there([frame(STAND, FOLDED), frame(hinge(50, FOLDED), hips(-0.14, 0.5))]), {
      props: [wallAhead(-0.2)],
    }),
    'arms overhead': bow(58, arms(168, 10, 4)),
  }),
  'squat-and-press': figure(as(press(squat(0.27, 26, atChest), arms(172, 8, 6)), { view: 'three-quarter' }), {
    'sitting, press': there([frame(SIT, atChest), frame(SIT, arms(172, 8, 6))], {
      props: [CHAIR],
      view: 'three-quarter',
    }),
    'arms to shoulder height': as(press(squat(0.3, 26, atChest), arms(90, 4, 6)), { view: 'three-quarter' }),
    'light plates': as(press(squat(0.27, 26, atChest), arms(172, 8, 6)), {
      view: 'three-quarter',
      props: [
        { kind: 'held', item: 'plate', by: ['leftWrist'] },
        { kind: 'held', item: 'plate', by: ['rightWrist'] },
      ],
    }),
  }),
  'wood-chop-reach': figure(
    chop(
      { ...rightHand(0.2, 1.0, 0.14), ...leftHand(0.2, 1.0, -0.06) },
      { ...rightHand(0.24, 0.42, -0.12), ...leftHand(0.24, 0.42, 0.18) },
    ),
    {
      sitting: as(
        chop(
          { ...rightHand(0.24, 0.74, 0.12), ...leftHand(0.24, 0.74, -0.04) },
          { ...rightHand(0.26, 0.34, -0.1), ...leftHand(0.26, 0.34, 0.16) },
          SIT,
        ),
        { props: [CHAIR] },
      ),
      'chest to hip height': chop(
        { ...rightHand(0.24, 0.78, 0.18), ...leftHand(0.24, 0.78, -0.12) },
        { ...rightHand(0.26, 0.5, -0.1), ...leftHand(0.26, 0.5, 0.16) },
      ),
    },
  ),
  'step-reach-and-turn': figure(stepTurn(0.04, 34), {
    'sitting, reach and turn': sideToSide(SIT, frame(SIT, arms(160, 8, 6), spine(0, 0, -34)), {
      props: [CHAIR],
      view: 'three-quarter',
    }),
    'no turn': stepTurn(0.04, 0),
    deeper: stepTurn(0.14, 36),
  }),
  'kettlebell-deadlift': figure(lifted(60, bell), {
    'weight raised on a step': lifted(44, bell),
    'no weight': lifted(60),
    heavier: lifted(58, bell),
  }),
  burpee: figure(burpee(0.05), {
    'step back, no jump': burpee(0),
    'hands on a bench, step back': as(
      there([frame(STAND, arms(20, 8, 20)), squat(0.3, 50, arms(70, 2, 6)), inclined], { natural: 5 }),
      { props: [bench] },
    ),
    'push-up at the bottom': burpee(0.05, 0.02),
  }),
};
