import type { Ball, Hull } from './body.ts';
import type { Point, View } from './camera.ts';

export interface Disc {
  readonly centre: Point;
  readonly radius: number;
  readonly filled: boolean;
}

/** Filled parts of the picture: discs, and areas whose corners go round clockwise, as the discs do: laid over one another they are one. */
export interface Patch {
  readonly discs: readonly Disc[];
  readonly areas: readonly (readonly Point[])[];
}

/** A part of the body as it is seen, and what is kept free round it. */
export interface Seen {
  readonly patch: Patch;
  readonly halo: Patch;
}

/**
 * What hulls look like: the discs of their balls, and the area between the tangents that lie round them.
 *
 * @param edged the hulls that have a halo
 * @param wider the breadth of it, in statures
 */
export function seenBy({ project }: View, hulls: readonly Hull[], edged: readonly Hull[], wider: number): Seen {
  const discs = new Map<Ball, Disc>();
  const discOf = (ball: Ball): Disc => {
    const known = discs.get(ball);
    if (known) return known;
    const disc = { centre: project(ball.at), radius: ball.radius, filled: true };
    discs.set(ball, disc);
    return disc;
  };
  const areas: (readonly Point[])[] = [];
  const round: (readonly Point[])[] = [];
  for (const hull of hulls) {
    const skin = skinRound(hull.map(discOf));
    if (skin.length <= 2) continue;
    areas.push(skin.map(({ at }) => at));
    // Where all discs grow alike, their tangents only move outwards.
    if (edged.includes(hull)) round.push(skin.map(({ at: [x, y], out: [u, v] }) => [x + wider * u, y + wider * v]));
  }
  const balls = new Set(edged.flat());
  const wide = [...discs].flatMap(([ball, disc]) =>
    balls.has(ball) ? [{ ...disc, radius: disc.radius + wider }] : [],
  );
  return { patch: { discs: [...discs.values()], areas }, halo: { discs: wide, areas: round } };
}

/** A corner of a skin, with the direction out of it. */
interface Corner {
  readonly at: Point;
  readonly out: Point;
}

const WHOLE_TURN = 2 * Math.PI;

/**
 * The points where the tangents round some discs touch them, clockwise on a picture whose y points down: with the discs
 * themselves they are their convex hull. As a direction turns once round, the disc that lies furthest that way changes
 * where two of them share a tangent (the discs' support function).
 */
export function skinRound(discs: readonly Disc[]): readonly Corner[] {
  let here = furthest(discs, 0);
  if (!here || discs.length < 2) return [];
  const corners: Corner[] = [];
  let turned = 0;
  for (let steps = 0; steps < MOST_CHANGES * discs.length; steps += 1) {
    const change = nextChange(here, discs, turned);
    if (!change || turned + change.by >= WHOLE_TURN) break;
    turned += change.by;
    const out: Point = [Math.cos(turned), Math.sin(turned)];
    corners.push(touching(here, out), touching(change.to, out));
    here = change.to;
  }
  return corners;
}

/** A disc lies furthest once or twice as a direction turns round; more is a rounding error. */
const MOST_CHANGES = 3;

const touching = ({ centre: [x, y], radius }: Disc, out: Point): Corner => ({
  at: [x + radius * out[0], y + radius * out[1]],
  out,
});

/** The disc that reaches furthest in a direction. */
function furthest(discs: readonly Disc[], angle: number): Disc | undefined {
  const [cosine, sine] = [Math.cos(angle), Math.sin(angle)];
  let [best, most]: [Disc | undefined, number] = [undefined, -Infinity];
  for (const disc of discs) {
    const reach = disc.centre[0] * cosine + disc.centre[1] * sine + disc.radius;
    if (reach > most) [best, most] = [disc, reach];
  }
  return best;
}

/** The disc that reaches furthest next, and how far the direction turns until then; undefined where none ever does. */
function nextChange(from: Disc, discs: readonly Disc[], angle: number): { to: Disc; by: number } | undefined {
  let [to, least]: [Disc | undefined, number] = [undefined, Infinity];
  for (const other of discs) {
    if (other === from) continue;
    const [dx, dy] = [other.centre[0] - from.centre[0], other.centre[1] - from.centre[1]];
    const apart = Math.sqrt(dx * dx + dy * dy);
    const cosine = (from.radius - other.radius) / apart;
    if (!(Math.abs(cosine) < 1)) continue;
    const by = (Math.atan2(dy, dx) - Math.acos(cosine) - angle) % WHOLE_TURN;
    const ahead = by < -ROUNDING ? by + WHOLE_TURN : Math.max(0, by);
    if (ahead < least) [to, least] = [other, ahead];
  }
  return to && { to, by: least };
}

const ROUNDING = 1e-9;

/** Twice the area within points, positive where they go round clockwise on a picture whose y points down. */
export const turningArea = (points: readonly Point[]): number =>
  points.reduce((sum, [x, y], at) => {
    const [nextX, nextY] = points[(at + 1) % points.length] ?? [0, 0];
    return sum + x * nextY - nextX * y;
  }, 0);
