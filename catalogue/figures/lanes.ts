import type { Figures, Motion } from '@prompt-spark/core/figure/motion';
import { SEAT_HEIGHT, STEP_HEIGHT, type Prop } from '@prompt-spark/core/figure/prop';
import type { Pose } from '@prompt-spark/core/figure/pose';
import {
  arms,
  as,
  feet,
  figure,
  frame,
  hands,
  head,
  hips,
  leftFoot,
  leftHand,
  lying,
  rightFoot,
  rightHand,
  rightLeg,
  round,
  spine,
  step,
  there,
  tilt,
  type Parts,
  leftLeg,
} from './authoring.ts';
import { LOOSE, swung, walk } from './gaits.ts';
import { CHAIR, SIT, STAND } from './postures.ts';

const around = { view: 'three-quarter' } as const;
const chairAside: Prop = { kind: 'chair', x: 0.08, z: -0.47, turned: 90 };
const onChair = leftHand(0.08, 0.58, -0.31);
const backward = (motion: Motion, travel: number): Motion =>
  round(motion.keyframes.toReversed(), { reps: motion.reps, natural: motion.natural, travel: [-travel, 0] });

/** Knee up, the shin thrown out long, then pawed back to the ground under the hips. */
const pawing = (lift: number, natural: number): Motion =>
  step(
    [
      frame(LOOSE, tilt(2), lying(0, lift), rightLeg(92, 96, 12), leftLeg(-2, 4, -24), swung(48, 88)),
      frame(LOOSE, tilt(2), lying(0, lift * 0.6), rightLeg(78, 8, 14), leftLeg(-2, 4, -16), swung(36, 88)),
      frame(LOOSE, tilt(4), rightLeg(26, 4, 8), leftLeg(2, 10, -4), swung(16, 84)),
    ],
    { natural, travel: [0.8, 0] },
  );

/** Forward, forward, back, back round the corners of a box, seen from in front. */
const box = (lift: number, about: Parts = {}): Motion => {
  const at = (right: number, left: number, wide: number): Pose =>
    frame(
      STAND,
      hips(((right + left) / 2) * 0.9, 0.515 + lift),
      rightFoot(right, wide),
      leftFoot(left, wide),
      right >= left ? swung(-18, 40) : swung(18, 40),
      about,
    );
  return round([at(0.2, 0, 0.2), at(0.2, 0.2, 0.24), at(0, 0.2, 0.12), at(0, 0, 0.08)], {
    natural: 2,
    reps: 1,
    ...around,
  });
};
const digs = (natural: number, about: Parts = {}): Motion =>
  step(
    [
      frame(STAND, hips(-0.02, 0.515), tilt(2), feet(0), arms(10, 10, 40), about),
      frame(
        STAND,
        hips(-0.05, 0.49),
        tilt(8),
        rightFoot(0.26, 0.09, 0, { heelUp: -34 }),
        leftFoot(0),
        arms(54, 6, 40),
        about,
      ),
    ],
    { natural, ...around },
  );

/** One foot set close before the other along a line, arms out for balance. */
const tightrope = (apart: number, natural = 2): Motion => {
  const out = arms(0, 74, 8);
  return step(
    [
      frame(STAND, hips(0, 0.515), rightFoot(apart * 0.5, 0.008), leftFoot(-apart * 0.5, 0.008), out),
      frame(
        STAND,
        hips(0.02, 0.52),
        rightFoot(0, 0.008),
        leftFoot(0.02, 0.03, 0.06, { heelUp: 10 }),
        arms(0, 82, 8),
        head(10),
      ),
    ],
    { natural, travel: [apart, 0], ...around },
  );
};

