import type { Figures } from '@prompt-spark/core/figure/motion';
import { armFigures } from './arms.ts';
import { breathingFigures } from './breathing.ts';
import { circleFigures } from './circles.ts';
import { floorFigures } from './floor.ts';
import { hangingFigures } from './hanging.ts';
import { hipFigures } from './hips.ts';
import { jumpFigures } from './jumps.ts';
import { kickFigures } from './kicks.ts';
import { laneFigures } from './lanes.ts';
import { lungeFigures } from './lunges.ts';
import { patternFigures } from './patterns.ts';
import { postureFigures } from './postureFigures.ts';
import { pullFigures } from './pulls.ts';
import { pulseFigures } from './pulse.ts';
import { rollingFigures } from './rolling.ts';
import { runningFigures } from './running.ts';
import { spineFigures } from './spine.ts';
import { stepFigures } from './steps.ts';
import { stretchFigures } from './stretches.ts';
import { supportFigures } from './supports.ts';
import { trunkFigures } from './trunk.ts';
import { weightFigures } from './weights.ts';

/** The figure of every drill in the catalogue by its id, and of every posture. */
export const figures: Figures = {
  ...breathingFigures,
  ...rollingFigures,
  ...stretchFigures,
  ...pulseFigures,
  ...runningFigures,
  ...circleFigures,
  ...armFigures,
  ...spineFigures,
  ...stepFigures,
  ...lungeFigures,
  ...hipFigures,
  ...trunkFigures,
  ...pullFigures,
  ...patternFigures,
  ...jumpFigures,
  ...kickFigures,
  ...laneFigures,
  ...supportFigures,
  ...weightFigures,
  ...floorFigures,
  ...hangingFigures,
  ...postureFigures,
};
