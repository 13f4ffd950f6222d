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
export const length = ([x, y, z]: Vector): number => Math.sqrt(x * x + y * y + z * z);
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
  if (by === 0) return a;
  const angle = radians(by);
  const [cosine, sine] = [Math.cos(angle), Math.sin(angle)];
  const [[x, y, z], [u, v, w]] = [a, axis];
  const along = (u * x + v * y + w * z) * (1 - cosine);
  return [
    x * cosine + (v * z - w * y) * sine + u * along,
    y * cosine + (w * x - u * z) * sine + v * along,
    z * cosine + (u * y - v * x) * sine + w * along,
  ];
}

export const UPRIGHT: Rotation = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];

/** A vector of a rotated frame in the frame outside. */
export function outOf(rotation: Rotation, a: Vector): Vector {
  const [x, y, z] = rotation;
  return [
    x[0] * a[0] + y[0] * a[1] + z[0] * a[2],
    x[1] * a[0] + y[1] * a[1] + z[1] * a[2],
    x[2] * a[0] + y[2] * a[1] + z[2] * a[2],
  ];
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

/**
 * A frame that leans against another: first bowed forward, then tipped to the right, then turned to the left. Written out
 * for the three axes: every figure leans four times a frame.
 */
export function leaned(frame: Rotation, { forward = 0, right = 0, left = 0 }: Lean): Rotation {
  if (forward === 0 && right === 0 && left === 0) return frame;
  const [bow, tip, twist] = [radians(forward), radians(right), radians(left)];
  const [cosBow, sinBow] = [Math.cos(bow), Math.sin(bow)];
  const [cosTip, sinTip] = [Math.cos(tip), Math.sin(tip)];
  const [cosTwist, sinTwist] = [Math.cos(twist), Math.sin(twist)];
  const twisted = (x: number, y: number, z: number): Vector =>
    outOf(frame, [x * cosTwist + z * sinTwist, y, z * cosTwist - x * sinTwist]);
  return [
    twisted(cosBow, -sinBow * cosTip, -sinBow * sinTip),
    twisted(sinBow, cosBow * cosTip, cosBow * sinTip),
    twisted(0, -sinTip, cosTip),
  ];
}

/**
 * Where a limb that hangs down points once it is swung out to a side and then forward, and the axis its next joint bends
 * about; both in the frame it hangs in.
 */
export function swung(forward: Degrees, out: Degrees, sign: 1 | -1): { readonly along: Vector; readonly axis: Vector } {
  const [ahead, aside] = [radians(forward), sign * radians(out)];
  const [cosAhead, sinAhead] = [Math.cos(ahead), Math.sin(ahead)];
  const [cosAside, sinAside] = [Math.cos(aside), Math.sin(aside)];
  return {
    along: [cosAside * sinAhead, -cosAside * cosAhead, sinAside],
    axis: [-sinAside * sinAhead, sinAside * cosAhead, cosAside],
  };
}