/** Small quick steps: the heel of the one passes the ankle of the other. */
const dribble = (knee: number, hip: number, natural: number): Motion =>
  step(
    [
      frame(LOOSE, tilt(4), rightLeg(hip * 0.5, 14, 6), leftLeg(-8, 24, -16), swung(14, 84)),
      frame(LOOSE, tilt(4), rightLeg(hip, knee, 4), leftLeg(2, 8, 2), swung(6, 84)),
    ],
    { natural, travel: [0.4, 0] },
  );

/** Long legs that swing from the hip and pull the ground back. */
const straight = (reach: number, lift: number, natural: number, travel: number): Motion =>
  step(
    [
      frame(LOOSE, tilt(-4), lying(0, lift), rightLeg(reach, 4, 18), leftLeg(-18, 6, -20), swung(44, 80)),
      frame(LOOSE, tilt(-2), rightLeg(10, 4, 10), leftLeg(6, 8, -4), swung(8, 80)),
    ],
    { natural, travel: [travel, 0] },
  );

/** A skip that goes backward, looking over the shoulder. */
const skipBack = (hip: number, lift: number, travel: number): Motion => {
  const up = (leg: number): Pose =>
    frame(
      LOOSE,
      tilt(6),
      lying(0, lift),
      rightLeg(leg, leg + 14, 8),
      leftLeg(-2, 6, -30),
      swung(-34, 80),
      head(0, 0, 44),
    );
  const landed = frame(LOOSE, tilt(10), rightLeg(-16, 30, -10), leftLeg(14, 26, 12), swung(-10, 80), head(0, 0, 44));
  return step([up(hip), landed], { natural: 1.1, travel: [-travel, 0] });
};

/** Hips up between hands behind and feet in front, hand and other foot together. */
const crab = (travel: number, reach: boolean): Motion => {
  const base = frame(STAND, hips(0, 0.22), tilt(-52), head(26), feet(0.3, 0.11));
  const fingers = { fingersTo: [1, 0, 0.2] as const };
  const pose = (rightUp: boolean): Pose =>
    frame(
      base,
      rightFoot(rightUp ? 0.36 : 0.26, 0.11, rightUp ? 0.05 : 0),
      leftFoot(rightUp ? 0.26 : 0.36, 0.11, rightUp ? 0 : 0.05),
      rightHand(rightUp ? -0.28 : -0.2, 0.02, 0.17, fingers),
      leftHand(rightUp ? -0.2 : -0.28, 0.02, 0.17, fingers),
    );
  if (!reach) return round([pose(true), pose(false)], { reps: 2, natural: 1.8, travel: [travel, 0] });
  const touching = frame(
    base,
    hips(0, 0.24),
    spine(10, 0, 14),
    rightFoot(0.3, 0.11),
    leftFoot(0.34, 0.1, 0.22),
    rightHand(0.22, 0.42, 0.0),
    leftHand(-0.24, 0.02, 0.17, fingers),
  );
  const down = frame(base, rightHand(-0.24, 0.02, 0.17, fingers), leftHand(-0.24, 0.02, 0.17, fingers));
  return step([down, touching], { natural: 2.4 });
};

/** Hands down, hips high: one knee bends, then the other. */
const elephant = (palms: Parts, lean: number, curl: number, props: readonly Prop[] = []): Motion =>
  step(
    [
      frame(
        STAND,
        hips(-0.06, 0.49, 0.02),
        tilt(lean, 4),
        spine(curl),
        head(16),
        leftFoot(0),
        rightFoot(0, 0.09, 0, { heelUp: 30 }),
        palms,
      ),
    ],
    { natural: 4, props },
  );

