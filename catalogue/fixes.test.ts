import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { occasionOf, type Occasion } from '@prompt-spark/core/occasion/occasion';
import { ANYWHERE } from '@prompt-spark/core/occasion/site';
import { APPROACHES, approachOf } from '@prompt-spark/core/approach/approaches';
import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import { MAIN_SESSIONS } from '@prompt-spark/core/approach/mainSessions';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { PHASES } from '@prompt-spark/core/drills/phase';
import { coverageOf } from '@prompt-spark/core/coverage/coverageOf';
import { everyFinding } from '@prompt-spark/core/review/everyRule';
import { NOBODY_KNOWN, severityRank, type Finding } from '@prompt-spark/core/review/finding';
import { fixed } from '@prompt-spark/core/review/fix';
import { laidOut } from '@prompt-spark/core/review/placed';
import { reviewCircuit } from '@prompt-spark/core/review/reviewCircuit';
import { withSafeFixes } from '@prompt-spark/core/review/safeFix';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';

const library = libraryOf(catalogue);
const occasion = occasionOf({ library });

const dose = fc.constantFrom('', ' 8/side', ' 8/side alt', ' 8 both', ' 20s', ' 45s/side', ' 3 lengths', ' some');
const line = fc
  .tuple(fc.constantFrom(...catalogue), dose, fc.constantFrom('', ' rest 10s', ' !'))
  .map(([{ name }, amount, rest]) => ` ${name.toLowerCase()}${amount}${rest}`);
const block = fc
  .tuple(fc.constantFrom(...PHASES), fc.constantFrom('', ' 2 rounds'), fc.array(line, { minLength: 1, maxLength: 5 }))
  .map(([phase, rounds, lines]) => [`${phase}${rounds}`, ...lines].join('\n'));

/** A board as somebody might leave it: drills from all over the library, in whatever phase and order, with doses that do not always suit. */
const board = fc
  .tuple(fc.constantFrom('', 'in: 3:00', 'in: 8:00', 'in: 15:00'), fc.array(block, { minLength: 1, maxLength: 4 }))
  .map(([heading, blocks]) => [heading, ...blocks].join('\n'));

const APPROACH_IDS = APPROACHES.map(({ id }) => id);
const SESSION_IDS = MAIN_SESSIONS.map(({ id }) => id);
/** What a review goes by, by name, so that a counterexample can be read. */
const school = fc.tuple(fc.constantFrom(...APPROACH_IDS), fc.constantFrom('', ...SESSION_IDS));

function occasionBy([approachId, sessionId]: readonly [string, string]): Occasion {
  const session = MAIN_SESSIONS.find(({ id }) => id === sessionId);
  const site = { ...ANYWHERE, counts: { 'loop band': 6 } };
  return occasionOf({ library, site, approach: approachOf(approachId), session });
}

const rank = ({ severity }: Finding) => severityRank(severity);
const idOf = ({ rule, slotIds }: Finding) => `${rule} ${slotIds.toSorted().join(' ')}`;
const told = (finding: Finding) => `${finding.severity} ${finding.rule} ${JSON.stringify(finding.facts)}`;

/** What floating-point sums of the same seconds may differ by. */
const DUST = 1e-6;
const changesOrder = ({ fix }: Finding): boolean =>
  fix !== undefined && ['before', 'order', 'block order'].includes(fix.kind);

/** Findings of a rule that are at least so grave. */
const graveOf = (findings: readonly Finding[], of: string, atLeast: number) =>
  findings.filter((finding) => finding.rule === of && rank(finding) <= atLeast).length;

interface Offer {
  readonly before: readonly Finding[];
  readonly after: readonly Finding[];
  readonly mended: Finding;
  readonly circuit: Circuit;
  readonly changed: Circuit;
}

/** Every fix that is offered for a board, done. */
function offers(text: string, occasion: Occasion): readonly Offer[] {
  const { circuit } = readWhiteboard(text, library);
  const before = reviewCircuit(circuit, occasion);
  return before.flatMap((mended): readonly Offer[] => {
    if (!mended.fix) return [];
    const changed = fixed(circuit, mended.fix, library);
    return [{ before, after: reviewCircuit(changed, occasion), mended, circuit, changed }];
  });
}

/** One length more, which would bring everybody back, is the landing too many. */
const AT_THE_BRINK = 'raise\n jog\nrelease\n tuck jump 3 lengths\n skip for distance\nrelease\n squat jump 8/side alt';

