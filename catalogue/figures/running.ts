import type { Figures, Motion } from '@prompt-spark/core/figure/motion';
import {
  arms,
  as,
  figure,
  frame,
  head,
  leftLeg,
  legs,
  lying,
  rightLeg,
  round,
  spine,
  step,
  tilt,
} from './authoring.ts';
import {
  basicSkip,
  briskWalk,
  highKnees,
  jog,
  kickBacks,
  knees,
  LOOSE,
  march,
  run,
  seatedMarch,
  shuffle,
  sideSteps,
  skip,
  stride,
  swung,
  walk,
} from './gaits.ts';

const backward = (motion: Motion, travel: number): Motion =>
  round(motion.keyframes.toReversed(), { reps: motion.reps, natural: motion.natural, travel: [-travel, 0] });
const backRun = stride({
  reach: 14,
  back: 34,
  hip: 14,
  knee: 70,
  arms: 28,
  elbow: 84,
  lean: 16,
  lift: 0.015,
  natural: 0.8,
});
const moving = (motion: Motion, travel: number): Motion => as(motion, { travel: [travel, 0] });
const low = shuffle(34);
const touching = (depth: number, reach: number, natural: number): Motion => {
  const apart = frame(
    LOOSE,
    tilt(depth),
    spine(22),
    head(-20),
    legs(depth * 2, depth * 2.1, depth * 0.4, 24),
    arms(reach, 2, 4),
  );
  const step = frame(LOOSE, tilt(20), legs(46, 50, 16, 4), arms(40, 10, 70));
  const wide = frame(LOOSE, tilt(20), legs(50, 56, 16, 20), arms(40, 10, 70));
  return round([wide, apart, wide, step], { natural, travel: [0, 0.8] });
};
const sideSkip = (lift: number): Motion =>
  round(
    [
      frame(LOOSE, legs(12, 22, 8, 16), arms(0, 80, 6)),
      frame(LOOSE, lying(0, lift), rightLeg(70, 78, 6), leftLeg(0, 4, -34, 6), arms(40, -14, 20)),
      frame(LOOSE, legs(12, 22, 8, 3), arms(30, -10, 20)),
    ],
    { natural: 1.2, travel: [0, 0.8] },
  );
const grapevine = (hip: number, knee: number, turn: number, lift: number, natural: number): Motion => {
  const open = frame(LOOSE, legs(8, 12, 4, 18), arms(0, 74, 10));
  const across = frame(
    LOOSE,
    lying(0, lift),
    tilt(0, 0, turn),
    spine(0, 0, -turn),
    leftLeg(hip, knee, 0, -26),
    rightLeg(2, 6, 2, 8),
    arms(0, 74, 10),
  );
  const behind = frame(
    LOOSE,
    tilt(0, 0, -turn),
    spine(0, 0, turn),
    leftLeg(-18, 26, -10, -24),
    rightLeg(4, 6, 2, 8),
    arms(0, 74, 10),
  );
  return round([open, across, open, behind], { natural, travel: [0, 0.9] });
};
const cyclic = (natural: number): Motion =>
  step(
    [
      frame(LOOSE, tilt(4), rightLeg(20, 128, -10), leftLeg(4, 4, -14), swung(20, 88)),
      frame(LOOSE, tilt(4), lying(0, 0.03), rightLeg(88, 96, 8), leftLeg(0, 4, -30), swung(40, 88)),
      frame(LOOSE, tilt(4), rightLeg(44, 20, 8), leftLeg(4, 30, -10), swung(20, 88)),
    ],
    { natural, travel: [0.8, 0] },
  );
const skipA = skip(94, 0.03, 50, 0.7, 0.95);
const marchA = moving(knees({ hip: 96, knee: 100, ankle: 14, arms: 46, elbow: 88, natural: 1.3 }), 0.5);
const marchHop = skip(62, 0.02, 34, 0.6, 1.4);

export const runningFigures: Figures = {
  'easy-jog': figure(jog, { 'brisk march': moving(march, 0.7), 'walk and jog in turn': walk, 'build speed': run }),
  backpedal: figure(backward(backRun, 1.1), {
    'walk backward': backward(walk, 0.8),
    quicker: as(backward(backRun, 1.5), { natural: 0.6 }),
  }),
  'jog-back-and-shuffle-mix': figure(
    round([...jog.keyframes, ...shuffle(30).keyframes, ...jog.keyframes], {
      natural: 3.4,
      travel: [1.2, 0],
      view: 'three-quarter',
    }),
    {
      'walk it': round([...walk.keyframes, ...sideSteps.keyframes], {
        natural: 4,
        travel: [0.8, 0],
        view: 'three-quarter',
      }),
    },
  ),
  'side-shuffle': figure(low, {
    'side steps': sideSteps,
    'low with floor touch': touching(54, 76, 1.6),
  }),
  'side-shuffle-with-floor-touch': figure(touching(54, 76, 2), {
    'no touch, step it': as(shuffle(24), { natural: 1.6 }),
    'touch the knee': touching(40, 62, 2),
    quicker: touching(54, 76, 1.3),
  }),
  'basic-skip': figure(basicSkip, {
    march: moving(march, 0.6),
    'march and hop': marchHop,
    'skip for height': skip(96, 0.12, 90, 0.6, 1.3),
  }),
  'a-skip': figure(skipA, { 'A-march': marchA, 'power skip': skip(100, 0.08, 70, 0.9) }),
  'lateral-skip': figure(sideSkip(0.05), { 'side steps': sideSteps, higher: sideSkip(0.1) }),
  'high-knees': figure(highKnees, {
    'seated knee lifts': seatedMarch,
    'march, knees up': moving(knees({ hip: 94, knee: 96, arms: 42, elbow: 80, natural: 1.3 }), 0.4),
  }),
  'butt-kicks': figure(kickBacks, {
    'hamstring curl march': moving(knees({ hip: 0, knee: 100, ankle: -10, arms: 16, elbow: 60, natural: 1.4 }), 0.3),
  }),
  'cyclic-run-kicks': figure(cyclic(0.8), { 'butt kicks': kickBacks, faster: cyclic(0.6) }),
  carioca: figure(grapevine(34, 30, 30, 0.015, 1.2), {
    'walking grapevine': grapevine(16, 14, 12, 0, 2.4),
    'high knee across': grapevine(92, 94, 34, 0.03, 1.2),
  }),
  'progressive-run': figure(run, { 'brisk walk, each faster': briskWalk, 'build-up run': as(run, { natural: 0.56 }) }),
  'shuttle-run': figure(as(moving(run, 1.4), { natural: 0.8 }), {
    'jog, easy turns': jog,
    'walk it': walk,
    'touch the line': as(touching(40, 30, 2), { travel: [1, 0] }),
  }),
};