/** Off a step, and at once up again. */
const drop = (height: number, rebound: boolean, stick: boolean): Motion => {
  const step: Prop = { kind: 'block', x: -0.16, height, deep: 0.3, wide: 0.5 };
  const onTop = frame(STAND, hips(-0.14, 0.529 + height), feet(-0.14, 0.09, height), arms(10, 10, 20));
  const off = frame(
    STAND,
    hips(0.02, 0.51 + height),
    leftFoot(-0.1, 0.09, height, { heelUp: 20 }),
    rightFoot(0.14, 0.09, height * 0.7),
    arms(30, 12, 30),
  );
  const landed = frame(
    STAND,
    hips(0.1, rebound ? 0.44 : 0.36),
    tilt(rebound ? 20 : 34),
    feet(0.18, 0.1),
    stick ? arms(60, 8, 20) : arms(-24, 12, 20),
  );
  const flown = frame(STAND, hips(0.2, 0.74), feet(0.2, 0.09, 0.18, { heelUp: 30 }), arms(150, 8, 10));
  const poses = rebound ? [onTop, off, landed, flown, landed] : [onTop, off, landed, landed];
  const [first, second, ...rest] = poses;
  if (!first || !second) throw new Error('A drop has a way down.');
  return there([first, second, ...rest], { natural: 3, props: [step] });
};

/** Drills along a lane or on the spot, foot by foot. */
export const laneFigures: Figures = {
  'b-skip': figure(pawing(0.03, 1), {
    'walk it': as(pawing(0, 1.7), { travel: [0.5, 0] }),
    quicker: pawing(0.04, 0.75),
  }),
  'box-step': figure(box(0), {
    'sitting, step it': round(
      [
        frame(SIT, rightFoot(0.36), leftFoot(0.24)),
        frame(SIT, rightFoot(0.36), leftFoot(0.36)),
        frame(SIT, rightFoot(0.22), leftFoot(0.36)),
        frame(SIT, feet(0.22)),
      ],
      { props: [CHAIR], natural: 2.6, reps: 1, ...around },
    ),
    'hold a chair': as(box(0, onChair), { props: [chairAside] }),
    'with a bounce': as(box(0.014), { natural: 1.4 }),
  }),
  'heel-digs': figure(digs(1.6), {
    sitting: step(
      [frame(SIT, feet(0.22)), frame(SIT, rightFoot(0.4, 0.09, 0, { heelUp: -32 }), leftFoot(0.22), arms(60, 4, 40))],
      { props: [CHAIR], natural: 1.8, ...around },
    ),
    'hold a chair': as(digs(1.8, onChair), { props: [chairAside] }),
    quicker: digs(1),
  }),
  'heel-to-toe-walk': figure(tightrope(0.17), {
    'feet a hand apart': tightrope(0.26),
    backward: backward(tightrope(0.17), 0.17),
  }),
  'ankle-dribbles': figure(dribble(44, 18, 0.7), {
    'walk it': as(dribble(34, 14, 1.3), {}),
    'step over the calf': dribble(74, 34, 0.7),
  }),
  'straight-leg-run': figure(straight(46, 0.03, 0.7, 1.1), {
    'straight-leg march': straight(52, 0, 1.5, 0.6),
    'longer strides': straight(54, 0.04, 0.7, 1.5),
  }),
  'backward-skip': figure(skipBack(62, 0.035, 0.8), {
    'walk backward': backward(walk, 0.8),
    'further each time': skipBack(70, 0.05, 1.2),
  }),
  'crab-walk': figure(crab(0.4, false), {
    'on the spot': crab(0, false),
    'reach to the foot': crab(0, true),
  }),
  'elephant-walk': figure(elephant(hands(0.16, 0.05, 0.12), 88, 44), {
    'hands on a chair seat': elephant(hands(0.36, SEAT_HEIGHT + 0.02, 0.12), 82, 12, [
      { kind: 'chair', x: 0.42, turned: 180 },
    ]),
    'hands flat': elephant(hands(0.2, 0.02, 0.12, { fingersTo: [1, 0, 0] }), 87, 47),
  }),
  'drop-jump': figure(drop(STEP_HEIGHT + 0.05, true, false), {
    'step down softly': drop(STEP_HEIGHT, false, false),
    'step off and stick': drop(STEP_HEIGHT + 0.05, false, true),
  }),
};
