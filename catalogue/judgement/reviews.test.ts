import { approachOf } from '@prompt-spark/core/approach/approaches';
import { mainSessionOf } from '@prompt-spark/core/approach/meantSession';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { reviewCircuit } from '@prompt-spark/core/review/reviewCircuit';
import { RULE_IDS } from '@prompt-spark/core/review/facts';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { describe, expect, it } from 'vitest';
import { catalogue } from '../index.ts';
import { boardOf, casesIn, lookedAt, named, putAside, rateOf } from './cases.ts';

const library = libraryOf(catalogue);

const CASES = casesIn('reviews.txt').map(({ fields }) => {
  const [board = '', must, never, why = ''] = fields;
  return { board: boardOf(board), must: named(must, ','), never: named(never, ','), why };
});

function said(board: string): readonly string[] {
  const { circuit, problems } = readWhiteboard(board, library);
  if (problems.length > 0) throw new Error(`"${problems[0]?.text ?? ''}" was not read.`);
  const occasion = occasionOf({
    library,
    approach: approachOf(circuit.approach),
    session: mainSessionOf(circuit.purpose),
  });
  return reviewCircuit(circuit, occasion).map(({ rule }) => rule);
}

const outcome = ({ board, must, never }: (typeof CASES)[number]) => {
  const rules = said(board);
  const right = must.every((rule) => rules.includes(rule)) && never.every((rule) => !rules.includes(rule));
  return { right, said: `${board.replaceAll('\n', ' / ')}: ${rules.join(', ')}` };
};

describe('what is said of a circuit (common practice, no source)', () => {
  it('is told by rules that there are', () => {
    const known: ReadonlySet<string> = new Set(RULE_IDS);
    for (const { board, must, never } of CASES)
      expect([board, [...must, ...never].filter((rule) => !known.has(rule))]).toEqual([board, []]);
  });

  // The rates of today. They may rise, and never fall.
  it.each([
    ['looked at', lookedAt(CASES), 96],
    ['put aside', putAside(CASES), 96],
  ] as const)('is what a good coach would say, in the cases %s', (_, cases, least) => {
    const outcomes = cases.map(outcome);
    const wrong = outcomes.filter(({ right }) => !right).map((one) => one.said);
    expect(rateOf(outcomes.map(({ right }) => right)), wrong.join('\n')).toBeGreaterThanOrEqual(least);
  });
});
