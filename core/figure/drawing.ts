import type { Seconds } from '../units.ts';
import type { Beat } from './beat.ts';
import { bodyOf, type BodyPart } from './body.ts';
import { BUILDS, type BuildName } from './build.ts';
import { viewOf, type Point, type View } from './camera.ts';
import { jointsOf, type Joints } from './joints.ts';
import type { Camera, Motion } from './motion.ts';
import { circle, seenBy, type Disc, type Patch } from './outline.ts';
import { partOf } from './part.ts';
import type { Part } from './pose.ts';
import { keyframeAt, shareAt } from './poseAt.ts';
import type { Prop } from './prop.ts';
import { propShapes } from './propShapes.ts';
import type { Shape } from './shape.ts';
import type { Side } from './skeleton.ts';
import type { Vector } from './vector.ts';

export interface Stroke {
  readonly points: readonly Point[];
  readonly closed: boolean;
}

/** What a piece is painted in. A halo is the ground itself, kept free round what passes before something else. */
export type Tone = 'halo' | 'near' | 'far' | 'hair' | 'partner' | 'prop';

/** A piece of the picture: filled, or for a prop that is held a line. */
export type Piece =
  | ({ readonly kind: 'patch'; readonly tone: Tone } & Patch)
  | { readonly kind: 'line'; readonly tone: Tone; readonly strokes: readonly Stroke[] };

/** A picture of the figure, from back to front. */
export interface Drawing {
  /** Walls and what else lies behind. */
  readonly behind: readonly Stroke[];
  /** What people stand on, sit on or lean on. */
  readonly props: readonly Stroke[];
  readonly discs: readonly Disc[];
  /** The body with what it holds, and who helps: the nearest last. */
  readonly pieces: readonly Piece[];
  /** The joints being prepared. */
  readonly prepared: readonly Point[];
}

/** The picture of a motion at a time. For the left side the figure is turned round: the picture is its mirror image. */
export function drawingAt(
  motion: Motion,
  beat: Beat,
  side: Side,
  time: Seconds,
  camera: Camera,
  prepared: readonly Part[] = [],
  build: BuildName = 'slim',
): Drawing {
  const share = shareAt(beat, time);
  return drawingOf(motion, jointsOf(keyframeAt(motion, share)), share, side, camera, prepared, build);
}

/** The picture of joints, with the motion's props. */
export function drawingOf(
  motion: Motion,
  joints: Joints,
  share: number,
  side: Side,
  camera: Camera,
  prepared: readonly Part[] = [],
  build: BuildName = 'slim',
): Drawing {
  const view = viewOf(camera, side);
  const flat = camera === 'front' || camera === 'above';
  const stroke = (points: readonly Vector[], closed = false): Stroke => ({ points: points.map(view.project), closed });
  const props = motion.props ?? [];
  const standing = props.filter((prop) => !isHeld(prop)).flatMap((prop) => propShapes(prop, joints, share));
  const held = props.filter(isHeld).flatMap((prop) => propShapes(prop, joints, share));
  const lines = (background: boolean): readonly Stroke[] =>
    standing.flatMap((shape) =>
      shape.kind === 'line' && (shape.soft ?? false) === background ? [stroke(shape.points, shape.closed)] : [],
    );
  const placed = [
    ...(motion.partner
      ? bodyOf(jointsOf(motion.partner), BUILDS[build]).map((part) => placedPart(part, view, 'partner'))
      : []),
    ...bodyOf(joints, BUILDS[build]).map((part) =>
      placedPart(part, view, part.kind === 'hair' ? 'hair' : part.side === 'left' && !flat ? 'far' : 'near'),
    ),
    ...held.flatMap((shape) => placedShape(shape, view)),
  ];
  return {
    behind: lines(true),
    props: lines(false),
    discs: standing.flatMap((shape) => (shape.kind === 'disc' ? [discOf(shape, view)] : [])),
    pieces: placed.toSorted((one, other) => one.nearness - other.nearness).flatMap(({ pieces }) => pieces),
    prepared: prepared.map((part) => view.project(partOf(joints, part))),
  };
}

/** What is in the hands or round the legs passes before the body and behind it. */
export const isHeld = ({ kind }: Prop): boolean =>
  kind === 'held' || kind === 'stick' || kind === 'band' || kind === 'loop' || kind === 'rope';

/** Pieces, and how near to the eye they are. */
interface Placed {
  readonly nearness: number;
  readonly pieces: readonly Piece[];
}

const meanOf = (points: readonly Vector[], { nearness }: View): number =>
  points.reduce((sum, point) => sum + nearness(point), 0) / Math.max(1, points.length);

function placedPart({ hulls, edged, placedBy }: BodyPart, view: View, tone: Tone): Placed {
  // Far limbs have nothing behind them to be kept free of.
  const { patch, halo } = seenBy(view, hulls, tone === 'far' ? [] : edged, HALO);
  const pieces: readonly Piece[] = [
    ...(halo.outlines.length > 0 ? [{ kind: 'patch', tone: 'halo', ...halo } as const] : []),
    { kind: 'patch', tone, ...patch },
  ];
  return { nearness: meanOf(placedBy, view), pieces };
}

/** A held thing: its lines piece by piece, each where it is. */
function placedShape(shape: Shape, view: View): readonly Placed[] {
  if (shape.kind === 'disc') {
    const disc = discOf(shape, view);
    const piece: Piece = disc.filled
      ? { kind: 'patch', tone: 'prop', outlines: [[circle(disc)]] }
      : { kind: 'line', tone: 'prop', strokes: [ringOf(disc)] };
    return [{ nearness: view.nearness(shape.centre) + IN_HAND, pieces: [piece] }];
  }
  const points = shape.closed ? [...shape.points, ...shape.points.slice(0, 1)] : shape.points;
  return points.slice(1).flatMap((to, at): readonly Placed[] => {
    const from = points[at];
    if (!from) return [];
    const strokes = [{ points: [view.project(from), view.project(to)], closed: false }];
    return [{ nearness: meanOf([from, to], view) + IN_HAND, pieces: [{ kind: 'line', tone: 'prop', strokes }] }];
  });
}

/** The breadth of a halo, in statures. */
const HALO = 0.0085;

/** A thing in the hand is seen before the hand. */
const IN_HAND = 0.02;

function ringOf({ centre: [x, y], radius }: Disc): Stroke {
  const points = Array.from({ length: 20 }, (_, at): Point => {
    const angle = (at / 20) * 2 * Math.PI;
    return [x + radius * Math.cos(angle), y + radius * Math.sin(angle)];
  });
  return { points, closed: true };
}

const discOf = ({ centre, radius, filled }: Extract<Shape, { kind: 'disc' }>, { project }: View): Disc => ({
  centre: project(centre),
  radius,
  filled: filled ?? false,
});
