import type { Figures, Motion } from '@prompt-spark/core/figure/motion';
import { STEP_HEIGHT, type Prop } from '@prompt-spark/core/figure/prop';
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
  leftLeg,
  legs,
  lying,
  rightArm,
  rightFoot,
  rightLeg,
  round,
  sideToSide,
  spine,
  still,
  there,
  tilt,
  type Parts,
} from './authoring.ts';
import { LOOSE } from './gaits.ts';
import { CHAIR, LONG_SIT, ON_BACK, ON_HANDS, ON_HIPS, ON_SIDE, SIT, STAND, wallAhead, wallAside } from './postures.ts';

const around = { view: 'three-quarter' } as const;
/** A bridge: shoulders stay, hips lift to a height. */
export const bridge = (lift: number, x = 0.3, ...parts: readonly Parts[]): Pose => {
  const angle = (Math.asin(Math.min(0.9, lift / 0.288)) * 180) / Math.PI;
  return frame(
    ON_BACK,
    { root: { kind: 'part', part: 'neck', at: [-0.28, 0.05, 0] } },
    tilt(-90 - angle),
    head(angle * 0.9),
    feet(x),
    arms(10 - angle, 16),
    ...parts,
  );
};
const bridging = (low: Pose, high: Pose): Motion => there([low, high]);
/** Palms on the seat. */
const ON_SEAT = arms(-38, 16, 42, 40);
const squeeze = there([frame(STAND, ON_SEAT, tilt(4)), frame(STAND, ON_SEAT, hips(0.035, 0.529), tilt(-9), spine(6))], {
  natural: 4,
});
const wideKnees = feet(0.3, 0.08, 0, { kneeTo: [1, 0, 0.9] });
const shutKnees = feet(0.3, 0.08, 0, { kneeTo: [1, 0, 0.02] });
const seatedSpread = there(
  [frame(SIT, feet(0.24, 0.09, 0, { kneeTo: [1, 0, 0.02] })), frame(SIT, feet(0.24, 0.11, 0, { kneeTo: [1, 0, 0.8] }))],
  { props: [CHAIR], view: 'front' },
);
const reachOver = (lift: number): Motion =>
  as(sideToSide(bridge(lift), frame(bridge(lift), spine(0, 0, 24), rightArm(150, -40, 4))), around);
const tableReach = round(
  [
    frame(
      STAND,
      lying(),
      tilt(-12),
      feet(0.3),
      rightArm(-30, 20, 10),
      leftHand(-0.2, 0.02, 0.17, { fingersTo: [-1, 0, 0.3] }),
    ),
    frame(
      STAND,
      hips(0.0, 0.24),
      tilt(-66),
      head(-20),
      spine(0, 0, -20),
      feet(0.3),
      rightArm(130, -10, 4),
      leftHand(-0.2, 0.02, 0.17, { fingersTo: [-1, 0, 0.3] }),
    ),
  ],
  { natural: 4 },
);
const frog = (lift: number): Pose => bridge(lift, 0.24, feet(0.22, 0.02, 0, { toesOut: -40, kneeTo: [0.5, 0, 1] }));
const walkOut = (far: number, single: boolean): Motion =>
  there(
    [
      bridge(0.14, 0.3),
      bridge(0.12, 0.33, rightFoot(0.33 + (far - 0.33) * 0.5, 0.09, 0, { heelUp: -20 })),
      single ? bridge(0.11, far, leftFoot(0.34, 0.09, 0.16)) : bridge(0.1, far, feet(far, 0.09, 0, { heelUp: -30 })),
    ],
    { natural: 6, tells: 2 },
  );
const shell = (open: number, hip = 50): Pose =>
  frame(ON_SIDE, leftLeg(hip, 78, -10), rightLeg(hip, 78, -10, open * 0.5, open), arms(30, 0, 100, 30));
const sideLeg = (out: number, bentKnee: boolean): Pose =>
  frame(
    ON_SIDE,
    leftLeg(bentKnee ? 50 : 8, bentKnee ? 80 : 4, -10),
    rightLeg(bentKnee ? 50 : 0, bentKnee ? 80 : 2, 0, out),
    arms(30, 0, 100, 30),
  );
