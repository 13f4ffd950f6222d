import type { Circuit } from '../circuit/circuit.ts';
import { coverageOf } from '../coverage/coverageOf.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import type { Timeline } from '../timeline/timeline.ts';
import { EVERY_RULE } from './everyRule.ts';
import { NOBODY_KNOWN, severityRank, type Finding, type WhoDoesWhat } from './finding.ts';
import { laidOut } from './placed.ts';
import { withSafeFix } from './safeFix.ts';

/** The most fixes that are tried out and offered at once; the rest follow when these are done. */
const MOST_FIXES = 40;

/**
 * Everything there is to say about a circuit, the gravest first. What its approach does without is left out, and no
 * fix is offered that would raise something worse than what it mends.
 */
export function reviewCircuit(
  circuit: Circuit,
  occasion: Occasion,
  who: WhoDoesWhat = NOBODY_KNOWN,
  timeline: Timeline = timeCircuit(circuit, occasion),
): readonly Finding[] {
  const laid = laidOut(circuit, occasion, who, timeline);
  const reviewed = { ...laid, coverage: coverageOf(circuit, occasion, occasion.session) };
  const findings = EVERY_RULE.flatMap((rule) => rule(reviewed)).filter(
    ({ rule }) => !occasion.approach.without.includes(rule),
  );
  const told = findings.toSorted((one, other) => severityRank(one.severity) - severityRank(other.severity));
  const offered = new Set(told.filter(({ fix }) => fix).slice(0, MOST_FIXES));
  return told.map((finding) => (offered.has(finding) ? withSafeFix(finding, laid, findings) : withoutFix(finding)));
}

function withoutFix({ fix: _fix, ...rest }: Finding): Finding {
  return rest;
}
