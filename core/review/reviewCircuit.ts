import { slotsOf, type Circuit } from '../circuit/circuit.ts';
import { coverageOf } from '../coverage/coverageOf.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import type { Timeline } from '../timeline/timeline.ts';
import { countAt } from '../units.ts';
import { gap, planeMissing, repeatedTarget } from './coverageRules.ts';
import {
  longHold,
  longRolling,
  oddLengths,
  oddOneOut,
  oneSideOnly,
  tooFewThings,
  tooHard,
  vagueDose,
} from './doseRules.ts';
import { SEVERITIES, type Finding, type Placed, type ReviewContext, type Rule } from './finding.ts';
import { hardEasyHard, holdAfterMoving, phaseOrder, raiseFirst, wrongOrder } from './orderRules.ts';
import { nobodyMay, noSwap } from './peopleRules.ts';
import { hiddenTime, overTime, underTime, upAndDown } from './timeRules.ts';

/** Every rule, in the order in which findings of one severity are told. */
const RULES: readonly Rule[] = [
  nobodyMay,
  overTime,
  vagueDose,
  noSwap,
  oneSideOnly,
  longHold,
  raiseFirst,
  tooHard,
  tooFewThings,
  oddOneOut,
  wrongOrder,
  holdAfterMoving,
  longRolling,
  phaseOrder,
  hardEasyHard,
  repeatedTarget,
  gap,
  planeMissing,
  oddLengths,
  upAndDown,
  hiddenTime,
  underTime,
];

/** Everything there is to say about a circuit, the gravest first. What its approach does without is left out. */
export function reviewCircuit(
  circuit: Circuit,
  context: ReviewContext,
  timeline: Timeline = timeCircuit(circuit, context.setting),
): readonly Finding[] {
  const coverage = coverageOf(circuit, context.setting.library, context.session);
  const reviewed = { ...context, circuit, timeline, placed: placedIn(circuit, context), coverage };
  const findings = RULES.flatMap((rule) => rule(reviewed)).filter(
    ({ rule }) => !context.approach.without.includes(rule),
  );
  const rank = ({ severity }: Finding): number => SEVERITIES.indexOf(severity);
  return findings.toSorted((one, other) => rank(one) - rank(other));
}

function placedIn(circuit: Circuit, { setting }: ReviewContext): readonly Placed[] {
  return circuit.blocks.flatMap((block) =>
    slotsOf(block).flatMap((slot): readonly Placed[] => {
      const drill = setting.library.byId.get(slot.drillId);
      if (!drill) return [];
      return [{ slot, drill, blockId: block.id, phase: block.phase, rounds: countAt(block.rounds, 'plan') }];
    }),
  );
}