const onWall = hands(0.36, 0.8);
const kick = (hip: number): Motion =>
  there([frame(LOOSE, onWall), frame(LOOSE, tilt(6), leftLeg(6), rightLeg(-hip, 2, 0), onWall)], {
    props: [wallAhead(0.4)],
    natural: 2,
  });
const abduct = (about: Parts): Motion =>
  there([frame(LOOSE, about), frame(LOOSE, rightLeg(0, 2, 0, 32), tilt(0, -4), leftLeg(0, 0, 0, -4), about)], {
    natural: 2,
  });
const bandAnkles: Prop = { kind: 'loop', around: ['leftAnkle', 'rightAnkle'] };
const low = (depth: number, hand: Parts = arms(44, 4, 60)): Pose =>
  frame(LOOSE, tilt(depth * 0.5), legs(depth * 1.5, depth * 1.7, depth * 0.5, 10), hand);
/** Steps to the right with the hips held low: apart, then in. */
const sideWalk = (depth: number, hand?: Parts): Motion =>
  round(
    [
      frame(low(depth, hand), legs(depth * 1.5, depth * 1.7, depth * 0.5, 6)),
      frame(low(depth, hand), legs(depth * 1.5, depth * 1.7, depth * 0.5, 21)),
    ],
    {
      natural: 2,
      travel: [0, 0.4],
    },
  );
const forwardWalk = (depth: number): Motion =>
  round(
    [
      frame(
        low(depth),
        rightLeg(depth * 1.9, depth * 1.7, depth * 0.4, 18),
        leftLeg(depth * 1.1, depth * 1.7, depth * 0.6, 18),
      ),
      frame(
        low(depth),
        rightLeg(depth * 1.1, depth * 1.7, depth * 0.6, 18),
        leftLeg(depth * 1.9, depth * 1.7, depth * 0.4, 18),
      ),
    ],
    { natural: 2.2, reps: 2, travel: [0.4, 0], view: 'side' },
  );
const plane = (turn: number, about: Parts): Pose =>
  frame(LOOSE, tilt(66, turn, 0), spine(0), head(-18), leftLeg(64, 14, 8), rightLeg(4, 6, -10), about);
const airplane = (about: Parts, props: readonly Prop[]): Motion =>
  there([plane(-14, about), plane(24, about)], { natural: 5, props, view: 'three-quarter' });
const raise = (about: Parts = arms(3, 8, 10)): Motion =>
  there([frame(STAND, about), frame(STAND, hips(0.03, 0.6), feet(0, 0.09, 0, { heelUp: 42 }), about)], { natural: 3 });
const seatedRaise = there([SIT, frame(SIT, feet(0.25, 0.09, 0, { heelUp: 36 }))], { props: [CHAIR], natural: 3 });
const quadLift = (from: number, to: number): Motion =>
  there([frame(SIT, rightLeg(88, from, 0)), frame(SIT, rightLeg(90, to, 14))], { props: [CHAIR] });
const set = (lift: number): Motion =>
  there(
    [
      frame(LONG_SIT, leftFoot(0.26), rightLeg(80, 12, -6, 4)),
      frame(LONG_SIT, leftFoot(0.26), rightLeg(82 + lift, 0, 14, 4)),
    ],
    { natural: 5 },
  );
const sitOnWall = (y: number, about: Parts = {}): Motion =>
  still(frame(STAND, hips(-0.05, y), tilt(-1), feet(0.22), arms(70, 6, 20), about), { props: [wallAhead(-0.11)] });
const oneLeg = (about: Parts): Pose => frame(LOOSE, rightLeg(76, 84, 0), about);
const hitch = (up: number, about: Parts, over = 0): Motion =>
  there(
    [
      frame(
        STAND,
        hips(0, 0.529 + over, -0.02),
        tilt(0, up * (over > 0 ? 0.6 : 0.1)),
        spine(0, -up * 0.4),
        leftFoot(0, 0.09, over),
        rightLeg(2, 6, 4),
        about,
      ),
      frame(
        STAND,
        hips(0, 0.529 + over, -0.02),
        tilt(0, -up),
        spine(0, up * 0.6),
        leftFoot(0, 0.09, over),
        rightLeg(2, 6, 4),
        about,
      ),
    ],
    {
      natural: 2.4,
      props: over > 0 ? [{ kind: 'block', x: 0.04, z: -0.12, height: over, deep: 0.26, wide: 0.2 }] : [],
    },
  );
