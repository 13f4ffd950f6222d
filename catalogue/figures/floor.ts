import type { Figures, Motion } from '@prompt-spark/core/figure/motion';
import type { Pose } from '@prompt-spark/core/figure/pose';
import {
  arms,
  as,
  feet,
  figure,
  frame,
  head,
  hips,
  holding,
  leftArm,
  leftLeg,
  legs,
  lying,
  rightFoot,
  rightHand,
  rightLeg,
  round,
  shoulders,
  sideToSide,
  spine,
  there,
  tilt,
  type Parts,
  leftFoot,
} from './authoring.ts';
import { CHAIR, HINGE, LONG_ON_BACK, LONG_SIT, ON_BACK, ON_FRONT, SIT, STAND, wallAhead } from './postures.ts';

const around = { view: 'three-quarter' } as const;
const above = { view: 'above' } as const;
const sitting = { props: [CHAIR] } as const;
const cradle = holding('head', [-0.02, 0.03, 0.05], [1, 0.4, 0.6]);

/** On the back, knees wide beside the ribs, the soles to the ceiling. */
const baby = (knee: number, hold: Parts): Pose => frame(LONG_ON_BACK, legs(128, knee, 10, 34, 10), hold);
const soles = holding('rightAnkle', [0.01, 0.03, 0.0], [0, -0.2, 1]);
const rocking = (pose: Pose): Motion =>
  there([frame(pose, tilt(-90, 0)), frame(pose, tilt(-90, 8))], { ...around, natural: 5 });

/** One leg long, the other foot over it, the arm around the knee. */
const twist = (turn: number): Pose =>
  frame(
    LONG_SIT,
    tilt(-4),
    leftLeg(84, 2, -10, 2),
    rightFoot(0.16, -0.1, 0, { kneeTo: [0.9, 0.6, -0.1] }),
    spine(0, 0, -turn),
    head(0, 0, -turn * 0.5),
    leftArm(60, -20, 60, 30),
    rightHand(-0.2, 0.03, 0.14, { fingersTo: [-1, 0, 0.4] }),
  );
const chairTwist = (turn: number): Motion =>
  there([SIT, frame(SIT, spine(0, 0, -turn), head(0, 0, -turn * 0.5), leftArm(60, -30, 20))], {
    ...sitting,
    ...around,
  });

/** One leg long, the other knee out with its sole at the thigh; the trunk bows over the long leg. */
const hurdler = (bow: number, curl: number, reach: number): Pose =>
  frame(
    LONG_SIT,
    tilt(bow),
    spine(curl),
    rightLeg(91 + bow, 2, 4, 6),
    hips(0, 0.055),
    leftFoot(0.2, 0.04, 0.01, { kneeTo: [0.45, 0.1, 1], toesOut: 20 }),
    arms(reach, -4, 8),
  );

const KNEES_UP = { kneeTo: [0.3, 1, 0] } as const;
/** From the back to sitting up. */
const up = (hold: Parts, lean: number, curl: number): Motion =>
  there(
    [
      frame(ON_BACK, hold),
      frame(ON_BACK, tilt(-78), spine(44), head(14), hold),
      frame(ON_BACK, hips(0, 0.06), tilt(lean), spine(curl), head(8), feet(0.36, 0.09, 0, KNEES_UP), hold),
    ],
    { natural: 4, tells: 2 },
  );

/** One knee in with the other elbow turned to it, the other leg long over the floor. */
const cycled = (low: number, feetDown: boolean): Motion => {
  const middle = frame(LONG_ON_BACK, tilt(-88), spine(30), head(16), legs(70, 86, -10), cradle);
  const turned = feetDown
    ? frame(ON_BACK, tilt(-88), spine(34, 0, 30), head(14), cradle)
    : frame(middle, spine(34, 0, -32), rightLeg(104, 112, -10), leftLeg(low, 4, -30));
  return sideToSide(feetDown ? frame(ON_BACK, tilt(-88), spine(20), head(12), cradle) : middle, turned, {
    natural: 2.4,
  });
};

