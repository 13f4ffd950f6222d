/** A point or direction: x forward, y up, z to the figure's right. Lengths are fractions of stature. */
export type Vector = readonly [x: number, y: number, z: number];
/** A rotation as the images of the three axes. */
export type Rotation = readonly [x: Vector, y: Vector, z: Vector];

/** An angle in degrees. */
export type Degrees = number;

export const add = (a: Vector, b: Vector): Vector => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const subtract = (a: Vector, b: Vector): Vector => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const scale = (a: Vector, by: number): Vector => [a[0] * by, a[1] * by, a[2] * by];
export const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const length = (a: Vector): number => Math.hypot(...a);
export const distance = (a: Vector, b: Vector): number => length(subtract(a, b));

export function cross(a: Vector, b: Vector): Vector {
  return [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]];
}

/** The direction of a vector; `otherwise` where it has none. */
export function direction(a: Vector, otherwise: Vector = [1, 0, 0]): Vector {
  const size = length(a);
  return size < 1e-9 ? otherwise : scale(a, 1 / size);
}

/** The part of a vector at right angles to a direction. */
export function across(a: Vector, along: Vector): Vector {
  return subtract(a, scale(along, dot(a, along)));
}

export const radians = (degrees: Degrees): number => (degrees * Math.PI) / 180;
export const degrees = (angle: number): Degrees => (angle * 180) / Math.PI;

/** The angle between two directions. */
export function angleBetween(a: Vector, b: Vector): Degrees {
  return degrees(Math.acos(Math.max(-1, Math.min(1, dot(direction(a), direction(b))))));
}

/** A vector turned about an axis by the right-hand rule (Rodrigues). */
export function turn(a: Vector, axis: Vector, by: Degrees): Vector {
  const [cosine, sine] = [Math.cos(radians(by)), Math.sin(radians(by))];
  const along = scale(axis, dot(axis, a) * (1 - cosine));
  return add(add(scale(a, cosine), scale(cross(axis, a), sine)), along);
}

export const UPRIGHT: Rotation = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];

/** A vector of a rotated frame in the frame outside. */
export function outOf(rotation: Rotation, a: Vector): Vector {
  return add(add(scale(rotation[0], a[0]), scale(rotation[1], a[1])), scale(rotation[2], a[2]));
}

/** A vector of the frame outside in a rotated frame. */
export function into(rotation: Rotation, a: Vector): Vector {
  return [dot(rotation[0], a), dot(rotation[1], a), dot(rotation[2], a)];
}

/** How a part leans against the part below it. Forward, to the right, and turned to the left are positive. */
export interface Lean {
  readonly forward?: Degrees;
  readonly right?: Degrees;
  readonly left?: Degrees;
}

/** A frame that leans against another: first turned, then leaned to the side, then forward. */
export function leaned(frame: Rotation, { forward = 0, right = 0, left = 0 }: Lean): Rotation {
  const place = (a: Vector): Vector => {
    const bowed = turn(a, [0, 0, 1], -forward);
    const tipped = turn(bowed, [1, 0, 0], right);
    return outOf(frame, turn(tipped, [0, 1, 0], left));
  };
  return [place([1, 0, 0]), place([0, 1, 0]), place([0, 0, 1])];
}
