import { bodyOf } from './body.ts';
import { BUILDS } from './build.ts';
import { viewOf, type Point, type View } from './camera.ts';
import { drawingOf, isHeld, type Drawing } from './drawing.ts';
import { jointsOf, type Joints } from './joints.ts';
import type { Camera, Motion } from './motion.ts';
import { pointOn, type Disc } from './outline.ts';
import { keyframeAt } from './poseAt.ts';
import { propShapes } from './propShapes.ts';

/** The part of a picture's plane that is shown: right and down from its upper left corner, in fractions of stature. */
export interface Frame {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

const INSTANTS = 12;
const MARGIN = 0.05;
/** A close picture ends below the hips of somebody who stands. */
const CLOSE = -0.47;

/**
 * A frame that holds the figure through the whole of its motion. It is never narrower or lower than given, so that figures
 * side by side are drawn to one scale; what is added lies above and at both sides: the floor stays at the foot.
 *
 * @param aspect width divided by height
 * @param least least height, in statures
 */
export function frameOf(motion: Motion, camera: Camera, aspect: number, least = 1.06): Frame {
  const view = viewOf(camera, 'right');
  const shares = Array.from({ length: INSTANTS }, (_, index) => index / INSTANTS);
  const reach = reachOf(
    shares.flatMap((share) => {
      const joints = jointsOf(keyframeAt(motion, share));
      if (motion.close) return closePoints(drawingOf(motion, joints, share, 'right', camera, [], 'full'));
      return outermost(motion, joints, share, view);
    }),
  );
  const [left, right] = [reach.left - MARGIN, reach.right + MARGIN];
  const floor =
    camera === 'above' ? reach.bottom + MARGIN : motion.close ? CLOSE : Math.max(MARGIN, reach.bottom + 0.03);
  const top = reach.top - MARGIN;
  const height = Math.max(motion.close ? least * 0.62 : least, floor - top, (right - left) / aspect);
  const width = height * aspect;
  const bottom = camera === 'above' ? (floor + top + height) / 2 : floor;
  return { x: (left + right - width) / 2, y: bottom - height, width, height };
}

/** The least upright rectangle round some discs. */
function reachOf(discs: readonly Round[]): Readonly<Record<'left' | 'right' | 'top' | 'bottom', number>> {
  let [left, right, top, bottom] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const { centre, radius } of discs) {
    const [x, y] = centre;
    left = Math.min(left, x - radius);
    right = Math.max(right, x + radius);
    top = Math.min(top, y - radius);
    bottom = Math.max(bottom, y + radius);
  }
  return { left, right, top, bottom };
}

/** A disc of the picture; a point is one without a breadth. */
type Round = Pick<Disc, 'centre' | 'radius'>;
const point = (centre: Point): Round => ({ centre, radius: 0 });

/** How far the fuller body and its things reach: what is spanned round balls reaches no further than they do. */
function outermost(motion: Motion, joints: Joints, share: number, view: View): readonly Round[] {
  const bodies = [joints, ...(motion.partner ? [jointsOf(motion.partner)] : [])];
  const flesh = bodies.flatMap((one) =>
    bodyOf(one, BUILDS.full).flatMap(({ hulls }) =>
      hulls.flatMap((hull) => hull.map(({ at, radius }) => ({ centre: view.project(at), radius }))),
    ),
  );
  const things = (motion.props ?? []).flatMap((prop) =>
    propShapes(prop, joints, share).flatMap((shape): readonly Round[] => {
      if (shape.kind === 'disc') return [{ centre: view.project(shape.centre), radius: shape.radius }];
      // A wall may run out of the picture: only where it stands counts.
      const wall = shape.soft === true && !isHeld(prop);
      return (wall ? shape.points.slice(0, 1) : shape.points).map((one) => point(view.project(one)));
    }),
  );
  return [...flesh, ...things];
}

/** What a close picture shows of a drawing. */
function closePoints({ pieces, props, discs, behind }: Drawing): readonly Round[] {
  const flesh = pieces.flatMap((piece) => {
    if (piece.kind === 'line') return piece.strokes.flatMap(({ points }) => points);
    if (piece.tone === 'halo') return [];
    return piece.outlines.flat().flatMap((arc) => [...cornersOf(arc), pointOn(arc, arc.from), pointOn(arc, arc.to)]);
  });
  const walls = behind.flatMap(({ points }) => points.slice(0, 1));
  const things = [...props.flatMap(({ points }) => points), ...discs.flatMap(cornersOf)];
  return [...flesh, ...things, ...walls].filter(([, y]) => y < CLOSE).map(point);
}

const cornersOf = ({ centre: [x, y], radius }: Pick<Disc, 'centre' | 'radius'>): readonly Point[] => [
  [x - radius, y - radius],
  [x + radius, y + radius],
];
