import type { Figures, Motion } from '@prompt-spark/core/figure/motion';
import { BENCH_HEIGHT, ROLLER_RADIUS, type Prop } from '@prompt-spark/core/figure/prop';
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
  holding,
  leftFoot,
  leftHand,
  leftLeg,
  legs,
  lying,
  rightArm,
  rightFoot,
  rightHand,
  rightHold,
  rightLeg,
  round,
  sideToSide,
  spine,
  still,
  there,
  tilt,
} from './authoring.ts';
import {
  BENCH,
  CHAIR,
  FOLDED,
  HALF_KNEEL,
  KNEEL,
  LONG_ON_BACK,
  ON_BACK,
  ON_FRONT,
  ON_HANDS,
  ON_HIPS,
  ON_SIDE,
  SIT,
  STAND,
} from './postures.ts';

const above = { view: 'above' } as const;
const around = { view: 'three-quarter' } as const;
const kneeSupport = holding('rightKnee', [0.01, 0.05, 0]);
const seatedCat = there(
  [frame(SIT, spine(-22), head(-12), kneeSupport), frame(SIT, tilt(-10), spine(50), head(26), kneeSupport)],
  { props: [CHAIR], natural: 5 },
);
const cat = (arch: number, roundness: number): Motion =>
  there(
    [
      frame(ON_HANDS, tilt(88), legs(88, 90, -58), spine(-arch), head(-24)),
      frame(ON_HANDS, tilt(52), legs(52, 90, -58), spine(roundness), head(28)),
    ],
    { natural: 5 },
  );
const catCow = cat(22, 52);

/** On hands and knees, sat back toward the heels. */
const rock = (hip: number, out: number, palms: Parameters<typeof frame>[1] = {}, lean = 80): Motion => {
  const start = frame(ON_HANDS, fixed('rightKnee', 0, 0.034, 0.0955), tilt(lean), legs(lean, 90, -58, out), palms);
  const back = frame(start, tilt(lean - 8), legs(hip, hip + 98 - lean, -58, out), palms);
  return there([start, back]);
};
const benchAhead: Prop = { kind: 'block', x: 0.4, height: BENCH_HEIGHT, deep: 0.3, wide: 0.5 };
const onBench = hands(0.34, BENCH_HEIGHT + 0.02, 0.13);
const adductorRock = (turned: number, amount: number, palms: Parameters<typeof frame>[1] = {}, lean = 80): Motion => {
  const start = frame(
    ON_HANDS,
    fixed('leftKnee', 0, 0.034, -0.0955),
    tilt(lean),
    leftLeg(lean, 90, -58),
    rightFoot(0.0, 0.5, 0, { toesOut: turned }),
    palms,
  );
  const back = frame(start, tilt(lean - 8), leftLeg(lean - 2 + amount, 96 + amount, -58), palms);
  return there([start, back], { view: 'three-quarter' });
};
const halfAdductor = (z: number, y: number, extra: Parameters<typeof frame>[1] = {}): Pose =>
  frame(
    KNEEL,
    fixed('leftKnee', 0, 0.028, -0.0955 + z * 0),
    tilt(8, z * 60),
    leftLeg(8, 92, -58, -z * 90),
    rightFoot(0.1, 0.32, 0, { toesOut: 50, kneeTo: [0.6, 0, 0.8] }),
    ON_HIPS,
    extra,
    { head: { forward: 0, right: y, left: 0 } },
  );

/** The two square knees of a low sit: right shin in front, left shin at the side. */
const square = (lean: number, palms: Parameters<typeof frame>[1]): Pose =>
  frame(STAND, lying(), tilt(lean), rightLeg(78 + lean * 0.5, 92, 0, 32, 58), leftLeg(62, 96, -20, 40, -42), palms);
