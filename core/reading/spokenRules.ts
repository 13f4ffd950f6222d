import { COUNT_RULES } from './countRules.ts';
import { DISTANCE_RULES } from './distanceRules.ts';
import { EFFORT_RULES } from './effortRules.ts';
import { HOLD_RULES } from './holdRules.ts';
import { LIFT_RULES } from './liftRules.ts';
import { REST_RULES } from './restRules.ts';
import { SIDE_RULES } from './sideRules.ts';
import type { SpokenRule } from './spokenRule.ts';
import { UNEVEN_RULES } from './unevenRules.ts';

/** Everything that is said of a dose, in the order in which it is looked for: what says most goes first. */
export const SPOKEN_RULES: readonly SpokenRule[] = [
  ...LIFT_RULES,
  ...EFFORT_RULES,
  ...REST_RULES,
  ...UNEVEN_RULES,
  ...HOLD_RULES,
  ...DISTANCE_RULES,
  ...SIDE_RULES,
  ...COUNT_RULES,
];
