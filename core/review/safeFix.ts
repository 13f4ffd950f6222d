import { timeCircuit } from '../timeline/timeCircuit.ts';
import { GRAVE_RULES } from './everyRule.ts';
import { SEVERITIES, severityRank, type Finding, type Laid } from './finding.ts';
import { fixed } from './fix.ts';
import { laidOut } from './placed.ts';

/**
 * A finding with its fix, or, where the fix would raise something worse than what it mends, with words that say so
 * in its place. Worse is a graver severity: a note's fix may not raise a warning, nor a warning's a stop.
 *
 * @param known what the review found, this finding among it: what is there already is not raised by the fix.
 */
export function withSafeFix(finding: Finding, laid: Laid, known: readonly Finding[]): Finding {
  const { fix, ...rest } = finding;
  if (!fix || finding.severity === SEVERITIES[0]) return finding;
  const changed = fixed(laid.circuit, fix.change, laid.library);
  const after = laidOut(changed, laid, laid, timeCircuit(changed, laid));
  const worse = GRAVE_RULES.flatMap((rule) => rule(after))
    .filter(({ rule, severity }) => !laid.approach.without.includes(rule) && isGraver(severity, finding.severity))
    .find((raised, _, all) => countLike(raised, all) > countLike(raised, known));
  if (!worse) return finding;
  return { ...rest, words: `${rest.words} “${fix.label}” would bring something worse here: ${worse.title}.` };
}

const isGraver = (one: Finding['severity'], other: Finding['severity']): boolean =>
  severityRank(one) < severityRank(other);

/** How many findings of the rule are at least as grave. */
const countLike = ({ rule, severity }: Finding, all: readonly Finding[]): number =>
  all.filter((other) => other.rule === rule && !isGraver(severity, other.severity)).length;
