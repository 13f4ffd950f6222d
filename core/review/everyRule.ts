import { isRaising, isStaticHold } from '../drills/kinds.ts';
import {
  isLanding,
  isTiring,
  manyLandings,
  manyNeckMoves,
  sameInARow,
  shortRaise,
  steepClimb,
  tiring,
} from './amountRules.ts';
import { gap, planeMissing, repeatedTarget } from './coverageRules.ts';
import { oddLengths } from './lengthRules.ts';
import { longHold, isHarderThanAllowed, longRolling, oneSideOnly, tooHard, withBothSides } from './doseRules.ts';
import type { Finding, GraveRule, Laid, NoteRule, Placed, Reviewed, Severity } from './finding.ts';
import type { Aspect } from './fix.ts';
import { forWhatItAvoids } from './apartRules.ts';
import { oddOneOut, tooFewThings, withKitSwaps } from './kitRules.ts';
import {
  hardEasyHard,
  holdAfterMoving,
  legOrder,
  neckOrder,
  phaseOrder,
  raiseFirst,
  swingOrder,
} from './orderRules.ts';
import { nobodyMay, noSwap } from './peopleRules.ts';
import { hiddenTime, overTime, tooLong, underTime, upAndDown, withTimeSaved } from './timeRules.ts';

/** A rule that may find more than a note, and when it may find something new in a circuit that is changed. */
interface Grave {
  readonly rule: GraveRule;
  /** The gravest that it finds. */
  readonly upTo: Severity;
  /** What of a circuit it goes by: where a fix leaves all of that alone, it finds what it found. */
  readonly by: readonly Aspect[];
  /** The slots that it is about, whichever block they are in: where others are moved among them, it finds what it found. */
  readonly about: (one: Placed, laid: Laid) => boolean;
  /** What it finds with what takes longer to work out, and is not asked for where a fix is tried: more words, and its fix. */
  readonly told?: (finding: Finding, laid: Laid) => Finding;
}

const isWarmOrFast = ({ drill, phase }: Placed): boolean => phase === 'potentiate' || isRaising(drill);
const everySlot = (): boolean => true;
const everySlotInTime = (_: Placed, { circuit }: Laid): boolean => circuit.available > 0;

/** The rules that may find more than a note, in the order in which findings of one severity are told. */
export const GRAVE_RULES: readonly Grave[] = [
  // Who does what in a slot is worked out for the circuit as it was, also where a fix is tried.
  { rule: nobodyMay, upTo: 'stop', by: [], about: everySlot },
  { rule: overTime, upTo: 'stop', by: ['length'], about: everySlotInTime, told: withTimeSaved },
  { rule: noSwap, upTo: 'warn', by: [], about: everySlot },
  { rule: forWhatItAvoids, upTo: 'warn', by: [], about: everySlot },
  { rule: oneSideOnly, upTo: 'warn', by: ['slots'], about: everySlot, told: withBothSides },
  { rule: longHold, upTo: 'stop', by: ['slots', 'rounds'], about: ({ drill }) => isStaticHold(drill) },
  { rule: raiseFirst, upTo: 'warn', by: ['slots', 'rounds', 'phases', 'order'], about: isWarmOrFast },
  { rule: tooHard, upTo: 'warn', by: ['slots', 'phases'], about: isHarderThanAllowed },
  { rule: tiring, upTo: 'warn', by: ['slots', 'rounds'], about: isTiring },
  { rule: tooFewThings, upTo: 'warn', by: ['slots'], about: everySlot, told: withKitSwaps },
  { rule: neckOrder, upTo: 'warn', by: ['slots', 'order'], about: ({ drill }) => drill.motion?.joint === 'neck' },
  { rule: manyLandings, upTo: 'warn', by: ['slots', 'rounds', 'phases'], about: ({ drill }) => isLanding(drill) },
  { rule: steepClimb, upTo: 'warn', by: ['slots'], about: everySlot },
];

/** The rules that find notes alone, in the order in which they are told. */
const NOTE_RULES: readonly NoteRule[] = [
  swingOrder,
  legOrder,
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

/** Everything that the rules find, in the order in which findings of one severity are told. */
export function everyFinding(reviewed: Reviewed): readonly Finding[] {
  return [
    ...GRAVE_RULES.flatMap(({ rule, told }) => rule(reviewed).map((found) => told?.(found, reviewed) ?? found)),
    ...NOTE_RULES.flatMap((rule) => rule(reviewed)),
  ];
}
