import type { Figures, Motion } from '@prompt-spark/core/figure/motion';
import { BENCH_HEIGHT, type Prop } from '@prompt-spark/core/figure/prop';
import {
  arms,
  as,
  feet,
  figure,
  frame,
  hips,
  leftArm,
  leftFoot,
  leftHand,
  rightArm,
  rightFoot,
  round,
  spine,
  there,
  tilt,
  type Parts,
} from './authoring.ts';
import { CHAIR, HINGE, SIT, STAND, wallAhead, wallAside } from './postures.ts';

const bench: Prop = { kind: 'block', x: 0.4, z: -0.1, height: BENCH_HEIGHT, deep: 0.3, wide: 0.24 };
const dumbbell: Prop = { kind: 'held', item: 'dumbbell', by: ['rightFingers'] };
const ball: Prop = { kind: 'held', item: 'ball', by: ['leftFingers', 'rightFingers'] };

/** Bent forward, the weight hangs and is drawn to the ribs. */
const rowOne = (other: Parts, props: readonly Prop[]): Motion =>
  there([frame(HINGE, rightArm(62, 4, 4), other), frame(HINGE, spine(6, 0, -8), rightArm(-22, 12, 96), other)], {
    props: [dumbbell, ...props],
  });

/** From the shoulders to overhead, palms in front. */
const press = (base: typeof STAND, high: boolean, props: readonly Prop[] = []): Motion =>
  there([frame(base, arms(0, 46, 130, -84)), frame(base, high ? arms(0, 168, 12, -84) : arms(0, 104, 72, -84))], {
    props,
  });

/** Turned away with the ball at the hip, and thrown to the wall. */
const sideThrow = (stepIn: number, held: readonly Prop[]): Motion =>
  there(
    [
      frame(
        STAND,
        hips(-0.02, 0.47, 0.05),
        tilt(14, 0, -30),
        spine(4, 0, -30),
        feet(0, 0.18),
        rightFoot(0, 0.2),
        leftFoot(0, 0.18 - stepIn * 0.4),
        { ...rightArm(28, 10, 24), ...leftArm(40, -26, 20) },
      ),
      frame(
        STAND,
        hips(0, 0.49, -0.03),
        tilt(6, 0, 26),
        spine(0, 0, 24),
        rightFoot(0, 0.2, 0, { heelUp: 30 }),
        leftFoot(0, 0.18 + stepIn),
        { ...rightArm(70, -16, 14), ...leftArm(76, 16, 10) },
      ),
    ],
    { natural: 2, props: [...held, wallAside(-0.75)] },
  );

/** From a squat with the ball at the chest, up and thrown high. */
const wallBall = (y: number, thrown: boolean): Motion => {
  const held = arms(40, -2, 118, 10);
  const low = frame(STAND, hips(-0.12, y), tilt(24), feet(0, 0.13, 0, { toesOut: 12 }), held);
  const tall = frame(STAND, feet(0, 0.13, 0, { toesOut: 12 }), hips(0, 0.526), held);
  const high = frame(tall, hips(0.01, 0.56), feet(0, 0.13, 0, { toesOut: 12, heelUp: 16 }), arms(152, -3, 8));
  return thrown
    ? round([low, tall, high, tall], { natural: 3, tells: 2, props: [ball, wallAhead(0.55)] })
    : there([low, tall], { natural: 3, props: [ball] });
};

/** Drills with a weight or a ball in the hands. */
export const weightFigures: Figures = {
  'bent-over-row-with-a-weight': figure(rowOne(leftArm(30, 8, 30), []), {
    'other hand on a bench': rowOne(leftHand(0.32, BENCH_HEIGHT + 0.03, 0.12), [bench]),
    heavier: as(rowOne(leftArm(30, 8, 30), []), { natural: 3.6 }),
  }),
  'overhead-press-light': figure(press(STAND, true), {
    'sitting, to head height': press(SIT, false, [CHAIR]),
    'to head height': press(STAND, false),
    heavier: as(press(STAND, true), { natural: 4 }),
  }),
  'side-throw-to-a-wall': figure(sideThrow(0, [ball]), {
    'turn and reach, no ball': as(sideThrow(0, []), { natural: 3, props: [] }),
    'step into it': sideThrow(0.08, [ball]),
  }),
  'wall-ball': figure(wallBall(0.28, true), {
    'ball at the chest, no throw': wallBall(0.3, false),
    deeper: wallBall(0.2, true),
  }),
};
