import { manyLandings, manyNeckMoves, sameInARow, shortRaise, steepClimb, tiring } from './amountRules.ts';
import { gap, planeMissing, repeatedTarget } from './coverageRules.ts';
import { oddLengths } from './lengthRules.ts';
import { longHold, longRolling, oneSideOnly, tooHard } from './doseRules.ts';
import type { GraveRule, NoteRule, Reviewed, Finding } from './finding.ts';
import { forWhatItAvoids } from './apartRules.ts';
import { oddOneOut, tooFewThings } from './kitRules.ts';
import { hardEasyHard, holdAfterMoving, phaseOrder, raiseFirst, wrongOrder } from './orderRules.ts';
import { nobodyMay, noSwap } from './peopleRules.ts';
import { hiddenTime, overTime, tooLong, underTime, upAndDown } from './timeRules.ts';

/** The rules that may find more than a note, in the order in which findings of one severity are told. */
export const GRAVE_RULES: readonly GraveRule[] = [
  nobodyMay,
  overTime,
  noSwap,
  forWhatItAvoids,
  oneSideOnly,
  longHold,
  raiseFirst,
  tooHard,
  tiring,
  tooFewThings,
  wrongOrder,
  manyLandings,
  steepClimb,
];

/** The rules that find notes alone, in the order in which they are told. */
const NOTE_RULES: readonly NoteRule[] = [
  oddOneOut,
  holdAfterMoving,
  longRolling,
  phaseOrder,
  hardEasyHard,
  repeatedTarget,
  gap,
  planeMissing,
  oddLengths,
  shortRaise,
  manyNeckMoves,
  sameInARow,
  upAndDown,
  hiddenTime,
  underTime,
  tooLong,
];

/** Every rule, in the order in which findings of one severity are told. */
export const EVERY_RULE: readonly ((reviewed: Reviewed) => readonly Finding[])[] = [...GRAVE_RULES, ...NOTE_RULES];