const switchTo = (drop: number, palms: Parameters<typeof frame>[1]): Pose => {
  const lean = 40 * drop;
  return frame(
    STAND,
    hips(0, 0.055, 0),
    tilt(-30),
    rightFoot(0.3, 0.2, 0, { kneeTo: [0.5, 0.4, 0.1 - lean * 0.024], toesOut: 20 }),
    leftFoot(0.3, 0.2, 0, { kneeTo: [0.5, 0.4, 0.1 + lean * 0.024], toesOut: 20 }),
    palms,
  );
};
const propped = hands(-0.24, 0.02, 0.18, { fingersTo: [-1, 0, 0.3] });
const dropKnees = (right: number, lifted: boolean): Pose =>
  lifted
    ? frame(LONG_ON_BACK, tilt(-90, right), spine(0, 0, right), legs(90, 92), arms(0, 84, 4))
    : frame(LONG_ON_BACK, tilt(-90, right), spine(0, 0, right), legs(48, 98, -10), arms(0, 84, 4));
const swingFoot = (turn: number, hip = 90, knee = 90): Pose =>
  frame(LONG_ON_BACK, leftFoot(0.36), rightLeg(hip, knee, 0, 0, turn), arms(4, 26));

// Open book.
const closed = frame(ON_SIDE, legs(78, 86, -10), arms(86, 0, 4));
const bookOpen = frame(closed, spine(0, 0, -44), head(0, 0, -24), rightArm(80, 96, 6));
const kneelOpen = (turn: number, up: number): Pose =>
  frame(
    HALF_KNEEL,
    { left: HALF_KNEEL.right, right: HALF_KNEEL.left },
    fixed('leftKnee', 0, 0.028, -0.0955),
    leftLeg(0, 90, -58),
    rightFoot(0.25, 0.1),
    spine(0, 0, turn),
    head(0, 0, turn * 0.4),
    leftHand(0.3, 0.5, 0.1),
    rightArm(84 + up, 50 * (turn / -44) + 4, 4),
  );
const threadBase = frame(ON_HANDS, {});
const threaded = frame(threadBase, spine(14, 0, 40), head(10), rightHand(0.2, 0.04, -0.24));
const threadOpen = (arm: ReturnType<typeof rightArm>): Pose =>
  frame(threadBase, spine(0, 0, -42), head(0, 0, -20), arm);
const archOver = (up: number, forward: number, hold: Parameters<typeof frame>[1]): Pose =>
  frame(ON_BACK, hips(0, up), tilt(-88), spine(forward), feet(0.34), head(6), hold);
const cradle = holding('head', [-0.02, 0.03, 0.05], [1, 0.4, 0.6]);
const scorpion = (knee: number, hip: number, over: number): Motion =>
  as(
    sideToSide(
      frame(ON_FRONT, legs(0, 0, -50, 5), arms(0, 84, 4)),
      frame(
        ON_FRONT,
        tilt(90, 0, 0),
        { tilt: { forward: 90, right: over, left: 0 } },
        spine(0, 0, -over * 0.8),
        rightLeg(hip, knee, -20, -14),
        leftLeg(0, 0, -50, 5),
        arms(0, 84, 4),
      ),
    ),
    around,
  );
const rollLegs = (amount: number): Motion =>
  there(
    [
      frame(LONG_ON_BACK, arms(172, 10, 6)),
      frame(
        LONG_ON_BACK,
        tilt(-90, -amount),
        spine(0, 0, amount * 0.5),
        rightLeg(60, 50, -20, -26),
        leftLeg(-4),
        arms(172, 10, 6),
      ),
    ],
    around,
  );
const rollArms = (amount: number): Motion =>
  there(
    [
      frame(LONG_ON_BACK, arms(172, 10, 6)),
      frame(
        LONG_ON_BACK,
        tilt(-90, -amount * 0.6),
        spine(14, 0, amount * 0.5),
        head(10, 0, 30),
        rightArm(120, -44, 6),
        { leftArm: arms(172, 10, 6).leftArm ?? STAND.leftArm },
      ),
    ],
    around,
  );
const crunch = (curl: number, extra: Parameters<typeof frame>[1] = {}): Motion =>
  there([frame(ON_BACK, cradle, extra), frame(ON_BACK, tilt(-88), spine(curl), head(curl * 0.3), cradle, extra)], {
    natural: 4,
  });