const flutter = (high: number, low: number, natural = 0.8): Motion => {
  const flat = frame(LONG_ON_BACK, head(12), arms(2, 12));
  return round(
    [
      frame(flat, rightLeg(high, 3, -40, 2), leftLeg(low, 3, -40, 2)),
      frame(flat, rightLeg(low, 3, -40, 2), leftLeg(high, 3, -40, 2)),
    ],
    { reps: 2, natural },
  );
};

/** The low back pressed down, and let go to a small arch. */
const pelvis = (turn: number, aside = 0): Pose =>
  frame(ON_BACK, lying(0, 0.012), tilt(-90 - turn, aside), spine(turn * 1.6, -aside), feet(0.36), arms(4, 26));

/** A ball between the knees, squeezed and let go. */
const ball = (apart: number) =>
  ({ kind: 'held', item: 'ball', by: ['leftKnee', 'rightKnee'], off: [0, apart, 0] }) as const;
const kneesAt = (wide: number): Parts => feet(0.36, 0.09, 0, { kneeTo: [1, 0.4, wide] });

/** From a bridge turned onto one shoulder, the hips slide away, the hands frame in front. */
const escape = (far: number): Motion => {
  const framed = arms(80, -6, 50, 30);
  const start = frame(ON_BACK, hips(0, 0.05), framed);
  const lifted = frame(start, hips(0.02, 0.15), tilt(-104), head(14));
  const turned = frame(start, hips(0, 0.14, far * 0.4), tilt(-96, 0, 34), head(10), spine(4));
  const away = frame(start, hips(-0.04, 0.09, far), tilt(-88, 14, 44), spine(14, 16, 0), head(8));
  return round([start, lifted, turned, away], { reps: 1, natural: 4, ...around });
};

/** Arms lifted off the floor in the shape of a letter. */
const letter = (raise: number, out: number, elbow: number, turned = 0): Pose =>
  frame(ON_FRONT, spine(-10), head(-4), legs(0, 0, -50, 5), shoulders(-6), arms(raise, out, elbow, turned));
const letters = (wait: boolean): Motion => {
  const rest = frame(ON_FRONT, legs(0, 0, -50, 5), arms(150, 30, 8));
  const shapes = [letter(20, 140, 4), letter(-2, 92, 4), letter(-4, 60, 110, -84)];
  const gone = shapes.flatMap((shape) => (wait ? [rest, shape, shape] : [rest, shape]));
  return round(gone, { natural: wait ? 12 : 8, reps: 1, ...above });
};
const bentLetter = (raise: number, out: number, elbow: number, turned = 0): Pose =>
  frame(HINGE, arms(raise, out, elbow, turned));