const stepIn = (pause: boolean, about: Parts = ON_HIPS): Motion =>
  sideToSide(
    frame(LOOSE, legs(22, 30, 10, 3), tilt(6), about),
    pause
      ? frame(LOOSE, rightLeg(50, 60, 0, 20), leftLeg(22, 30, 10), tilt(6), about)
      : frame(LOOSE, legs(34, 44, 12, 22), tilt(10), about),
    { natural: 3 },
  );
const squatPulse = (depth: number, rise: number, about: Parts = arms(60, 4, 20), heels = 0): Motion =>
  there(
    [
      frame(STAND, hips(-0.1, 0.47 - depth), tilt(30), feet(0, 0.12, 0, heels > 0 ? { heelUp: heels } : {}), about),
      frame(
        STAND,
        hips(-0.08, 0.47 - depth + rise),
        tilt(24),
        feet(0, 0.12, 0, heels > 0 ? { heelUp: heels } : {}),
        about,
      ),
    ],
    { natural: 1.6 },
  );

export const hipFigures: Figures = {
  'glute-bridge': figure(bridging(ON_BACK, bridge(0.14)), {
    'standing glute squeeze': squeeze,
    'smaller range': bridging(ON_BACK, bridge(0.08)),
    'one leg': bridging(frame(ON_BACK, leftLeg(30, 4, 0)), bridge(0.14, 0.3, leftLeg(-18, 4, 0))),
  }),
  'banded-bridge-with-knee-spread': figure(
    as(there([bridge(0.14, 0.3, shutKnees), bridge(0.14, 0.3, wideKnees)]), around),
    {
      'seated knee spread': seatedSpread,
    },
  ),
  'single-leg-bridge': figure(bridging(frame(ON_BACK, leftLeg(30, 4, 0)), bridge(0.14, 0.3, leftLeg(-18, 4, 0))), {
    'two legs': bridging(ON_BACK, bridge(0.14)),
    'two up, one down': there([ON_BACK, bridge(0.14), bridge(0.14, 0.3, rightFoot(0.3))], { natural: 4 }),
    'foot on a step': as(
      bridging(
        frame(ON_BACK, leftLeg(30, 4, 0), rightFoot(0.32, 0.09, STEP_HEIGHT)),
        bridge(0.17, 0.32, rightFoot(0.32, 0.09, STEP_HEIGHT), leftLeg(-18, 4, 0)),
      ),
      { props: [{ kind: 'block', x: 0.37, height: STEP_HEIGHT, deep: 0.22, wide: 0.4 }] },
    ),
  }),
  'bridge-with-reach': figure(reachOver(0.14), {
    'bridge only': as(bridging(ON_BACK, bridge(0.14)), around),
    'from sitting, hand behind': as(tableReach, around),
  }),
  'frog-pump': figure(as(there([frog(0.02), frog(0.11)], { natural: 1.6 }), around), {
    smaller: as(there([frog(0.02), frog(0.07)], { natural: 1.6 }), around),
  }),
  'hamstring-walk-out': figure(walkOut(0.42, false), {
    'short walk-out': walkOut(0.37, false),
    'one leg at a time': walkOut(0.4, true),
  }),
  clamshell: figure(there([shell(0), shell(42)], around), {
    'sitting, knees press out on the hands': as(each(seatedSpread, holding('rightKnee', [0.02, 0.02, 0.03])), {
      props: [CHAIR],
      view: 'front',
    }),
    smaller: there([shell(0), shell(20)], around),
  }),
  'side-lying-leg-lift': figure(there([sideLeg(0, false), sideLeg(38, false)]), {
    'knees bent': there([sideLeg(0, true), sideLeg(26, true)], around),
  }),
  'standing-kickback': figure(as(kick(24), { props: [wallAhead(0.4), bandAnkles] }), {
    'no band': kick(26),
  }),
  'standing-hip-abduction': figure(as(abduct(leftHand(0.06, 0.68, 0.37)), { props: [wallAside(-0.41), bandAnkles] }), {
    'sitting, knees press the band': seatedSpread,
    'no band': as(abduct(leftHand(0.06, 0.68, 0.37)), { props: [wallAside(-0.41)] }),
    'free-standing': as(abduct(ON_HIPS), { props: [bandAnkles] }),
  }),
  'lateral-band-walk': figure(sideWalk(20), {
    'no band': sideWalk(20),
    'band at the ankles': as(sideWalk(20), { props: [bandAnkles] }),
  }),
  'monster-walk': figure(forwardWalk(30), {
    'no band': forwardWalk(30),
    higher: forwardWalk(18),
    lower: forwardWalk(42),
  }),
  'side-monster-walk': figure(sideWalk(38), { 'no band': sideWalk(38), higher: sideWalk(24), lower: sideWalk(50) }),
  'lateral-squat-walk': figure(sideWalk(38), { higher: sideWalk(24), lower: sideWalk(50) }),
  'fire-hydrant': figure(there([ON_HANDS, frame(ON_HANDS, leftLeg(70, 90, -58, 44))], { view: 'three-quarter' }), {
    smaller: there([ON_HANDS, frame(ON_HANDS, leftLeg(76, 90, -58, 22))], { view: 'three-quarter' }),
    'standing, hands on a wall': there(
      [
        frame(STAND, tilt(10), hands(0.42, 0.72), rightLeg(8, 18, 10)),
        frame(STAND, tilt(10), hands(0.42, 0.72), rightLeg(40, 80, 0, 36)),
      ],
      { props: [wallAhead(0.46)], view: 'three-quarter' },
    ),
  }),
  'donkey-kick': figure(there([ON_HANDS, frame(ON_HANDS, leftLeg(-6, 90, 0))]), {
    smaller: there([ON_HANDS, frame(ON_HANDS, leftLeg(24, 90, 0))]),
    'standing, hands on a wall': there(
      [
        frame(STAND, tilt(10), hands(0.42, 0.72), rightLeg(8, 18, 10)),
        frame(STAND, tilt(14), hands(0.42, 0.72), rightLeg(-16, 70, 0)),
      ],
      { props: [wallAhead(0.46)] },
    ),
  }),
  'standing-hamstring-curl': figure(there([frame(STAND, rightLeg(8, 18, 10)), frame(STAND, rightLeg(0, 100, 0))]), {
    'hold a chair': as(
      there([
        frame(STAND, leftHand(0.36, 0.58, 0.14), rightLeg(8, 18, 10)),
        frame(STAND, leftHand(0.36, 0.58, 0.14), rightLeg(0, 100, 0)),
      ]),
      { props: [{ kind: 'chair', x: 0.52 }] },
    ),
    'sitting, heel drags under': there([SIT, frame(SIT, rightFoot(0.06, 0.09, 0, { heelUp: 30 }))], { props: [CHAIR] }),
  }),
  'squat-walk': figure(forwardWalk(48), {
    higher: forwardWalk(28),
    'arms overhead': each(forwardWalk(48), arms(168, 8, 4)),
  }),
  'hip-airplane-assisted': figure(airplane(hands(0.6, 0.7, 0.12), [wallAhead(0.64)]), {
    'back toe stays down': there(
      [
        frame(
          STAND,
          hips(-0.06, 0.5),
          tilt(52, -8),
          leftFoot(0),
          rightFoot(-0.3, 0.09, 0, { heelUp: 40 }),
          hands(0.5, 0.74),
        ),
        frame(
          STAND,
          hips(-0.06, 0.5),
          tilt(52, 14),
          leftFoot(0),
          rightFoot(-0.3, 0.09, 0, { heelUp: 40 }),
          hands(0.5, 0.74),
        ),
      ],
      { natural: 5, props: [wallAhead(0.54)], ...around },
    ),
    'free-standing': airplane(arms(40, 60, 6), []),
  }),
  'calf-raise': figure(raise(), {
    seated: seatedRaise,
    'hold a wall': as(raise({ ...arms(3, 8, 10), ...leftHand(0.36, 0.78) }), { props: [wallAhead(0.4)] }),
    'one leg': there(
      [
        frame(STAND, leftLeg(10, 70, -10)),
        frame(STAND, hips(0.03, 0.6), rightFoot(0, 0.09, 0, { heelUp: 42 }), leftLeg(10, 70, -10)),
      ],
      { natural: 3 },
    ),
  }),
  'seated-quad-lift': figure(quadLift(90, 4), {
    'quad set, leg resting': there(
      [frame(SIT, rightFoot(0.46, 0.09, 0, { heelUp: -20 })), frame(SIT, rightFoot(0.48, 0.09, 0, { heelUp: -34 }))],
      {
        props: [CHAIR],
        natural: 4,
      },
    ),
    smaller: quadLift(90, 44),
    'loop band at the ankles': as(quadLift(90, 4), { props: [CHAIR, bandAnkles] }),
  }),
  'quad-set': figure(set(0), {
    'on a chair, heel down': there(
      [frame(SIT, rightFoot(0.46, 0.09, 0, { heelUp: -20 })), frame(SIT, rightFoot(0.48, 0.09, 0, { heelUp: -34 }))],
      {
        props: [CHAIR],
        natural: 5,
      },
    ),
    'lift the heel': set(12),
  }),
  'wall-sit': figure(sitOnWall(0.29), {
    higher: sitOnWall(0.38),
    'one heel up': as(sitOnWall(0.29, rightFoot(0.22, 0.09, 0, { heelUp: 34 })), { view: 'side' }),
  }),
  'single-leg-stand': figure(still(oneLeg(arms(0, 64, 8)), around), {
    'toes of the other foot down': still(frame(STAND, rightFoot(0.1, 0.09, 0, { heelUp: 50 }), leftHand(0.36, 0.78)), {
      ...around,
      props: [wallAhead(0.4)],
    }),
    'fingertips on a wall': still(frame(oneLeg(arms(0, 30, 10)), leftHand(0.34, 0.78)), {
      ...around,
      props: [wallAhead(0.42)],
    }),
    'turn the head': there([oneLeg(arms(0, 64, 8)), frame(oneLeg(arms(0, 64, 8)), head(0, 0, 55))], {
      ...around,
      natural: 6,
    }),
  }),
  'glute-squeeze-standing': figure(squeeze, {
    sitting: there([SIT, frame(SIT, hips(0, 0.315), tilt(-4))], { props: [CHAIR], natural: 4 }),
    'one side at a time': as(there([STAND, frame(STAND, hips(0.02, 0.529), tilt(-4, 0, 8))], { natural: 4 }), {}),
  }),
  'standing-hip-hitch': figure(hitch(15, ON_HIPS), {
    'hold a wall': as(hitch(10, { ...ON_HIPS, ...leftHand(0.06, 0.68, 0.37) }), { props: [wallAside(-0.41)] }),
    'off the edge of a step': hitch(14, ON_HIPS, STEP_HEIGHT),
  }),
  'side-step-and-squeeze': figure(stepIn(false), {
    'sitting, press the knees out and in': seatedSpread,
    'hold a chair': as(stepIn(false, hands(0.34, 0.58, 0.1)), { props: [{ kind: 'chair', x: 0.5 }] }),
    'pause on one leg': stepIn(true),
  }),
  'heel-raise-with-a-squeeze': figure(raise(ON_HIPS), {
    'hold three at the top': still(frame(STAND, hips(0.03, 0.6), feet(0, 0.09, 0, { heelUp: 42 }), ON_HIPS), {
      natural: 4,
    }),
  }),
  'quarter-squat-pulses': figure(squatPulse(0.07, 0.05), {
    'rise from a chair, half way': there(
      [frame(SIT, tilt(26), arms(70, 4, 20)), frame(STAND, hips(0.04, 0.38), tilt(38), feet(0.25), arms(80, 4, 10))],
      { props: [CHAIR] },
    ),
    higher: squatPulse(0.03, 0.03),
    'on the toes': squatPulse(0.07, 0.05, arms(60, 4, 20), 34),
  }),
};
