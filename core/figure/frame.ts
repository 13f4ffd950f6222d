import type { Point } from './camera.ts';
import { drawingOf, type Drawing } from './drawing.ts';
import { jointsOf } from './joints.ts';
import type { Camera, Motion } from './motion.ts';
import type { Disc } from './outline.ts';
import { keyframeAt } from './poseAt.ts';

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
  const points = Array.from({ length: INSTANTS }, (_, index) => {
    const share = index / INSTANTS;
    return pointsOf(
      motion.close ?? false,
      drawingOf(motion, jointsOf(keyframeAt(motion, share)), share, 'right', camera, [], 'full'),
    );
  }).flat();
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const [left, right] = [Math.min(...xs) - MARGIN, Math.max(...xs) + MARGIN];
  const floor =
    camera === 'above' ? Math.max(...ys) + MARGIN : motion.close ? CLOSE : Math.max(MARGIN, ...ys.map((y) => y + 0.03));
  const top = Math.min(...ys) - MARGIN;
  const height = Math.max(motion.close ? least * 0.62 : least, floor - top, (right - left) / aspect);
  const width = height * aspect;
  const bottom = camera === 'above' ? (floor + top + height) / 2 : floor;
  return { x: (left + right - width) / 2, y: bottom - height, width, height };
}

function pointsOf(close: boolean, { pieces, props, discs, behind }: Drawing): readonly Point[] {
  const flesh = pieces.flatMap((piece) =>
    piece.kind === 'line'
      ? piece.strokes.flatMap(({ points }) => points)
      : piece.tone === 'halo'
        ? []
        : [...piece.discs.flatMap(cornersOf), ...piece.areas.flat()],
  );
  // A wall may run out of the picture: only where it stands counts.
  const walls = behind.flatMap(({ points }) => points.slice(0, 1));
  const things = [...props.flatMap(({ points }) => points), ...discs.flatMap(cornersOf)];
  return [...flesh, ...things, ...walls].filter(([, y]) => !close || y < CLOSE);
}

const cornersOf = ({ centre: [x, y], radius }: Disc): readonly Point[] => [
  [x - radius, y - radius],
  [x + radius, y + radius],
];
