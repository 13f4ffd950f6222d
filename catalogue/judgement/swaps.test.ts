import { usualSlot } from '@prompt-spark/core/circuit/slot';
import { baseOf } from '@prompt-spark/core/drills/drill';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { ANYWHERE } from '@prompt-spark/core/occasion/site';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { LIMIT_SEVERITIES } from '@prompt-spark/core/people/limitation';
import { instructed, instructionName, type SlotPlace } from '@prompt-spark/core/swaps/swap';
import { swapsFor } from '@prompt-spark/core/swaps/swapsFor';
import { limit, TEST_DAY, testPerson } from '@prompt-spark/core/testing/people';
import { describe, expect, it } from 'vitest';
import { catalogue } from '../index.ts';
import { casesIn, lookedAt, named, putAside, rateOf } from './cases.ts';

const library = libraryOf(catalogue);
const occasion = occasionOf({ library, site: ANYWHERE, day: TEST_DAY });
const NAMES = new Set(catalogue.flatMap((drill) => drill.ladder.map((rung) => instructionName(drill, rung))));

/** What is offered first in place of a drill. */
function firstThree(name: string, limitation: string, severity: string): readonly string[] {
  const drill = library.byName.get(name.toLowerCase());
  const grade = LIMIT_SEVERITIES.find((known) => known === severity);
  if (!drill || !grade) throw new Error(`No such case: ${name}, ${limitation} ${severity}.`);
  const [phase] = drill.phases;
  const seconds = 40;
  const at = { slot: usualSlot(drill, 'slot'), drill, rung: baseOf(drill), phase, seconds };
  const place: SlotPlace = { ...at, before: undefined, after: undefined };
  const { swaps } = swapsFor(place, testPerson({ limits: [limit(limitation, grade)] }), occasion);
  return swaps.slice(0, 3).flatMap((swap) => {
    const found = instructed(library, swap);
    return found ? [instructionName(found.drill, found.rung)] : [];
  });
}

/** Among what may be offered, a drill's name means any rung of it; one with its rung means that alone. */
const means = (offered: string, name: string): boolean =>
  offered === name || (!name.includes(': ') && offered.startsWith(`${name}: `));

const CASES = casesIn('swaps.txt').map(({ fields }) => {
  const [drill = '', limitation = '', severity = '', may, never, why = ''] = fields;
  return { drill, limitation, severity, may: named(may), never: named(never), why };
});

const outcome = ({ drill, limitation, severity, may, never }: (typeof CASES)[number]) => {
  const offered = firstThree(drill, limitation, severity);
  // What must not be offered is the drill as named, or the one rung that is said: an easier rung of it may be right.
  const wrong = offered.filter((one) => never.includes(one));
  // An easier version of the drill itself is what a coach tries first, unless the case says that it is wrong.
  const easier = offered[0]?.startsWith(`${drill}: `) === true;
  const sensible = easier || offered.some((one) => may.some((name) => means(one, name)));
  return { right: wrong.length === 0 && sensible, said: `${drill}, ${limitation} ${severity}: ${offered.join(' | ')}` };
};

describe('what stands in for a drill (common practice, no source)', () => {
  it('is told of drills that the catalogue has', () => {
    const known = (name: string) => [...NAMES].some((one) => means(one, name));
    for (const { drill, may, never } of CASES) {
      expect([drill, known(drill)]).toEqual([drill, true]);
      expect([drill, may.some(known)]).toEqual([drill, true]);
      expect([drill, never.filter((name) => !name.includes(': ') && !known(name))]).toEqual([drill, []]);
    }
  });

  // The rates of today. They may rise, and never fall.
  it.each([
    ['looked at', lookedAt(CASES), 98],
    ['put aside', putAside(CASES), 98],
  ] as const)('is what a good coach would offer, in the cases %s', (_, cases, least) => {
    const outcomes = cases.map(outcome);
    const wrong = outcomes.filter(({ right }) => !right).map(({ said }) => said);
    expect(rateOf(outcomes.map(({ right }) => right)), wrong.join('\n')).toBeGreaterThanOrEqual(least);
  });
});
