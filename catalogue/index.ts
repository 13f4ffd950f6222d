import type { Drill } from '@prompt-spark/core/drills/drill';
import { breathing } from './breathing.ts';
import { circles } from './circles.ts';
import { hips } from './hips.ts';
import { jumps } from './jumps.ts';
import { lunges } from './lunges.ts';
import { patterns } from './patterns.ts';
import { pulse } from './pulse.ts';
import { spine } from './spine.ts';
import { stretches } from './stretches.ts';
import { trunk } from './trunk.ts';

/** Every drill that ships with the software. */
export const catalogue: readonly Drill[] = [
  ...breathing,
  ...stretches,
  ...pulse,
  ...circles,
  ...spine,
  ...lunges,
  ...hips,
  ...trunk,
  ...patterns,
  ...jumps,
];
