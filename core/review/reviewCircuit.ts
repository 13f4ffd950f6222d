import type { Circuit } from '../circuit/circuit.ts';
import { coverageOf } from '../coverage/coverageOf.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import type { Timeline } from '../timeline/timeline.ts';
import { EVERY_RULE } from './everyRule.ts';
import { severityRank, type Finding, type ReviewContext } from './finding.ts';
import { placedIn } from './placed.ts';
import { withSafeFix } from './safeFix.ts';

/** So many fixes are tried out before they are offered; whoever has more to mend begins with these. */
const MOST_FIXES = 40;

/**
 * Everything there is to say about a circuit, the gravest first. What its approach does without is left out, and no
 * fix is offered that would raise something worse than what it mends.
 */
export function reviewCircuit(
  circuit: Circuit,
  context: ReviewContext,
  timeline: Timeline = timeCircuit(circuit, context.setting),
): readonly Finding[] {
  const { library } = context.setting;
  const coverage = coverageOf(circuit, context.setting, context.session);
  const reviewed = { ...context, circuit, timeline, placed: placedIn(circuit, library), coverage };
  const findings = EVERY_RULE.flatMap((rule) => rule(reviewed)).filter(
    ({ rule }) => !context.approach.without.includes(rule),
  );
  const told = findings.toSorted((one, other) => severityRank(one.severity) - severityRank(other.severity));
  const offered = new Set(told.filter(({ fix }) => fix).slice(0, MOST_FIXES));
  return told.map((finding) =>
    offered.has(finding) ? withSafeFix(finding, circuit, context, findings) : withoutFix(finding),
  );
}

function withoutFix({ fix: _fix, ...rest }: Finding): Finding {
  return rest;
}
