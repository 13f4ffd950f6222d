import type { Circuit } from '../circuit/circuit.ts';
import { coverageOf } from '../coverage/coverageOf.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import type { Timeline } from '../timeline/timeline.ts';
import { EVERY_RULE } from './everyRule.ts';
import { NOBODY_KNOWN, severityRank, type Finding, type Laid, type WhoDoesWhat } from './finding.ts';
import { withKitSwaps } from './kitRules.ts';
import { laidOut } from './placed.ts';
import { withSafeFix } from './safeFix.ts';

/** The most fixes that are tried out and offered at once; the rest follow when these are done. */
const MOST_FIXES = 40;

/** What a review found, before any fix was tried: to try one takes as long as to lay the circuit out anew. */
export interface Review {
  readonly laid: Laid;
  /** The gravest first; without what the approach does without. A fix among them may still raise something worse. */
  readonly findings: readonly Finding[];
}

/**
 * Everything there is to say about a circuit, the gravest first, but for what its approach does without. Its fixes are
 * untried: `withFixTried` says of each, when somebody looks at it, whether it may be offered.
 */
export function reviewCircuit(
  circuit: Circuit,
  occasion: Occasion,
  who: WhoDoesWhat = NOBODY_KNOWN,
  timeline: Timeline = timeCircuit(circuit, occasion),
): Review {
  const laid = laidOut(circuit, occasion, who, timeline);
  const reviewed = { ...laid, coverage: coverageOf(circuit, occasion, occasion.session) };
  const found = EVERY_RULE.flatMap((rule) => rule(reviewed))
    .filter(({ rule }) => !occasion.approach.without.includes(rule))
    .map((finding) => (finding.rule === 'too-few-things' ? withKitSwaps(finding, laid) : finding));
  const findings = found.toSorted((one, other) => severityRank(one.severity) - severityRank(other.severity));
  const offered = new Set(findings.filter(({ fix }) => fix).slice(0, MOST_FIXES));
  return { laid, findings: findings.map((finding) => (offered.has(finding) ? finding : withoutFix(finding))) };
}

/** A finding of a review with its fix only where that raises nothing worse than what it mends; else with words that say so. */
export function withFixTried(finding: Finding, { laid, findings }: Review): Finding {
  return withSafeFix(finding, laid, findings);
}

/** A finding whose fix is not offered, or not yet. */
export function withoutFix({ fix: _fix, ...rest }: Finding): Finding {
  return rest;
}
