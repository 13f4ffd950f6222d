import type { Joints } from './joints.ts';
import { SIDES, signOf, type Side } from './skeleton.ts';
import {
  angleBetween,
  cross,
  degrees,
  direction,
  dot,
  into,
  subtract,
  swung,
  turn,
  type Degrees,
  type Vector,
} from './vector.ts';

/**
 * Normal ranges of movement in degrees: American Academy of Orthopaedic Surgeons, The Clinical Measurement of Joint Motion
 * (1994). Values from memory. Turning out and in is of the thigh with the knee bent, and of the arm with the elbow bent; the trunk
 * is thoracolumbar.
 */
export const NORMAL_RANGE = {
  'hip forward': [-30, 120],
  'hip out': [-30, 45],
  'thigh turned out': [-45, 45],
  'knee bend': [0, 135],
  'toes up': [-50, 20],
  'arm behind': [-90, 60],
  'arm across': [-180, 45],
  'arm turned out': [-70, 90],
  'elbow bend': [0, 150],
  'trunk forward': [-25, 80],
  'trunk aside': [-35, 35],
  'trunk turn': [-45, 45],
  'head forward': [-45, 45],
  'head aside': [-45, 45],
  'head turn': [-60, 60],
} as const satisfies Readonly<Record<string, readonly [Degrees, Degrees]>>;
export type Angle = keyof typeof NORMAL_RANGE;

/** The angles of both legs' and arms' joints. An angle that has no meaning in a position is left out. */
export function limbAngles(joints: Joints): readonly (readonly [Angle, Degrees])[] {
  return SIDES.flatMap((side) => [...legAngles(joints, side), ...armAngles(joints, side)]);
}

function legAngles({ legs, pelvisFrame }: Joints, side: Side): readonly (readonly [Angle, Degrees])[] {
  const { hip, knee, ankle, heel, ball } = legs[side];
  const sign = signOf(side);
  const thigh = into(pelvisFrame, direction(subtract(knee, hip)));
  const shank = into(pelvisFrame, direction(subtract(ankle, knee)));
  const forward = degrees(Math.atan2(thigh[0], -thigh[1]));
  const out = degrees(Math.asin(clamp(thigh[2] * sign)));
  const bend = angleBetween(thigh, shank);
  const angles: [Angle, Degrees][] = [
    ['hip forward', forward],
    ['hip out', out],
    ['knee bend', bend],
    ['toes up', angleBetween(subtract(ball, heel), subtract(ankle, knee)) - 90],
  ];
  // A straight knee says nothing of how the thigh is turned.
  if (bend > 20) angles.push(['thigh turned out', turnedOut(thigh, shank, forward, out, sign)]);
  return angles;
}

function turnedOut(thigh: Vector, shank: Vector, forward: Degrees, out: Degrees, sign: 1 | -1): Degrees {
  const straight = swung(forward, out, sign).axis;
  const axis = direction(cross(shank, thigh));
  return sign * degrees(Math.atan2(dot(cross(straight, axis), thigh), dot(straight, axis)));
}

function armAngles({ arms, chestFrame }: Joints, side: Side): readonly (readonly [Angle, Degrees])[] {
  const { shoulder, elbow, wrist } = arms[side];
  const upper = into(chestFrame, direction(subtract(elbow, shoulder)));
  const angles: [Angle, Degrees][] = [
    ['arm behind', degrees(Math.asin(clamp(-upper[0])))],
    ['elbow bend', angleBetween(subtract(elbow, shoulder), subtract(wrist, elbow))],
  ];
  const fore = into(chestFrame, direction(subtract(wrist, elbow)));
  // A straight elbow says nothing of how the arm is turned, nor does an arm that points up: it can have come there by many ways.
  if (angleBetween(upper, fore) > 45 && upper[1] < 0.8)
    angles.push(['arm turned out', armTurnedOut(upper, fore, signOf(side))]);
  if (upper[1] < 0.5) angles.push(['arm across', degrees(Math.asin(clamp(-upper[2] * signOf(side))))]);
  return angles;
}

/**
 * How far the upper arm is turned out, from where it would be had it swung from the side the shortest way: the forearm then
 * points ahead when the arm hangs or is out to the side, and up when it is ahead.
 */
function armTurnedOut(upper: Vector, fore: Vector, sign: 1 | -1): Degrees {
  const hanging: Vector = [0, -1, 0];
  const straight = turn([1, 0, 0], direction(cross(hanging, upper)), angleBetween(hanging, upper));
  const ahead = direction(cross(upper, cross(straight, upper)));
  const points = direction(cross(upper, cross(fore, upper)));
  return sign * degrees(Math.atan2(dot(cross(ahead, points), upper), dot(ahead, points)));
}

const clamp = (value: number): number => Math.max(-1, Math.min(1, value));