describe('one length more', () => {
  it('is not offered where it makes more landings than warm people up', () => {
    const { circuit } = readWhiteboard(AT_THE_BRINK, library);
    const odd = reviewCircuit(circuit, occasion).find(({ rule }) => rule === 'odd-lengths');
    expect(odd?.fix).toBeUndefined();
    expect(odd?.keptBack?.why).toMatchObject({
      kind: 'worse',
      finding: { rule: 'many-landings', facts: { landings: 51 } },
    });
  });
});

describe('whatever the board, a fix that is offered', () => {
  it('never raises a worse finding than the one it mends', () => {
    fc.assert(
      fc.property(board, school, (text, school) => {
        for (const { before, after, mended } of offers(text, occasionBy(school))) {
          const worse = after.filter(
            (finding) =>
              rank(finding) < rank(mended) &&
              graveOf(after, finding.rule, rank(finding)) > graveOf(before, finding.rule, rank(finding)),
          );
          expect(worse.map((finding) => `${told(mended)} → ${told(finding)}`)).toEqual([]);
        }
      }),
      { numRuns: 300 },
    );
  });

  it('never makes a circuit longer that has no time left, nor any by another order', () => {
    fc.assert(
      fc.property(board, school, (text, school) => {
        const occasion = occasionBy(school);
        for (const { before, mended, circuit, changed } of offers(text, occasion)) {
          if (!changesOrder(mended) && !before.some(({ rule }) => rule === 'over-time')) continue;
          const [was, is] = [circuit, changed].map((one) => timeCircuit(one, occasion).total.plan);
          expect(is, told(mended)).toBeLessThanOrEqual((was ?? 0) + DUST);
        }
      }),
      { numRuns: 400 },
    );
  });

  it('is offered wherever it raises nothing worse and is not too long, as a whole review of the circuit with it says', () => {
    fc.assert(
      fc.property(board, school, (text, school) => {
        const { circuit } = readWhiteboard(text, library);
        const occasion = occasionBy(school);
        const timeline = timeCircuit(circuit, occasion);
        const laid = laidOut(circuit, occasion, NOBODY_KNOWN, (level) => timeline.total[level]);
        const { session } = occasion;
        const found = everyFinding({ ...laid, timeline, coverage: coverageOf(circuit, occasion, session) });
        const kept = found.filter(({ rule }) => !occasion.approach.without.includes(rule));
        const offered = withSafeFixes(kept, laid, timeline.blocks);
        const late = kept.some(({ rule }) => rule === 'over-time');
        kept.forEach((finding, at) => {
          if (!finding.fix) return;
          const changed = fixed(circuit, finding.fix, library);
          const after = reviewCircuit(changed, occasion);
          const mayNotGrow = late || changesOrder(finding);
          const longer = mayNotGrow && timeCircuit(changed, occasion).total.plan > timeline.total.plan + DUST;
          const worse = after.some(
            (one) =>
              rank(one) < rank(finding) && graveOf(after, one.rule, rank(one)) > graveOf(kept, one.rule, rank(one)),
          );
          expect(`${told(finding)}: ${offered[at]?.fix ? 'offered' : 'kept back'}`).toBe(
            `${told(finding)}: ${worse || longer ? 'kept back' : 'offered'}`,
          );
        });
      }),
      { numRuns: 400 },
    );
  });

  it('leaves less of what it mends', () => {
    fc.assert(
      fc.property(board, school, (text, school) => {
        for (const { after, mended, circuit, changed } of offers(text, occasionBy(school))) {
          const still = after.find((finding) => idOf(finding) === idOf(mended));
          if (mended.rule === 'over-time') {
            const seconds = (one: Circuit) => timeCircuit(one, occasion).total.plan;
            expect(seconds(changed)).toBeLessThan(seconds(circuit));
          } else expect(still && `${told(mended)} → ${told(still)}`).toBeUndefined();
        }
      }),
      { numRuns: 300 },
    );
  });

  it('keeps every line', () => {
    fc.assert(
      fc.property(board, school, (text, school) => {
        for (const { circuit, changed } of offers(text, occasionBy(school))) {
          const ids = (one: Circuit) => one.blocks.flatMap(({ lines }) => lines.map(({ id }) => id)).toSorted();
          expect(ids(changed)).toEqual(ids(circuit));
        }
      }),
      { numRuns: 200 },
    );
  });
});