// Dogs.
const dog = (heel: number): Pose =>
  frame(
    STAND,
    hips(0, 0.44),
    tilt(130),
    head(10),
    feet(-0.3, 0.09, 0, { heelUp: heel }),
    hands(0.48, 0.02, 0.14, { fingersTo: [1, 0, 0] }),
  );
const chestForward: Pose = frame(
  STAND,
  hips(0.25, 0.16),
  tilt(62),
  spine(-30),
  head(-24),
  feet(-0.3, 0.09, 0, { heelUp: 70 }),
  hands(0.48, 0.02, 0.14, { fingersTo: [1, 0, 0] }),
);
/** Half way between the dog and the chest forward. */
const plank: Pose = frame(
  chestForward,
  hips(0.24, 0.25),
  tilt(72),
  spine(0),
  head(-10),
  feet(-0.3, 0.09, 0, { heelUp: 62 }),
);
const kneeChest: Pose = frame(
  KNEEL,
  fixed('rightKnee', -0.04, 0.028, 0.0955),
  tilt(58),
  legs(-4, 60, -58),
  spine(-30),
  head(-20),
  hands(0.44, 0.02, 0.14, { fingersTo: [1, 0, 0] }),
);
const kneesBack: Pose = frame(kneeChest, tilt(80), legs(87, 101, -58), spine(18), head(0));

