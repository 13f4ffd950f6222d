import type { Figures } from '@prompt-spark/core/figure/motion';
import {
  arms,
  as,
  figure,
  frame,
  hands,
  head,
  hips,
  holding,
  legs,
  lying,
  rightArm,
  rightLeg,
  round,
  sideToSide,
  spine,
  step,
  still,
  there,
  tilt,
} from './authoring.ts';
import { CHAIR, LONG_ON_BACK, ON_FRONT, ON_SIDE, SIT, STAND, wallAhead } from './postures.ts';

const onRibs = holding('waist', [0.06, 0.02, 0.07], [-0.2, -0.2, 1]);
const feetOnWall = frame(LONG_ON_BACK, legs(90, 90), onRibs);
const hugging = frame(LONG_ON_BACK, legs(116, 132, -10), spine(34), head(20), holding('rightKnee', [0.03, -0.02, 0]));
const ready = frame(STAND, lying(), legs(0), arms(4, 12, 20));

export const breathingFigures: Figures = {
  'supine-90-90-breathing-reset': figure(still(feetOnWall, { props: [wallAhead(0.285)] }), {
    'sitting on a chair': still(frame(SIT, onRibs), { props: [CHAIR] }),
    'head on a pillow': still(frame(feetOnWall, head(10)), {
      props: [wallAhead(0.285), { kind: 'cushion', at: [-0.41, 0.02, 0] }],
    }),
    'arms overhead': still(frame(feetOnWall, arms(168, 14)), { props: [wallAhead(0.285)] }),
  }),
  'crocodile-breathing': figure(still(frame(ON_FRONT, head(4), hands(0.4, 0.03, 0.03, { elbowTo: [0, 0.2, 1] }))), {
    'lying on the side': still(ON_SIDE, { view: 'front' }),
  }),
  'standing-breathing-reset': figure(still(frame(STAND, onRibs)), {
    'arms sweep overhead with the breath': there([frame(STAND, arms(0, 10)), frame(STAND, arms(0, 172))], {
      natural: 7,
    }),
  }),
  'seated-rib-breathing': figure(still(frame(SIT, onRibs), { props: [CHAIR], view: 'three-quarter' }), {
    'back against the chair': still(frame(SIT, hips(-0.07, 0.305), onRibs), { props: [CHAIR], view: 'three-quarter' }),
    'one arm overhead, breathe into that side': still(frame(SIT, onRibs, spine(0, -16), rightArm(0, 168, 30)), {
      props: [CHAIR],
      view: 'front',
    }),
  }),
  'back-rocking': figure(
    there([frame(hugging, tilt(-62)), frame(hugging, tilt(-128), lying(-0.06))], { natural: 2.4 }),
    {
      'knees rock side to side': as(sideToSide(frame(hugging, tilt(-90)), frame(hugging, tilt(-90, 24))), {
        view: 'three-quarter',
      }),
      'knees held wide': still(frame(hugging, legs(112, 130, -10, 32)), { view: 'three-quarter' }),
      'rock up to sitting': there([frame(hugging, tilt(-12)), frame(hugging, tilt(-128), lying(-0.14))], {
        natural: 3,
      }),
    },
  ),
  'legs-shaken-out-walk': figure(
    step([ready, frame(ready, rightLeg(18, 22, -25, 14)), frame(ready, rightLeg(24, 10, -40, 20))], { natural: 2.2 }),
    {
      'sitting, shake hands and feet': round(
        [
          frame(SIT, rightLeg(80, 55, -30, 8), arms(40, 20, 70)),
          frame(SIT, rightLeg(84, 35, -10, 12), arms(50, 36, 50)),
        ],
        { props: [CHAIR], natural: 0.9, view: 'three-quarter' },
      ),
      'bigger and quicker': step(
        [
          ready,
          frame(ready, rightLeg(30, 30, -30, 24), arms(20, 30, 20)),
          frame(ready, rightLeg(36, 10, -45, 30), arms(6, 18, 30)),
        ],
        { natural: 1.5 },
      ),
    },
  ),
  'low-back-squeeze-and-let-go': figure(
    there([SIT, frame(SIT, tilt(-14), spine(58), head(24))], { props: [CHAIR], natural: 6 }),
    {
      'hands on the knees, half way': there(
        [frame(SIT, holding('rightKnee')), frame(SIT, tilt(-8), spine(32), head(14), holding('rightKnee'))],
        { props: [CHAIR], natural: 6 },
      ),
      'hang between the knees': there([SIT, frame(SIT, tilt(40), spine(52), head(24), arms(88, 6, 30))], {
        props: [CHAIR],
        natural: 7,
      }),
    },
  ),
};
