import type { Circuit } from '../circuit/circuit.ts';
import { coverageOf } from '../coverage/coverageOf.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import type { Timeline } from '../timeline/timeline.ts';
import { everyFinding } from './everyRule.ts';
import { NOBODY_KNOWN, severityRank, type Finding, type WhoDoesWhat } from './finding.ts';
import { laidOut } from './placed.ts';
import { withSafeFixes } from './safeFix.ts';

/**
 * Everything there is to say about a circuit, the gravest first, but for what its approach does without. Each fix among it
 * was tried: it raises nothing worse than what it mends, and takes no longer where it may not.
 */
export function reviewCircuit(
  circuit: Circuit,
  occasion: Occasion,
  who: WhoDoesWhat = NOBODY_KNOWN,
  timeline: Timeline = timeCircuit(circuit, occasion),
): readonly Finding[] {
  const laid = laidOut(circuit, occasion, who, (level) => timeline.total[level]);
  const reviewed = { ...laid, timeline, coverage: coverageOf(circuit, occasion, occasion.session) };
  const found = everyFinding(reviewed).filter(({ rule }) => !occasion.approach.without.includes(rule));
  const gravestFirst = found.toSorted((one, other) => severityRank(one.severity) - severityRank(other.severity));
  return withSafeFixes(gravestFirst, laid, timeline.blocks);
}
