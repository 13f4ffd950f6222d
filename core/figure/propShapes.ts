import type { Joints } from './joints.ts';
import { machineShapes } from './machineShapes.ts';
import { partOf } from './part.ts';
import type { Part } from './pose.ts';
import { ROLLER_RADIUS, SEAT_HEIGHT, type Prop } from './prop.ts';
import { box, circle, disc, line, loop, soft, type Shape } from './shape.ts';
import { add, direction, distance, scale, subtract, turn, type Vector } from './vector.ts';

/**
 * What a prop looks like.
 *
 * @param share how far the motion is through its loop, 0–1: a rope turns with it
 */
export function propShapes(prop: Prop, joints: Joints, share: number): readonly Shape[] {
  const at = (part: Part): Vector => partOf(joints, part);
  switch (prop.kind) {
    case 'wall':
      return wall(prop.axis, prop.at);
    case 'chair':
      return chair(prop.x, prop.z ?? 0, prop.turned ?? 0);
    case 'block': {
      const { x, z = 0, height, deep, wide } = prop;
      return box([x - deep / 2, 0, z - wide / 2], [x + deep / 2, height, z + wide / 2]);
    }
    case 'half-dome':
      return dome(prop.x, prop.z ?? 0);
    case 'roller':
      return roller(prop.at, prop.along, prop.radius ?? ROLLER_RADIUS);
    case 'mat': {
      const { from, to, half = 0.17 } = prop;
      return [loop([from, 0, -half], [to, 0, -half], [to, 0, half], [from, 0, half])];
    }
    case 'cushion': {
      const [x, y, z] = prop.at;
      return box([x - 0.08, Math.max(0, y - 0.02), z - 0.1], [x + 0.08, y + 0.02, z + 0.1]);
    }
    case 'bar':
      return bar(prop.x, prop.height);
    case 'line':
      return [floorLine(prop.axis, prop.at)];
    case 'held':
      return held(prop.item, add(middle(prop.by.map(at)), prop.off ?? [0, 0, 0]));
    case 'stick':
      return stick(at(prop.from), at(prop.to), prop.beyond ?? 0.12, prop.plates ?? false);
    case 'band':
      return [line(...prop.through.map((point) => (typeof point === 'string' ? at(point) : point)))];
    case 'loop':
      return legLoop(at(prop.around[0]), at(prop.around[1]));
    case 'rope':
      return [rope(joints, share)];
    case 'machine':
      return machineShapes(prop.machine, joints);
  }
}

/** A bar across, and its posts behind. */
function bar(x: number, height: number): readonly Shape[] {
  const half = 0.34;
  return [
    line([x, height, -half], [x, height, half]),
    soft([x, 0, -half], [x, height, -half]),
    soft([x, 0, half], [x, height, half]),
    disc([x, height, half], 0.014, true),
  ];
}

/** A strip of tape on the floor. */
function floorLine(axis: 'x' | 'z', at: number): Shape {
  const corner = (across: number, along: number): Vector => (axis === 'x' ? [across, 0, along] : [along, 0, across]);
  const [near, far] = [at - 0.018, at + 0.018];
  return loop(corner(near, -0.4), corner(near, 0.4), corner(far, 0.4), corner(far, -0.4));
}

function wall(axis: 'x' | 'z', at: number): readonly Shape[] {
  const [y, half] = [1.2, 0.5];
  const corner = (up: number, along: number): Vector => (axis === 'x' ? [at, up, along] : [along, up, at]);
  return [soft(corner(0, -half), corner(y, -half), corner(y, half), corner(0, half))];
}

function chair(x: number, z: number, turned: number): readonly Shape[] {
  const [half, back] = [0.13, 0.56];
  const place = (ahead: number, up: number, aside: number): Vector =>
    add([x, 0, z], turn([ahead, up, aside], [0, 1, 0], turned));
  const seat = loop(
    place(-half, SEAT_HEIGHT, -half),
    place(half, SEAT_HEIGHT, -half),
    place(half, SEAT_HEIGHT, half),
    place(-half, SEAT_HEIGHT, half),
  );
  const leg = (ahead: number, aside: number) => line(place(ahead, 0, aside), place(ahead, SEAT_HEIGHT, aside));
  const rest = line(
    place(-half, SEAT_HEIGHT, -half),
    place(-half - 0.02, back, -half),
    place(-half - 0.02, back, half),
    place(-half, SEAT_HEIGHT, half),
  );
  return [seat, rest, leg(-half, -half), leg(half, -half), leg(half, half), leg(-half, half)];
}

