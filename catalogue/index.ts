import type { Drill } from '@prompt-spark/core/drills/drill';
import { arms } from './arms.ts';
import { breathing } from './breathing.ts';
import { circles } from './circles.ts';
import { classFloor } from './classFloor.ts';
import { gym } from './gym.ts';
import { hips } from './hips.ts';
import { jumps } from './jumps.ts';
import { lunges } from './lunges.ts';
import { patterns } from './patterns.ts';
import { raisers } from './pulse.ts';
import { pulls } from './pulls.ts';
import { rolling } from './rolling.ts';
import { running } from './running.ts';
import { withSameMovements } from './sameMovement.ts';
import { spine } from './spine.ts';
import { steps } from './steps.ts';
import { stretches } from './stretches.ts';
import { trunk } from './trunk.ts';

/** Every drill that ships with the software. */
export const catalogue: readonly Drill[] = withSameMovements([
  ...breathing,
  ...rolling,
  ...stretches,
  ...raisers,
  ...running,
  ...circles,
  ...arms,
  ...spine,
  ...steps,
  ...lunges,
  ...hips,
  ...trunk,
  ...pulls,
  ...patterns,
  ...jumps,
  ...gym,
  ...classFloor,
]);
