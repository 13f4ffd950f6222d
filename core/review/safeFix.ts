import { blockTimes, lengthOf, type BlockTime } from '../timeline/blockTimes.ts';
import type { Level } from '../units.ts';
import { GRAVE_RULES } from './everyRule.ts';
import { severityRank, type Finding, type Fix, type Laid } from './finding.ts';
import { changedBy, fixed } from './fix.ts';
import { withCircuit } from './placed.ts';

/** The most fixes that are tried out and offered at once; the rest follow when these are done. */
const MOST_FIXES = 40;

/**
 * The findings of a review with their fixes only where those raise nothing worse than what they mend; else with words that
 * say so. Worse is a graver severity: a note's fix may not raise a warning, nor a warning's a stop.
 */
export function withSafeFixes(findings: readonly Finding[], laid: Laid): readonly Finding[] {
  const tried = trialsOf(laid);
  const offering = new Set(findings.filter(({ fix }) => fix).slice(0, MOST_FIXES));
  return findings.map((finding) => {
    const { fix, ...rest } = finding;
    if (!fix) return finding;
    if (!offering.has(finding)) return rest;
    const worse = raisedBy(fix.change, finding, findings);
    if (!worse) return finding;
    return { ...rest, words: `${rest.words} “${fix.label}” would bring something worse here: ${worse.title}.` };
  });

  function raisedBy(fix: Fix, mended: Finding, known: readonly Finding[]): Finding | undefined {
    const { aspects, moved } = changedBy(fix, laid.placed);
    const rules = GRAVE_RULES.filter(
      ({ upTo, by, about }) =>
        isGraver(upTo, mended.severity) &&
        by.some((aspect) => aspects.has(aspect)) &&
        moved.some((one) => about(one, laid)),
    );
    if (rules.length === 0) return undefined;
    const after = tried(fix);
    return rules
      .flatMap(({ rule }) => rule(after))
      .filter(
        ({ rule, severity }) => !laid.occasion.approach.without.includes(rule) && isGraver(severity, mended.severity),
      )
      .find((raised, _, all) => countLike(raised, all) > countLike(raised, known));
  }
}

/** Lays a circuit out anew with one fix or another done: what a fix leaves alone is taken over as it was. */
function trialsOf(laid: Laid): (fix: Fix) => Laid {
  const known = new Map<Level, readonly BlockTime[]>();
  const timesAt = (level: Level): readonly BlockTime[] => {
    const times = known.get(level) ?? blockTimes(laid.circuit, laid.occasion, level);
    known.set(level, times);
    return times;
  };
  return (fix) => {
    const circuit = fixed(laid.circuit, fix, laid.occasion.library);
    return withCircuit(laid, circuit, (level) => lengthOf(blockTimes(circuit, laid.occasion, level, timesAt(level))));
  };
}

const isGraver = (one: Finding['severity'], other: Finding['severity']): boolean =>
  severityRank(one) < severityRank(other);

/** How many findings of the rule are at least as grave. */
const countLike = ({ rule, severity }: Finding, all: readonly Finding[]): number =>
  all.filter((other) => other.rule === rule && !isGraver(severity, other.severity)).length;