function dome(x: number, z: number): readonly Shape[] {
  const arc = (aside: boolean) =>
    Array.from({ length: 9 }, (_, index): Vector => {
      const [a, b] = [Math.cos((index / 8) * Math.PI) * 0.19, Math.sin((index / 8) * Math.PI) * 0.1];
      return aside ? [x, b, z + a] : [x + a, b, z];
    });
  return [loop(...arc(false)), loop(...arc(true))];
}

function roller([x, y, z]: Vector, along: 'x' | 'z', radius: number): readonly Shape[] {
  const half = along === 'x' ? 0.26 : 0.17;
  const end = (by: number): Vector => (along === 'x' ? [x + by, y, z] : [x, y, z + by]);
  const side = (up: number): Shape => {
    const lift = (point: Vector): Vector => add(point, [0, up, 0]);
    return line(lift(end(-half)), lift(end(half)));
  };
  return [
    loop(...circle(end(half), radius, along)),
    loop(...circle(end(-half), radius, along)),
    side(radius),
    side(-radius),
  ];
}

function held(item: 'plate' | 'kettlebell' | 'ball' | 'dumbbell', at: Vector): readonly Shape[] {
  if (item === 'dumbbell') {
    const [one, other] = [add(at, [0.045, 0, -0.045]), add(at, [-0.045, 0, 0.045])];
    return [line(one, other), disc(one, 0.028, true), disc(other, 0.028, true)];
  }
  if (item === 'ball') return [disc(at, 0.065, true)];
  if (item === 'plate') return [disc(at, 0.06), disc(at, 0.014, true)];
  const bell = add(at, [0, -0.075, 0]);
  return [
    disc(bell, 0.05, true),
    line(add(bell, [-0.03, 0.035, 0]), add(at, [-0.02, 0, 0]), add(at, [0.02, 0, 0]), add(bell, [0.03, 0.035, 0])),
  ];
}

function stick(from: Vector, to: Vector, beyond: number, plates: boolean): readonly Shape[] {
  const along = direction(subtract(to, from), [0, 0, 1]);
  const [a, b] = [add(from, scale(along, -beyond)), add(to, scale(along, beyond))];
  const ends = plates ? [disc(a, 0.11), disc(b, 0.11)] : [disc(a, 0.016, true), disc(b, 0.016, true)];
  return [line(a, b), ...ends];
}

function legLoop(left: Vector, right: Vector): readonly Shape[] {
  const along = direction(subtract(right, left), [0, 0, 1]);
  const out = scale(along, 0.03);
  const up: Vector = [0, 0.016, 0];
  const [a, b] = [subtract(left, out), add(right, out)];
  return [loop(add(a, up), add(b, up), subtract(b, up), subtract(a, up))];
}

/** A rope turned forward over the head and under the feet, drawn as an arc between the hands. */
function rope({ arms, pelvis }: Joints, share: number): Shape {
  const angle = share * 2 * Math.PI;
  const [left, right] = [arms.left.wrist, arms.right.wrist];
  const centre = middle([left, right]);
  const reach = distance(centre, [pelvis[0], 0, pelvis[2]]) + 0.1;
  const swung: Vector = [Math.sin(angle) * reach, Math.cos(angle) * reach, 0];
  const points = Array.from({ length: 13 }, (_, index): Vector => {
    const along = (index / 12) * 2 - 1;
    const bulge = Math.sqrt(Math.max(0, 1 - along ** 4));
    const base = add(scale(left, (1 - along) / 2), scale(right, (1 + along) / 2));
    return add(base, scale(swung, bulge));
  });
  return line(...points);
}

function middle(points: readonly Vector[]): Vector {
  return scale(points.reduce<Vector>(add, [0, 0, 0]), 1 / Math.max(1, points.length));
}
