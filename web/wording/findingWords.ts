import { clockWords } from '@prompt-spark/core/clockWords';
import type { RuleId } from '@prompt-spark/core/review/facts';
import type { Finding, FindingOf, Fix, Harm } from '@prompt-spark/core/review/finding';
import { review } from './english/review.ts';
import { inLanguage } from './language.ts';

const say = inLanguage('review', review);

/** What a rule looks for, as a coach would name it. */
export const ruleName = (rule: RuleId): string => say.rules[rule].name;

/** What a finding found. */
export const findingTitle = <Rule extends RuleId>({ rule, facts }: FindingOf<Rule>): string =>
  say.rules[rule].title(facts);

/** What to do about it, with what speaks against a fix that is kept back. */
export function findingAdvice(finding: Finding): string {
  const advice = adviceOf(finding);
  const { keptBack } = finding;
  return keptBack ? `${advice} ${harmWords(fixLabel(finding, keptBack.fix), keptBack.why)}` : advice;
}

const adviceOf = <Rule extends RuleId>({ rule, facts }: FindingOf<Rule>): string => say.rules[rule].advice(facts);

/** What a fix of it does, for the button that does it. */
export const fixLabel = <Rule extends RuleId>({ rule, facts }: FindingOf<Rule>, fix: Fix): string =>
  say.rules[rule].fix?.(facts, fix) ?? say.rules[rule].name;

/** Where it comes from. */
export const sourceWords = ({ source }: Finding): string => say.sources[source];

function harmWords(fix: string, harm: Harm): string {
  return harm.kind === 'longer'
    ? say.keptBack.longer(fix, clockWords(Math.max(1, harm.by)), harm.late)
    : say.keptBack.worse(fix, findingTitle(harm.finding));
}
