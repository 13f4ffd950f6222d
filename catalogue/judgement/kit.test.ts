import { usualSlot } from '@prompt-spark/core/circuit/slot';
import { baseOf } from '@prompt-spark/core/drills/drill';
import { KIT } from '@prompt-spark/core/drills/kit';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { instructed, instructionName, type SlotPlace } from '@prompt-spark/core/swaps/swap';
import { withoutKit } from '@prompt-spark/core/swaps/withoutKit';
import { describe, expect, it } from 'vitest';
import { catalogue } from '../index.ts';
import { casesIn, lookedAt, named, putAside, rateOf } from './cases.ts';

const library = libraryOf(catalogue);
const occasion = occasionOf({ library });

/** What everybody does instead where a thing lacks, as it is said. */
function instead(name: string, thing: string): string {
  const drill = library.byName.get(name.toLowerCase());
  const lacking = KIT.find((item) => item === thing);
  if (!drill || !lacking) throw new Error(`No such case: ${name} without ${thing}.`);
  const [phase] = drill.phases;
  const at = { slot: usualSlot(drill, 'slot'), drill, rung: baseOf(drill), phase, seconds: 40 };
  const place: SlotPlace = { ...at, before: undefined, after: undefined };
  const does = withoutKit(place, new Set([lacking]), occasion, new Set());
  const found = does && instructed(library, does);
  return found ? instructionName(found.drill, found.rung) : 'nothing';
}

const CASES = casesIn('kit.txt').map(({ fields }) => {
  const [drill = '', thing = '', may, never, why = ''] = fields;
  return { drill, thing, may: named(may), never: named(never), why };
});

const outcome = ({ drill, thing, may, never }: (typeof CASES)[number]) => {
  const does = instead(drill, thing);
  return { right: may.includes(does) && !never.includes(does), said: `${drill} without ${thing}: ${does}` };
};

describe('what is done without a thing (common practice, no source)', () => {
  it('is told of drills that the catalogue has', () => {
    const names = new Set(catalogue.flatMap((drill) => drill.ladder.map((rung) => instructionName(drill, rung))));
    for (const { drill, may, never } of CASES)
      expect([drill, [...may, ...never].filter((name) => !names.has(name))]).toEqual([drill, []]);
  });

  // The rates of today. They may rise, and never fall.
  it.each([
    ['looked at', lookedAt(CASES), 100],
    ['put aside', putAside(CASES), 100],
  ] as const)('is what a good coach would do, in the cases %s', (_, cases, least) => {
    const outcomes = cases.map(outcome);
    const wrong = outcomes.filter(({ right }) => !right).map(({ said }) => said);
    expect(rateOf(outcomes.map(({ right }) => right)), wrong.join('\n')).toBeGreaterThanOrEqual(least);
  });
});