export const spineFigures: Figures = {
  'cat-cow': figure(catCow, {
    sitting: seatedCat,
    'standing, hands on thighs': there(
      [
        frame(STAND, hips(-0.1, 0.47), tilt(52), spine(-22), head(-22), holding('rightKnee', [0.01, 0.08, 0])),
        frame(STAND, hips(-0.1, 0.47), tilt(28), spine(52), head(26), holding('rightKnee', [0.01, 0.08, 0])),
      ],
      { natural: 5 },
    ),
    'free flow': round(
      [...catCow.keyframes, frame(ON_HANDS, tilt(70), legs(84, 106, -58), spine(10, 14), head(0, 10))],
      { natural: 6 },
    ),
  }),
  'quadruped-rocking': figure(rock(108, 0), {
    'hands on a bench': as(rock(82, 0, onBench, 50), { props: [benchAhead] }),
    'wider knees': as(rock(112, 26), around),
  }),
  'quadruped-adductor-rock': figure(adductorRock(24, 30), {
    'foot pointed up, small': as(adductorRock(50, 16, onBench, 50), { props: [benchAhead] }),
    'hands on a bench': as(adductorRock(24, 30, onBench, 50), { props: [benchAhead] }),
    'foot flat': adductorRock(0, 34),
  }),
  'half-kneeling-adductor-rock': figure(there([halfAdductor(-0.06, 0), halfAdductor(0.16, 0)]), {
    'hold a support': there(
      [halfAdductor(-0.06, 0, leftHand(0.04, 0.4, 0.3)), halfAdductor(0.16, 0, leftHand(0.04, 0.4, 0.3))],
      {
        props: [{ kind: 'chair', x: 0.04, z: -0.46, turned: 90 }],
      },
    ),
    'turn the trail leg in': there([halfAdductor(-0.06, 0, tilt(8, 0, -12)), halfAdductor(0.18, 0, tilt(8, 10, -12))]),
  }),
  '90-90-lean-and-turn': figure(
    there([square(4, hands(0.3, 0.03, 0.14)), square(34, hands(0.44, 0.03, 0.14))], { natural: 5 }),
    {
      'on a chair, ankle on the knee': there(
        [
          frame(
            SIT,
            tilt(6),
            rightFoot(0.2, -0.06, 0.3, { toesOut: -70, kneeTo: [0.5, 0.2, 1] }),
            rightHold('rightKnee'),
          ),
          frame(
            SIT,
            tilt(30),
            rightFoot(0.2, -0.06, 0.3, { toesOut: -70, kneeTo: [0.5, 0.2, 1] }),
            rightHold('rightKnee'),
          ),
        ],
        { props: [CHAIR], natural: 5 },
      ),
      'hands behind': there([square(-32, propped), square(-22, propped)], { natural: 5 }),
      'hands off': there([square(4, FOLDED), square(30, FOLDED)], { natural: 5 }),
    },
  ),
  '90-90-switches': figure(
    round([switchTo(0, propped), switchTo(1, propped), switchTo(0, propped), switchTo(-1, propped)], {
      reps: 2,
      view: 'three-quarter',
    }),
    {
      'supine, feet wide': as(
        sideToSide(
          frame(ON_BACK, feet(0.34, 0.2), arms(0, 60)),
          frame(
            ON_BACK,
            leftFoot(0.34, 0.2, 0, { kneeTo: [0.7, 0, 0.9] }),
            rightFoot(0.34, 0.2, 0, { kneeTo: [0.5, 0, -1] }),
            arms(0, 60),
          ),
        ),
        above,
      ),
      'rise up on the knees': there(
        [
          square(0, FOLDED),
          frame(square(6, FOLDED), lying(0.05), rightLeg(40, 92, 0, 32, 30), leftLeg(10, 96, -40, 20, -10), tilt(10)),
        ],
        { reps: 1, view: 'three-quarter' },
      ),
    },
  ),
  'side-to-side-knee-drops': figure(as(sideToSide(dropKnees(0, false), dropKnees(38, false)), above), {
    smaller: as(sideToSide(dropKnees(0, false), dropKnees(20, false)), above),
    'legs lifted': as(sideToSide(dropKnees(0, true), dropKnees(38, true)), above),
  }),
  'supine-hip-rotation': figure(there([swingFoot(34), swingFoot(-34)], above), {
    'leg straight, roll the foot': there([swingFoot(36, 0, 0), swingFoot(-30, 0, 0)], above),
    'draw a ring with the knee': round(
      [
        frame(swingFoot(0, 96), rightLeg(96, 92)),
        frame(swingFoot(0), rightLeg(84, 92, 0, 38)),
        frame(swingFoot(0), rightLeg(50, 92, 0, 20)),
        frame(swingFoot(0), rightLeg(84, 92, 0, -16)),
      ],
      above,
    ),
  }),
  'open-book-side-lying': figure(there([closed, bookOpen], { ...above, natural: 5 }), {
    'arm bent, hand on ribs': there(
      [
        frame(closed, rightHold('waist', [0.06, 0, 0.06])),
        frame(closed, spine(0, 0, -36), rightHold('waist', [0.06, 0, 0.08])),
      ],
      { ...above, natural: 5 },
    ),
    'top leg long': there([frame(closed, rightLeg(20, 4, -20)), frame(bookOpen, rightLeg(20, 4, -20))], {
      ...above,
      natural: 5,
    }),
  }),
  'open-book-half-kneeling': figure(there([kneelOpen(0, 0), kneelOpen(-44, 0)], around), {
    sitting: there(
      [frame(SIT, arms(86, 0, 4)), frame(SIT, spine(0, 0, -40), head(0, 0, -20), arms(86, 0, 4), rightArm(84, 60, 4))],
      {
        props: [CHAIR],
        ...around,
      },
    ),
    'top arm reaches up and back': there([kneelOpen(0, 0), kneelOpen(-44, 50)], around),
  }),
  'thread-the-needle': figure(there([threaded, threadOpen(rightArm(88, 80, 6))], { ...around, natural: 5 }), {
    'sitting, hands on shoulders': there([frame(SIT, FOLDED, spine(0, 0, 30)), frame(SIT, FOLDED, spine(0, 0, -36))], {
      props: [CHAIR],
      ...around,
      natural: 5,
    }),
    'hand behind the head': there(
      [
        frame(threadBase, spine(12, 0, 30), rightHold('head', [-0.02, 0, 0.05], [0.3, 0, 1])),
        frame(threadBase, spine(0, 0, -40), rightHold('head', [-0.02, 0, 0.05], [0.3, 0, 1])),
      ],
      { ...around, natural: 5 },
    ),
    'reach up': there([threaded, threadOpen(rightArm(120, 80, 4))], { ...around, natural: 5 }),
  }),
  'thoracic-extension-over-roller': figure(
    there([archOver(0.1, 20, cradle), archOver(0.1, -18, cradle)], {
      props: [{ kind: 'roller', at: [-0.21, ROLLER_RADIUS, 0], along: 'z' }],
    }),
    {
      'over a chair back': there(
        [frame(SIT, hips(-0.06, 0.305), cradle), frame(SIT, hips(-0.06, 0.305), spine(-26), head(-8), cradle)],
        { props: [CHAIR] },
      ),
      'rolled towel': there([archOver(0.06, 14, cradle), archOver(0.06, -8, cradle)], {
        props: [{ kind: 'roller', at: [-0.2, 0.024, 0], along: 'z', radius: 0.024 }],
      }),
      'arms overhead': there([archOver(0.1, 20, arms(150, 8)), archOver(0.1, -18, arms(164, 8))], {
        props: [{ kind: 'roller', at: [-0.21, ROLLER_RADIUS, 0], along: 'z' }],
      }),
    },
  ),
  'prone-twist': figure(scorpion(88, -22, -34), { 'smaller, knee bent only': scorpion(88, 0, -8) }),
  'segmental-roll-legs-lead': figure(rollLegs(70), { 'half roll': rollLegs(36) }),
  'segmental-roll-arms-lead': figure(rollArms(70), { 'half roll': rollArms(36) }),
  'breathing-crunch': figure(crunch(44), {
    'head down': there([ON_BACK, frame(ON_BACK, tilt(-82), spine(-10))], { natural: 4 }),
    'legs lifted': crunch(44, legs(90, 90)),
  }),
  'quadruped-head-nods': figure(there([frame(ON_HANDS, head(-34)), frame(ON_HANDS, head(38))]), {
    sitting: there([SIT, frame(SIT, head(42))], { props: [CHAIR] }),
  }),
  'quadruped-head-turns': figure(as(sideToSide(ON_HANDS, frame(ON_HANDS, head(-10, 0, -58))), around), {
    sitting: as(sideToSide(SIT, frame(SIT, head(0, 0, -58))), { props: [CHAIR], ...around }),
    'hips follow the look': as(sideToSide(ON_HANDS, frame(ON_HANDS, spine(0, 22), head(-10, 14, -50))), around),
  }),
  'supine-neck-rotation': figure(as(sideToSide(LONG_ON_BACK, frame(LONG_ON_BACK, head(0, 0, -60))), above), {
    'head on a pillow': as(sideToSide(frame(LONG_ON_BACK, head(8)), frame(LONG_ON_BACK, head(8, 0, -60))), {
      ...above,
      props: [{ kind: 'cushion', at: [-0.41, 0.02, 0] }],
    }),
  }),
  'downward-dog': figure(still(dog(12)), {
    'hands on a bench': still(frame(STAND, hips(-0.14, 0.5), tilt(92), hands(0.42, 0.34, 0.13), feet(-0.1)), {
      props: [{ ...BENCH, x: 0.52, height: 0.32, deep: 0.3 } as Prop],
    }),
    'pedal the heels': there(
      [
        frame(dog(10), rightFoot(-0.3, 0.09, 0, { heelUp: 40 })),
        frame(dog(10), leftFoot(-0.3, 0.09, 0, { heelUp: 40 })),
      ],
      { natural: 3 },
    ),
  }),
  'dog-flow': figure(there([dog(14), plank, chestForward], { natural: 5 }), {
    'cat-cow': catCow,
    'from the knees': there([kneesBack, kneeChest], { natural: 5 }),
    'add a turn': there([dog(14), plank, frame(chestForward, spine(-30, 0, 30), head(-10, 0, 40))], { natural: 5 }),
  }),
};
