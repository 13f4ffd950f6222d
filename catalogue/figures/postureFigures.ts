import type { Figures } from '@prompt-spark/core/figure/motion';
import { figure, still } from './authoring.ts';
import {
  CHAIR,
  HALF_KNEEL,
  KNEEL,
  LONG_ON_BACK,
  ON_FRONT,
  ON_HANDS,
  ON_SIDE,
  PLANK,
  READY,
  SIT,
  STAND,
} from './postures.ts';

/** What a drill of a coach's own looks like that is drawn as no other: its posture, held. */
export const postureFigures: Figures = {
  'posture-standing': figure(still(STAND)),
  'posture-squat': figure(still(READY)),
  'posture-half-kneeling': figure(still(HALF_KNEEL)),
  'posture-kneeling': figure(still(KNEEL)),
  'posture-quadruped': figure(still(ON_HANDS)),
  'posture-plank': figure(still(PLANK)),
  'posture-seated': figure(still(SIT, { props: [CHAIR] })),
  'posture-supine': figure(still(LONG_ON_BACK)),
  'posture-prone': figure(still(ON_FRONT)),
  'posture-side-lying': figure(still(ON_SIDE)),
};
