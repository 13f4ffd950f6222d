import type { Joints } from './joints.ts';
import { circle, line, loop, type Shape } from './shape.ts';
import { add, type Vector } from './vector.ts';

/** Exercise machines as plain outlines that follow the hands and feet where they move with them. */
export function machineShapes(
  machine: 'rowing machine' | 'bike' | 'cross-trainer' | 'treadmill',
  joints: Joints,
): readonly Shape[] {
  switch (machine) {
    case 'rowing machine': {
      const seat = add(joints.pelvis, [0, -0.055, 0]);
      const wheel: Vector = [0.62, 0.2, 0];
      return [
        line([-0.75, 0.1, 0], [0.62, 0.13, 0]),
        line([-0.75, 0.1, 0], [-0.75, 0, 0]),
        line([0.5, 0.13, 0], [0.62, 0, 0]),
        line(add(seat, [-0.06, 0, 0]), add(seat, [0.06, 0, 0])),
        loop(...circle(wheel, 0.11, 'z')),
        line(joints.arms.right.wrist, wheel),
      ];
    }
    case 'bike': {
      const saddle = add(joints.pelvis, [0, -0.055, 0]);
      return [
        line(add(saddle, [-0.07, 0, 0]), add(saddle, [0.07, 0, 0])),
        line(saddle, [0.08, 0.19, 0], [0.44, 0.62, 0]),
        line([0.36, 0.66, 0], [0.44, 0.62, 0], [0.5, 0.62, 0]),
        loop(...circle([0.42, 0.16, 0], 0.15, 'z')),
        loop(...circle([0.08, 0.19, 0], 0.05, 'z')),
        line([-0.2, 0, 0], [0.62, 0, 0]),
        line([0.08, 0.19, 0], [0.08, 0, 0]),
      ];
    }
    case 'cross-trainer': {
      const under = (foot: Vector): Shape =>
        line(add(foot, [-0.1, -0.01, 0]), add(foot, [0.14, -0.01, 0]), [0.52, 0.16, 0]);
      return [
        under(joints.legs.left.heel),
        under(joints.legs.right.heel),
        loop(...circle([0.52, 0.16, 0], 0.14, 'z')),
        line([0.42, 0, 0], [0.42, 0.9, 0]),
        line(joints.arms.left.wrist, [0.42, 0.4, 0]),
        line(joints.arms.right.wrist, [0.42, 0.4, 0]),
        line([-0.4, 0, 0], [0.66, 0, 0]),
      ];
    }
    case 'treadmill':
      return [
        line([-0.42, -0.02, 0], [0.42, -0.02, 0]),
        line([0.42, -0.02, 0], [0.47, 0.62, 0], [0.36, 0.64, 0]),
        line([-0.42, -0.02, 0], [-0.42, -0.06, 0], [0.44, -0.06, 0], [0.42, -0.02, 0]),
      ];
  }
}
