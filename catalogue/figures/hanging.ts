import type { Figures, Motion } from '@prompt-spark/core/figure/motion';
import { BENCH_HEIGHT, STEP_HEIGHT, type Prop } from '@prompt-spark/core/figure/prop';
import type { Pose } from '@prompt-spark/core/figure/pose';
import {
  as,
  figure,
  fixed,
  frame,
  hands,
  head,
  legs,
  shoulders,
  spine,
  still,
  there,
  tilt,
  type Parts,
} from './authoring.ts';
import { STAND } from './postures.ts';

/** Where the wrists hang from a bar over the head, and where the heels stand under a lower one. */
const HIGH = 1.22;
const HEELS = 0.72;
const highBar: Prop = { kind: 'bar', x: 0, height: HIGH + 0.02 };

/** Under a bar with the neck at a height, arms as long as that leaves them. */
const under = (neck: number, legsHow: Parts, ...more: readonly Parts[]): Pose =>
  frame(
    STAND,
    fixed('neck', 0, neck, 0),
    legsHow,
    hands(0, HIGH, 0.17, { elbowTo: [-0.2, -1, 0.5], fingersTo: [0, 1, 0] }),
    ...more,
  );
const free = legs(4, 8, -30, 3);
const bent = legs(10, 70, -30, 3);
/** Feet that stay on the floor carry some of it. */
const standing = legs(34, 62, -2, 6);
const hang = under(0.875, free, shoulders(16));
const drawn = under(0.915, free, shoulders(-8));
const toChest = under(1.14, bent, spine(-10), head(-6));
const onFloor = (up: number): Pose => under(0.8 + up, standing, shoulders(up > 0 ? -6 : 12));

const hanging = (motion: Motion, ...props: readonly Prop[]): Motion => as(motion, { props: [highBar, ...props] });
const box: Prop = { kind: 'block', x: 0.12, height: STEP_HEIGHT, deep: 0.3, wide: 0.5 };

/** The heels in front under a lower bar: from long arms to the chest at the bar. */
const row = (
  leans: readonly [long: number, pulled: number],
  bar: readonly [x: number, y: number],
  feet = 0,
): Motion => {
  const pose = (lean: number): Pose =>
    frame(
      STAND,
      fixed('rightHeel', HEELS, feet, 0.0955),
      tilt(-lean),
      legs(0, 0, 4),
      head(4),
      hands(bar[0], bar[1], 0.16, { elbowTo: [-0.4, -1, 1], fingersTo: [0, 1, 0] }),
    );
  const props: Prop[] = [{ kind: 'bar', x: bar[0], height: bar[1] + 0.02 }];
  if (feet > 0) props.push({ kind: 'block', x: HEELS + 0.03, height: feet, deep: 0.2, wide: 0.5 });
  return there([pose(leans[0]), pose(leans[1])], { props });
};

/** Drills that hang from a bar, or are pulled up to it. */
export const hangingFigures: Figures = {
  'dead-hang': figure(hanging(still(hang)), {
    'feet on the floor': hanging(still(onFloor(0))),
    'pull the shoulders down': hanging(there([hang, drawn], { natural: 4 })),
  }),
  'scapular-pull': figure(hanging(there([hang, drawn])), {
    'feet on the floor': hanging(there([onFloor(0), onFloor(0.03)])),
    'hold two seconds': hanging(there([hang, drawn, drawn], { natural: 5 })),
  }),
  'pull-up': figure(hanging(there([hang, toChest])), {
    'feet on a box': hanging(
      there([under(0.94, legs(40, 66, -6, 4)), under(1.08, legs(12, 30, -10, 4), spine(-6))]),
      box,
    ),
    'slow on the way down': hanging(there([hang, toChest], { natural: 6 })),
  }),
  'inverted-row': figure(row([62, 44], [0.15, 0.68]), {
    'stand more upright': row([38, 23], [0.42, 0.88]),
    'feet raised': row([84, 68], [-0.03, 0.66], BENCH_HEIGHT),
  }),
};