/** Drills on the floor: on the back, the front, or sitting. */
export const floorFigures: Figures = {
  'happy-baby': figure(rocking(baby(58, soles)), {
    'sitting, knees wide': there(
      [
        frame(SIT, feet(0.2, 0.24, 0, { kneeTo: [0.8, 0, 0.8], toesOut: 40 }), arms(30, 14, 30)),
        frame(SIT, feet(0.2, 0.24, 0, { kneeTo: [0.8, 0, 0.8], toesOut: 40 }), tilt(26), spine(16), arms(44, 14, 24)),
      ],
      { ...sitting, ...around, natural: 5 },
    ),
    'hold behind the thighs': rocking(baby(80, holding('rightKnee', [-0.06, -0.06, 0.02], [0, -0.4, 1]))),
    'straighten the knees': there([baby(58, soles), baby(24, soles)], { ...around, natural: 5 }),
  }),
  'seated-twist': figure(there([twist(6), twist(40)], { ...around, natural: 5 }), {
    'on a chair': chairTwist(36),
    'further round': there([twist(16), twist(52)], { ...around, natural: 5 }),
  }),
  'hurdler-stretch': figure(there([hurdler(-6, 4, 34), hurdler(22, 26, 94)], { ...around, natural: 5 }), {
    'sitting on a chair edge': there(
      [
        frame(SIT, rightFoot(0.46, 0.09, 0, { heelUp: -24 }), arms(24, 4, 10)),
        frame(SIT, tilt(38), spine(10), rightFoot(0.46, 0.09, 0, { heelUp: -24 }), arms(40, 4, 6)),
      ],
      { ...sitting, natural: 5 },
    ),
    'reach further': there([hurdler(-6, 4, 34), hurdler(30, 30, 112)], { ...around, natural: 5 }),
  }),
  'sit-up': figure(up(cradle, 2, 36), {
    'half way': there(
      [
        frame(ON_BACK, cradle),
        frame(ON_BACK, hips(0, 0.06), tilt(-52), spine(44), head(10), feet(0.36, 0.09, 0, KNEES_UP), cradle),
      ],
      { natural: 4 },
    ),
    'arms overhead': up(arms(168, 8, 6), 2, 32),
  }),
  'bicycle-crunch': figure(cycled(24, false), {
    'feet down, turn only': cycled(0, true),
    'leg lower': cycled(12, false),
  }),
  'flutter-kick': figure(flutter(26, 8), {
    'one leg at a time, knees bent': sideToSide(
      frame(LONG_ON_BACK, legs(86, 90, -10), arms(2, 12)),
      frame(LONG_ON_BACK, leftLeg(86, 90, -10), rightLeg(50, 60, -10), arms(2, 12)),
      { natural: 2 },
    ),
    lower: flutter(18, 5),
  }),
  'pelvic-tilt': figure(there([pelvis(-7), pelvis(9)], { natural: 4 }), {
    sitting: there([frame(SIT, tilt(12), spine(-16)), frame(SIT, tilt(-14), spine(26), head(6))], {
      ...sitting,
      natural: 4,
    }),
    'standing at a wall': there(
      [
        frame(STAND, hips(-0.01, 0.5), tilt(8), spine(-14), feet(0.12), arms(4, 10)),
        frame(STAND, hips(-0.01, 0.5), tilt(-8), spine(12), feet(0.12), arms(4, 10)),
      ],
      { props: [wallAhead(-0.085)], natural: 4 },
    ),
    'draw a circle': round([pelvis(-7), pelvis(0, 7), pelvis(9), pelvis(0, -7)], { natural: 5, ...around }),
  }),
  'hip-escape': figure(escape(0.11), {
    'slowly, on the spot': as(escape(0.05), { natural: 7 }),
    'down the mat, quicker': as(escape(0.12), { natural: 2.6 }),
  }),
  'lying-groin-squeeze': figure(
    there([frame(ON_BACK, kneesAt(0.28), arms(4, 26)), frame(ON_BACK, kneesAt(0.08), arms(4, 26))], {
      props: [ball(0.02)],
      ...around,
      natural: 4,
    }),
    {
      'on a chair': there(
        [
          frame(SIT, feet(0.24, 0.09, 0, { kneeTo: [1, 0, 0.4] })),
          frame(SIT, feet(0.24, 0.07, 0, { kneeTo: [1, 0, 0.1] })),
        ],
        { props: [CHAIR, ball(0)], ...around, natural: 4 },
      ),
      'half as hard': there([frame(ON_BACK, kneesAt(0.28), arms(4, 26)), frame(ON_BACK, kneesAt(0.18), arms(4, 26))], {
        props: [ball(0.02)],
        ...around,
        natural: 4,
      }),
      'legs long': there([frame(LONG_ON_BACK, legs(0, 0, -30, 10)), frame(LONG_ON_BACK, legs(0, 0, -30, 6))], {
        props: [{ kind: 'held', item: 'ball', by: ['leftAnkle', 'rightAnkle'] }],
        ...around,
        natural: 4,
      }),
    },
  ),
  'prone-y-t-and-w-raises': figure(letters(false), {
    'standing, bent forward': round(
      [
        bentLetter(62, 4, 6),
        bentLetter(60, 130, 4),
        bentLetter(62, 4, 6),
        bentLetter(20, 92, 4),
        bentLetter(62, 4, 6),
        bentLetter(10, 60, 100, -70),
      ],
      { natural: 8, ...around },
    ),
    'hold each two seconds': letters(true),
  }),
};
