import type { Seconds } from '../units.ts';
import type { Beat } from './beat.ts';
import { jointsOf, type Joints } from './joints.ts';
import type { Camera, Motion } from './motion.ts';
import { partOf } from './part.ts';
import { keyframeAt, shareAt } from './poseAt.ts';
import type { Part } from './pose.ts';
import { propShapes } from './propShapes.ts';
import type { Shape } from './shape.ts';
import { SEGMENTS, SIDES, type Side } from './skeleton.ts';
import { add, radians, scale, type Vector } from './vector.ts';

/** A point of the picture: right and down, in fractions of stature; the floor is at 0. */
export type Point = readonly [x: number, y: number];
export interface Disc {
  readonly centre: Point;
  readonly radius: number;
  readonly filled: boolean;
}
export interface Stroke {
  readonly points: readonly Point[];
  readonly closed: boolean;
}

/** A picture of the figure, from back to front. */
export interface Drawing {
  /** Walls and what else lies behind. */
  readonly behind: readonly Stroke[];
  readonly props: readonly Stroke[];
  readonly discs: readonly Disc[];
  /** Somebody who helps. */
  readonly partner: readonly Stroke[];
  readonly partnerHead?: Disc;
  readonly far: readonly Stroke[];
  readonly trunk: readonly Stroke[];
  readonly near: readonly Stroke[];
  readonly head: Disc;
  readonly nose: Stroke;
  /** The joints being prepared. */
  readonly prepared: readonly Point[];
}

/** Radius of the drawn head, and the height from which a lying figure's and a three-quarter view's floor is seen. */
const HEAD_RADIUS = 0.056;
const THREE_QUARTER = { round: 38, down: 14 } as const;

type Project = (point: Vector) => Point;

/** The picture of a motion at a time. For the left side the figure is turned round: the picture is its mirror image. */
export function drawingAt(
  motion: Motion,
  beat: Beat,
  side: Side,
  time: Seconds,
  camera: Camera,
  prepared: readonly Part[] = [],
): Drawing {
  const share = shareAt(beat, time);
  return drawingOf(motion, jointsOf(keyframeAt(motion, share)), share, side, camera, prepared);
}

/** The picture of joints, with the motion's props. */
export function drawingOf(
  motion: Motion,
  joints: Joints,
  share: number,
  side: Side,
  camera: Camera,
  prepared: readonly Part[],
): Drawing {
  const project = projection(camera, side);
  const stroke = (points: readonly Vector[], closed = false): Stroke => ({ points: points.map(project), closed });
  const shapes = (motion.props ?? []).flatMap((prop) => propShapes(prop, joints, share));
  const lines = (background: boolean): readonly Stroke[] =>
    shapes.flatMap((shape) =>
      shape.kind === 'line' && (shape.soft ?? false) === background ? [stroke(shape.points, shape.closed)] : [],
    );
  const limbs = (name: Side): readonly Stroke[] => limbLines(joints, name).map((points) => stroke(points));
  const flat = camera === 'front' || camera === 'above';
  const partner = motion.partner ? jointsOf(motion.partner) : undefined;
  return {
    behind: lines(true),
    props: lines(false),
    discs: shapes.flatMap((shape) => discOf(shape, project)),
    partner: partner
      ? [trunkLine(partner), girdle(partner), ...SIDES.flatMap((name) => limbLines(partner, name))].map((points) =>
          stroke(points),
        )
      : [],
    ...(partner ? { partnerHead: headOf(partner, project) } : {}),
    far: flat ? [] : limbs('left'),
    trunk: [trunkLine(joints), girdle(joints), [joints.legs.left.hip, joints.legs.right.hip]].map((points) =>
      stroke(points),
    ),
    near: flat ? [...limbs('left'), ...limbs('right')] : limbs('right'),
    head: headOf(joints, project),
    nose: stroke([
      add(joints.head, scale(joints.headFrame[0], HEAD_RADIUS * 0.95)),
      add(joints.head, scale(joints.headFrame[0], HEAD_RADIUS * 1.5)),
    ]),
    prepared: prepared.map((part) => project(partOf(joints, part))),
  };
}

const trunkLine = ({ pelvis, waist, neck, head }: Joints): readonly Vector[] => [pelvis, waist, neck, head];
const girdle = ({ arms, neck }: Joints): readonly Vector[] => [arms.left.shoulder, neck, arms.right.shoulder];
const headOf = ({ head }: Joints, project: Project): Disc => ({
  centre: project(head),
  radius: HEAD_RADIUS,
  filled: true,
});

function discOf(shape: Shape, project: Project): readonly Disc[] {
  if (shape.kind !== 'disc') return [];
  return [{ centre: project(shape.centre), radius: shape.radius, filled: shape.filled ?? false }];
}

function limbLines(joints: Joints, side: Side): readonly (readonly Vector[])[] {
  const { hip, knee, ankle, heel, ball, toe } = joints.legs[side];
  const { shoulder, elbow, wrist, fingers, spread } = joints.arms[side];
  const arm = [shoulder, elbow, wrist];
  const foot = [ankle, heel, ball, toe];
  return [[hip, knee, ankle], foot, arm, ...handLines(wrist, fingers, spread, joints.chestFrame[2])];
}

/** The hand: a short line; a fist is shorter, a spread hand is three. */
function handLines(wrist: Vector, fingers: Vector, spread: number, across: Vector): readonly (readonly Vector[])[] {
  const along = scale(add(fingers, scale(wrist, -1)), spread < 0 ? 0.55 + 0.25 * spread : 0.62);
  const straight = [wrist, add(wrist, along)];
  if (spread <= 0.05) return [straight];
  const aside = scale(across, SEGMENTS.hand * 0.5 * spread);
  return [straight, [wrist, add(wrist, add(along, aside))], [wrist, add(wrist, add(along, scale(aside, -1)))]];
}

/** From the room to the picture. */
export function projection(camera: Camera, side: Side): Project {
  const flip = side === 'left' ? -1 : 1;
  if (camera === 'above') return ([x, , z]) => [flip * x, z];
  if (camera === 'side') return ([x, y]) => [flip * x, -y];
  if (camera === 'front') return ([, y, z]) => [-flip * z, -y];
  const [round, down] = [radians(THREE_QUARTER.round), radians(THREE_QUARTER.down)];
  const [cosine, sine] = [Math.cos(round), Math.sin(round)];
  const [level, lean] = [Math.cos(down), Math.sin(down)];
  return ([x, y, z]) => [flip * (x * cosine - z * sine), (x * sine + z * cosine) * lean - y * level];
}
