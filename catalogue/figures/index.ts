import type { Figures } from '@prompt-spark/core/figure/motion';
import { armFigures } from './arms.ts';
import { breathingFigures } from './breathing.ts';
import { circleFigures } from './circles.ts';
import { gymFigures } from './gym.ts';
import { hipFigures } from './hips.ts';
import { jumpFigures } from './jumps.ts';
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
import { trunkFigures } from './trunk.ts';

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
  ...gymFigures,
  ...postureFigures,
};
