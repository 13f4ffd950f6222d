import type { Hull } from './body.ts';
import type { Point, View } from './camera.ts';

export interface Disc {
  readonly centre: Point;
  readonly radius: number;
  readonly filled: boolean;
}

/** A part of a circle: from one angle to a larger one, in radians, clockwise on a picture whose y points down. */
export interface Arc {
  readonly centre: Point;
  readonly radius: number;
  readonly from: number;
  readonly to: number;
}

/** Arcs round a convex shape, each joined to the next by a straight line, and the last to the first. */
export type Outline = readonly Arc[];

/** A filled part of the picture. All its outlines go round clockwise: laid over one another they are one. */
export interface Patch {
  readonly outlines: readonly Outline[];
}

/** A part of the body as it is seen, and what is kept free round it. */
export interface Seen {
  readonly patch: Patch;
  readonly halo: Patch;
}

/**
 * What hulls look like: the outline of the discs that their balls are.
 *
 * @param edged the hulls that have a halo
 * @param wider the breadth of it, in statures
 */
export function seenBy({ project }: View, hulls: readonly Hull[], edged: readonly Hull[], wider: number): Seen {
  const outlines: Outline[] = [];
  const wide: Outline[] = [];
  for (const hull of hulls) {
    const outline = outlineRound(hull.map(({ at, radius }) => ({ centre: project(at), radius })));
    outlines.push(outline);
    // Where all discs grow alike, their tangents only move outwards.
    if (edged.includes(hull)) wide.push(outline.map((arc) => ({ ...arc, radius: arc.radius + wider })));
  }
  return { patch: { outlines }, halo: { outlines: wide } };
}

type Round = Pick<Disc, 'centre' | 'radius'>;

const WHOLE_TURN = 2 * Math.PI;

/** A whole circle. */
export const circle = ({ centre, radius }: Round): Arc => ({ centre, radius, from: 0, to: WHOLE_TURN });

/** Where an arc is at an angle. */
export const pointOn = ({ centre: [x, y], radius }: Arc, angle: number): Point => [
  x + radius * Math.cos(angle),
  y + radius * Math.sin(angle),
];

/**
 * The outline of the convex hull of some discs, at least one. As a direction turns once round, the disc that lies furthest
 * that way changes where two of them share a tangent (the discs' support function).
 */
export function outlineRound(discs: readonly Round[]): Outline {
  const [one, other, ...more] = discs;
  if (one && other && more.length === 0) return outlineOfTwo(one, other);
  const first = furthest(discs, 0);
  if (!first) return [];
  const arcs: Arc[] = [];
  let here = first;
  let turned = 0;
  let began = 0;
  for (let steps = 0; steps < MOST_CHANGES * discs.length; steps += 1) {
    const change = nextChange(here, discs, turned);
    if (!change || turned + change.by >= WHOLE_TURN) break;
    turned += change.by;
    arcs.push({ ...arcOf(here), from: began, to: turned });
    began = turned;
    here = change.to;
  }
  const [opening, ...others] = arcs;
  if (!opening) return [circle(here)];
  // Where it comes back to the disc that it began with, the two arcs are one.
  return here === first
    ? [...others, { ...arcOf(here), from: began, to: opening.to + WHOLE_TURN }]
    : [...arcs, { ...arcOf(here), from: began, to: WHOLE_TURN }];
}

const arcOf = ({ centre, radius }: Round): Pick<Arc, 'centre' | 'radius'> => ({ centre, radius });

/** Most parts of a body are two balls. */
function outlineOfTwo(one: Round, other: Round): Outline {
  const [dx, dy] = [other.centre[0] - one.centre[0], other.centre[1] - one.centre[1]];
  const cosine = (one.radius - other.radius) / Math.sqrt(dx * dx + dy * dy);
  if (!(Math.abs(cosine) < 1)) return [circle(one.radius >= other.radius ? one : other)];
  const [towards, half] = [Math.atan2(dy, dx), Math.acos(cosine)];
  return [
    { ...arcOf(other), from: towards - half, to: towards + half },
    { ...arcOf(one), from: towards + half, to: towards - half + WHOLE_TURN },
  ];
}

/** A disc lies furthest once or twice as a direction turns round; more is a rounding error. */
const MOST_CHANGES = 3;

/** The disc that reaches furthest in a direction. */
function furthest(discs: readonly Round[], angle: number): Round | undefined {
  const [cosine, sine] = [Math.cos(angle), Math.sin(angle)];
  let [best, most]: [Round | undefined, number] = [undefined, -Infinity];
  for (const disc of discs) {
    const reach = disc.centre[0] * cosine + disc.centre[1] * sine + disc.radius;
    if (reach > most) [best, most] = [disc, reach];
  }
  return best;
}

/** The disc that reaches furthest next, and how far the direction turns until then; undefined where none ever does. */
function nextChange(from: Round, discs: readonly Round[], angle: number): { to: Round; by: number } | undefined {
  let [to, least]: [Round | undefined, number] = [undefined, Infinity];
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
