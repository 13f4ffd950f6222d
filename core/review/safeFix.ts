import type { BlockTime } from '../timeline/timeline.ts';
import { blockTimer, lengthOf, type BlockTimer } from '../timeline/blockTimes.ts';
import type { Level, Seconds } from '../units.ts';
import { GRAVE_RULES } from './everyRule.ts';
import { severityRank, type Finding, type Fix, type Harm, type Laid } from './finding.ts';
import { changedBy, fixed, type Changed } from './fix.ts';
import { withCircuit } from './placed.ts';
import { isOverTime } from './timeRules.ts';

/** The most fixes that are tried out and offered at once; the rest follow when these are done. */
const MOST_FIXES = 40;

/** What floating-point sums of the same seconds may differ by. */
const DUST: Seconds = 1e-6;

/**
 * The findings of a review with their fixes only where those do no harm; else with what speaks against them. A fix may raise
 * nothing worse than what it mends: a graver severity, so that a note's fix raises no warning, nor a warning's a stop. One
 * that only changes the order may not take longer, and where the time is over already, none may.
 *
 * @param planned what the blocks of the circuit take at plan
 */
export function withSafeFixes(
  findings: readonly Finding[],
  laid: Laid,
  planned: readonly BlockTime[],
): readonly Finding[] {
  const tried = trialsOf(laid, planned);
  const late = isOverTime(laid);
  const offering = new Set(findings.filter(({ fix }) => fix).slice(0, MOST_FIXES));
  return findings.map((finding) => {
    const { fix, ...rest } = finding;
    if (!fix) return finding;
    if (!offering.has(finding)) return rest;
    const why = harmOf(fix, finding);
    return why ? { ...rest, keptBack: { fix, why } } : finding;
  });

  function harmOf(fix: Fix, mended: Finding): Harm | undefined {
    const trial = tried(fix);
    const changed = changedBy(fix, laid.placed);
    const more = late || changed.aspects.has('order') ? trial.lasts('plan') - laid.lasts('plan') : 0;
    if (more > DUST) return { kind: 'longer', by: more, late };
    const worse = raisedBy(changed, mended, trial);
    return worse && { kind: 'worse', finding: worse };
  }

  function raisedBy({ aspects, moved }: Changed, mended: Finding, { circuit, lasts }: Trial): Finding | undefined {
    const rules = GRAVE_RULES.filter(
      ({ upTo, by, about }) =>
        isGraver(upTo, mended.severity) &&
        by.some((aspect) => aspects.has(aspect)) &&
        moved.some((one) => about(one, laid)),
    );
    if (rules.length === 0) return undefined;
    const after = withCircuit(laid, circuit, lasts);
    return rules
      .flatMap(({ rule }) => rule(after))
      .filter(
        ({ rule, severity }) => !laid.occasion.approach.without.includes(rule) && isGraver(severity, mended.severity),
      )
      .find((raised, _, all) => countLike(raised, all) > countLike(raised, findings));
  }
}

/** A circuit with a fix done, and what it takes then. */
type Trial = Pick<Laid, 'circuit' | 'lasts'>;

/** Does one fix or another: what it leaves alone is not timed again. */
function trialsOf(laid: Laid, planned: readonly BlockTime[]): (fix: Fix) => Trial {
  const { circuit, occasion } = laid;
  const timers = new Map<Level, BlockTimer>();
  const timerAt = (level: Level): BlockTimer => {
    const timer = timers.get(level) ?? blockTimer(circuit, occasion, level, level === 'plan' ? planned : []);
    timers.set(level, timer);
    return timer;
  };
  return (fix) => {
    const changed = fixed(circuit, fix, occasion.library);
    return { circuit: changed, lasts: (level) => lengthOf(timerAt(level)(changed.blocks)) };
  };
}

const isGraver = (one: Finding['severity'], other: Finding['severity']): boolean =>
  severityRank(one) < severityRank(other);

/** How many findings of the rule are at least as grave. */
const countLike = ({ rule, severity }: Finding, all: readonly Finding[]): number =>
  all.filter((other) => other.rule === rule && !isGraver(severity, other.severity)).length;
