import { across, add, direction, length, scale, subtract, type Vector } from './vector.ts';

/**
 * The knee or elbow between two ends, on the side that the pole points to. Ends too far apart leave the limb straight and
 * pointing at the far end.
 *
 * @param upper length of the bone at `from`
 * @param lower length of the bone at `to`
 */
export function middleJoint(from: Vector, to: Vector, upper: number, lower: number, pole: Vector): Vector {
  const line = subtract(to, from);
  const reach = Math.max(Math.min(length(line), upper + lower - 1e-6), Math.abs(upper - lower) + 1e-6);
  const along = direction(line, [0, -1, 0]);
  const side = direction(across(pole, along), across([0, 0, 1], along));
  const cosine = Math.max(-1, Math.min(1, (upper * upper + reach * reach - lower * lower) / (2 * upper * reach)));
  return add(from, add(scale(along, upper * cosine), scale(side, upper * Math.sqrt(1 - cosine * cosine))));
}
