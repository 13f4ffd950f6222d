import type { Vector } from './vector.ts';

/** A drawn piece of a prop: a line through points (closed or not) or a disc, `soft` where it lies in the background. */
export type Shape =
  | { readonly kind: 'line'; readonly points: readonly Vector[]; readonly closed?: boolean; readonly soft?: boolean }
  | { readonly kind: 'disc'; readonly centre: Vector; readonly radius: number; readonly filled?: boolean };

export const line = (...points: readonly Vector[]): Shape => ({ kind: 'line', points });
export const loop = (...points: readonly Vector[]): Shape => ({ kind: 'line', points, closed: true });
export const soft = (...points: readonly Vector[]): Shape => ({ kind: 'line', points, soft: true });
export const disc = (centre: Vector, radius: number, filled = false): Shape => ({
  kind: 'disc',
  centre,
  radius,
  filled,
});

/** The edges of a box between two corners. */
export function box([x0, y0, z0]: Vector, [x1, y1, z1]: Vector): readonly Shape[] {
  return [
    loop([x0, y0, z1], [x1, y0, z1], [x1, y1, z1], [x0, y1, z1]),
    loop([x0, y1, z0], [x1, y1, z0], [x1, y1, z1], [x0, y1, z1]),
    loop([x1, y0, z0], [x1, y1, z0], [x1, y1, z1], [x1, y0, z1]),
  ];
}

/** Points round a circle: in the plane across `along`. */
export function circle(centre: Vector, radius: number, along: 'x' | 'z', count = 16): readonly Vector[] {
  return Array.from({ length: count }, (_, index) => {
    const [a, b] = [Math.cos((index / count) * 2 * Math.PI) * radius, Math.sin((index / count) * 2 * Math.PI) * radius];
    const [x, y, z] = centre;
    return along === 'x' ? [x, y + a, z + b] : [x + a, y + b, z];
  });
}
