import type { Camera } from './motion.ts';
import type { Side } from './skeleton.ts';
import { radians, type Vector } from './vector.ts';

/** A point of the picture: right and down, in fractions of stature; the floor is at 0. */
export type Point = readonly [x: number, y: number];

/** How far round a three-quarter view goes, and the height it looks down from. */
const THREE_QUARTER = { round: 38, down: 14 } as const;

/** From the room to the picture, and how near to the eye a point of the room is: more is nearer. */
export interface View {
  readonly project: (point: Vector) => Point;
  readonly nearness: (point: Vector) => number;
}

/** What a camera sees. For the left side the picture is the mirror image of the right side's. */
export function viewOf(camera: Camera, side: Side): View {
  const flip = side === 'left' ? -1 : 1;
  if (camera === 'above') return { project: ([x, , z]) => [flip * x, z], nearness: ([, y]) => y };
  if (camera === 'side') return { project: ([x, y]) => [flip * x, -y], nearness: ([, , z]) => z };
  if (camera === 'front') return { project: ([, y, z]) => [-flip * z, -y], nearness: ([x]) => x };
  const [round, down] = [radians(THREE_QUARTER.round), radians(THREE_QUARTER.down)];
  const [cosine, sine] = [Math.cos(round), Math.sin(round)];
  const [level, lean] = [Math.cos(down), Math.sin(down)];
  return {
    project: ([x, y, z]) => [flip * (x * cosine - z * sine), (x * sine + z * cosine) * lean - y * level],
    nearness: ([x, y, z]) => (x * sine + z * cosine) * level + y * lean,
  };
}
