/** Every rule of the review by its id, as a coach would name what it looks for. */
export const RULE_NAMES = {
  'nobody-may': 'A drill that nobody present may do',
  'no-swap': 'Somebody with nothing to do in a slot',
  'kept-apart': 'For the very session it must not come before',
  'over-time': 'Longer than the time there is',
  'under-time': 'Much shorter than the time there is',
  'too-long': 'Longer than a warm-up is',
  'hidden-time': 'Much hidden time',
  'up-and-down': 'Getting up and down more than needed',
  'no-raise': 'No raise',
  'fast-before-warm': 'Anything fast before people are warm',
  'phase-order': 'Phases in another order',
  'long-hold': 'Long static holds',
  'hold-after-moving': 'Static holds after moving drills',
  'long-roll': 'Rolling one area for long',
  'rolling-in-all': 'Much rolling in all',
  'swing-before-circle': 'Swings before circles of a joint',
  'neck-circles-first': 'Neck circles before turns and nods',
  'one-leg-first': 'One leg before two',
  'hard-easy-hard': 'Hard, easy, hard again',
  'too-hard': 'Too hard for a warm-up',
  tiring: 'Hard work that tires before the session',
  'one-side': 'One side without the other',
  'many-landings': 'Many jumps and landings',
  'steep-climb': 'A climb to a lift that jumps',
  'short-raise': 'A short raise',
  'many-neck-moves': 'Many moves of the neck',
  'same-in-a-row': 'Drill after drill for one part of the body',
  'odd-lengths': 'Ending at the far end',
  'odd-one-out': 'Somebody without a partner',
  'too-few-things': 'More people than kit',
  'repeated-target': 'The same again while something lacks',
  gap: 'What the session needs and lacks',
  'plane-missing': 'A plane missing',
} as const;

export type RuleId = keyof typeof RULE_NAMES;

/** Every rule's id. */
export const RULE_IDS = Object.keys(RULE_NAMES) as readonly RuleId[];
