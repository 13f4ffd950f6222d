import type { ArmJoints } from './arms.ts';
import type { Build } from './build.ts';
import type { Joints } from './joints.ts';
import type { LegJoints } from './legs.ts';
import { SIDES, type Side } from './skeleton.ts';
import { add, cross, direction, scale, subtract, type Vector } from './vector.ts';

/** A ball of flesh round a joint. */
export interface Ball {
  readonly at: Vector;
  readonly radius: number;
}
/** What is spanned round balls: one part of the body is several of them. */
export type Hull = readonly Ball[];

/** A part of the body that is painted as one. */
export interface BodyPart {
  readonly kind: 'trunk' | 'head' | 'hair' | 'leg' | 'arm';
  readonly side?: Side;
  readonly hulls: readonly Hull[];
  /** The hulls whose edge is kept free of what lies behind them: a thigh runs into the hips without one. */
  readonly edged: readonly Hull[];
  /** The joints that say how near it is. */
  readonly placedBy: readonly Vector[];
}

const ball = (at: Vector, radius: number): Ball => ({ at, radius });
const along = (from: Vector, to: Vector, share: number): Vector => add(from, scale(subtract(to, from), share));

/** The flesh of a figure, part by part. */
export function bodyOf(joints: Joints, build: Build): readonly BodyPart[] {
  return [
    trunkOf(joints, build),
    ...headOf(joints, build),
    ...SIDES.map((side) => legOf(joints.legs[side], side, joints.pelvis, build)),
    ...SIDES.map((side) => armOf(joints.arms[side], side, joints.chestFrame[2], build)),
  ];
}

function trunkOf({ pelvis, waist, neck, arms, legs, pelvisFrame, chestFrame }: Joints, build: Build): BodyPart {
  const both = (middle: Vector, aside: Vector, half: number, radius: number): Hull =>
    [half, -half].map((by) => ball(add(middle, scale(aside, by)), radius));
  const shoulders = SIDES.map((side) => ball(arms[side].shoulder, build.shoulder));
  const chest = both(along(waist, neck, 0.5), chestFrame[2], build.chestHalf, build.chest);
  const middle = both(waist, chestFrame[2], build.waistHalf, build.waist);
  const hips = SIDES.map((side) => ball(along(pelvis, legs[side].hip, 0.62), build.hip));
  const seat = hips.map(({ at }) => ball(add(at, scale(pelvisFrame[0], -0.022)), build.seat));
  const collar = ball(add(neck, scale(chestFrame[1], 0.008)), build.neck);
  return {
    kind: 'trunk',
    hulls: [
      [...shoulders, collar],
      [...shoulders, ...chest],
      [...chest, ...middle],
      [...middle, ...hips, ...seat],
    ],
    edged: [],
    placedBy: [pelvis, waist, neck],
  };
}

/** Round the head: a skull with a chin and a nose, and hair that tells the back of it from the front. */
function headOf({ head, neck, headFrame }: Joints, build: Build): readonly BodyPart[] {
  const [ahead, up] = headFrame;
  const at = (forward: number, over: number): Vector => add(head, add(scale(ahead, forward), scale(up, over)));
  const skull = [ball(at(-0.002, 0.008), 0.049), ball(at(0.014, -0.034), 0.03)];
  const nose = [ball(at(0.03, -0.002), 0.024), ball(at(0.055, -0.012), 0.007)];
  return [
    {
      kind: 'head',
      hulls: [skull, nose, [ball(neck, build.neck), ball(at(0, -0.03), 0.03)]],
      edged: [skull],
      placedBy: [head],
    },
    {
      kind: 'hair',
      hulls: [[ball(at(-0.012, 0.03), 0.046), ball(at(-0.031, 0), 0.034)], [ball(at(-0.066, 0.016), 0.018)]],
      edged: [],
      placedBy: [at(-0.03, 0.02)],
    },
  ];
}

function legOf(
  { hip, knee, ankle, heel, ball: front, toe }: LegJoints,
  side: Side,
  pelvis: Vector,
  build: Build,
): BodyPart {
  const aside = direction(cross(subtract(front, heel), subtract(ankle, heel)), [0, 0, 1]);
  const sole = [build.footHalf, -build.footHalf].map((by) => ball(add(front, scale(aside, by)), build.toe * 1.25));
  // The inside of the thigh runs up to the other one.
  const inner = ball(add(along(hip, pelvis, 0.42), scale(subtract(knee, hip), 0.16)), build.thigh * 0.85);
  const calf = ball(along(knee, ankle, 0.28), build.calf);
  const lower: readonly Hull[] = [
    [ball(knee, build.knee), calf],
    [calf, ball(ankle, build.ankle)],
    [ball(ankle, build.ankle), ball(heel, build.heel)],
    [ball(heel, build.heel), ...sole],
    [ball(ankle, build.ankle), ...sole],
    [...sole, ball(toe, build.toe)],
  ];
  return {
    kind: 'leg',
    side,
    hulls: [[ball(along(hip, knee, 0.06), build.thigh), inner, ball(knee, build.knee)], ...lower],
    edged: lower,
    placedBy: [hip, knee, ankle],
  };
}

function armOf(
  { shoulder, elbow, wrist, fingers, spread }: ArmJoints,
  side: Side,
  across: Vector,
  build: Build,
): BodyPart {
  const palm = along(wrist, fingers, 0.4);
  const hulls: readonly Hull[] = [
    [ball(shoulder, build.shoulder), ball(elbow, build.elbow)],
    [ball(elbow, build.elbow), ball(along(elbow, wrist, 0.25), build.elbow)],
    [ball(along(elbow, wrist, 0.25), build.elbow), ball(wrist, build.wrist)],
    [ball(wrist, build.wrist), ball(palm, spread < -0.5 ? build.palm * 1.15 : build.palm)],
    ...fingersOf(palm, fingers, spread, across, build),
  ];
  return { kind: 'arm', side, hulls, edged: hulls, placedBy: [along(shoulder, elbow, 0.5), elbow, wrist, palm] };
}

/** The fingers: together, three where they are spread, and none where the hand is a fist. */
function fingersOf(palm: Vector, tip: Vector, spread: number, across: Vector, build: Build): readonly Hull[] {
  if (spread < -0.5) return [];
  const end = along(palm, tip, spread < 0 ? 0.5 : 0.85);
  const straight: Hull = [ball(palm, build.palm * 0.85), ball(end, build.fingertip)];
  if (spread <= 0.05) return [straight];
  const aside = scale(across, 0.05 * spread);
  return [
    straight,
    ...[aside, scale(aside, -1)].map((by) => [ball(palm, build.fingertip), ball(add(end, by), build.fingertip * 0.8)]),
  ];
}
