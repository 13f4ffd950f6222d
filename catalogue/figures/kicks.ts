import type { Figures, Motion } from '@prompt-spark/core/figure/motion';
import type { Pose } from '@prompt-spark/core/figure/pose';
import {
  arms,
  figure,
  frame,
  hips,
  leftArm,
  leftFoot,
  leftHand,
  leftLeg,
  rightArm,
  rightLeg,
  round,
  spine,
  tilt,
  type Parts,
} from './authoring.ts';
import { LOOSE } from './gaits.ts';
import { STAND, wallAhead } from './postures.ts';

/** Fists before the face, elbows at the ribs. */
const guard = arms(44, 4, 128, 24, { spread: -1 });
const stance = frame(LOOSE, guard, rightLeg(-14, 14, -4), leftLeg(14, 14, -2));

/** Knee up, the shin out in front, the knee back, and down. */
const front = (thigh: number, natural: number, about: Parts = {}, props: Motion['props'] = []): Motion => {
  const chambered = frame(LOOSE, guard, tilt(-6), leftLeg(-4, 8, 2), rightLeg(thigh, 118, 8), about);
  const kicked = frame(LOOSE, guard, tilt(-16), leftLeg(-12, 8, 2), rightLeg(thigh - 6, 6, 14), about);
  return round([frame(stance, about), chambered, kicked, chambered], { natural, props, tells: 2 });
};

/** The hip turns over, the shin swings across level, the standing foot turns away. */
const side = (out: number, natural: number): Motion => {
  const ready = frame(LOOSE, guard, rightLeg(-8, 14, -4, 10), leftLeg(8, 14, -2, 6));
  const chambered = frame(LOOSE, guard, tilt(-4, -18), rightLeg(40, 112, -20, out), leftLeg(-2, 6, 2, 4), spine(0, 10));
  const kicked = frame(
    LOOSE,
    guard,
    tilt(-6, -36, 24),
    rightLeg(40, 12, -34, out),
    leftLeg(-2, 6, 2, -2, 34),
    spine(0, 16, -14),
    rightArm(-10, 20, 30),
  );
  return round([ready, chambered, kicked, chambered], { natural, tells: 2 });
};

/** Hands up and away pull down as the knee drives up between them. */
const knee = (toes: number, natural: number): Motion => {
  const reach = frame(LOOSE, rightLeg(-24, 16, -8), leftLeg(12, 14, 0), tilt(8), arms(128, 2, 24, 0, { spread: -1 }));
  const struck = frame(
    STAND,
    hips(0.03, 0.529 + toes * 0.0016),
    tilt(-14),
    leftFoot(0, 0.09, 0, { heelUp: toes }),
    rightLeg(96, 124, -30),
    leftArm(16, 14, 84, 0, { spread: -1 }),
    rightArm(16, 14, 84, 0, { spread: -1 }),
  );
  const planted: Pose = frame(struck, hips(0, 0.51), tilt(8), leftFoot(0, 0.09), rightLeg(-24, 30, -8), {
    leftArm: reach.leftArm,
    rightArm: reach.rightArm,
  });
  return round([planted, struck], { natural });
};

/** Kicks and knees as strikers warm up with them. */
export const kickFigures: Figures = {
  'front-kick': figure(front(88, 1.6), {
    'hold a wall': front(70, 1.8, leftHand(0.4, 0.76), [wallAhead(0.44)]),
    'knee height': front(58, 1.8),
    'faster, higher': front(104, 1.1),
  }),
  'roundhouse-kick': figure(side(50, 2), {
    'knee height, slow': side(34, 3),
    'faster, higher': side(54, 1.3),
  }),
  'knee-strikes': figure(knee(30, 1), {
    'no heel raise, slower': knee(0, 1.6),
    faster: knee(32, 0.7),
  }),
};
