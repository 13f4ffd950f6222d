import { ANYWHERE } from '@prompt-spark/core/occasion/site';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { usualSlot } from '@prompt-spark/core/circuit/slot';
import { baseOf } from '@prompt-spark/core/drills/drill';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { oneForEverybody } from '@prompt-spark/core/swaps/oneForEverybody';
import { ceilingsOf } from '@prompt-spark/core/people/ceilings';
import { permits } from '@prompt-spark/core/people/conflictsOf';
import { instructed, type SlotPlace } from '@prompt-spark/core/swaps/swap';
import { needOf } from '@prompt-spark/core/swaps/need';
import { candidatesFor } from '@prompt-spark/core/swaps/candidates';
import { scoresOf, slotTracks } from '@prompt-spark/core/swaps/tracksFor';
import { anyClass, limit, TEST_DAY, testPerson } from '@prompt-spark/core/testing/people';
import { CALLED, tracksProgram, UNSERVED } from '@prompt-spark/core/testing/tracksProgram';
import fc from 'fast-check';
import loadHighs from 'highs';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';

const library = libraryOf(catalogue);
const hall = occasionOf({
  library,
  site: {
    ...ANYWHERE,
    kit: new Set(['mat', 'wall', 'chair', 'bench', 'step', 'lane', 'line', 'loop band']),
    laneMetres: 10,
    lapMetres: 0,
  },
  day: TEST_DAY,
});
function placeOf(index: number): SlotPlace {
  const drill = catalogue[index];
  if (!drill) throw new Error(`The catalogue has no drill ${String(index)}.`);
  const [phase] = drill.phases;
  const slot = usualSlot(drill, 'slot');
  return { slot, drill, rung: baseOf(drill), phase, seconds: 40, before: undefined, after: undefined };
}

describe('tracksFor', () => {
  it('agrees with an integer program solved by highs on 300 random classes', async () => {
    const highs = await loadHighs();
    let compared = 0;
    fc.assert(
      fc.property(anyClass, fc.nat(catalogue.length - 1), (people, index) => {
        const place = placeOf(index);
        const limits = people.map((person) => ceilingsOf(person, TEST_DAY));
        const found = slotTracks(place, people, limits, hall, 'circuit');
        const needy = people.flatMap((person, at) => {
          const ceilings = limits[at] ?? {};
          return permits(place.rung, ceilings) ? [] : [{ person, need: needOf(place, ceilings) }];
        });
        if (needy.length === 0) return;
        compared += 1;
        // The program is spared what another instruction does as well for everybody.
        const all = candidatesFor(place, hall).map((candidate) => scoresOf(place, candidate, needy));
        const scores = undominated(all);
        const solved = highs.solve(tracksProgram(scores, needy.length), { mip_rel_gap: 0, mip_abs_gap: 1e-9 });
        expect(solved.Status).toBe('Optimal');
        const ours = UNSERVED * found.oneToOne.length + CALLED * found.tracks.length - found.score;
        expect(ours).toBeCloseTo(solved.ObjectiveValue, 4);
      }),
      { numRuns: 300 },
    );
    expect(compared).toBeGreaterThan(100);
  });
});

/** Instructions for which no other serves everybody at least as well; the first of equals. */
function undominated(scores: readonly (readonly number[])[]): readonly (readonly number[])[] {
  const asGood = (one: readonly number[], other: readonly number[]) =>
    one.every((score, p) => score >= (other[p] ?? -1));
  return scores.filter(
    (row, at) =>
      !scores.some((other, index) => index !== at && asGood(other, row) && (!asGood(row, other) || index < at)),
  );
}

describe('one instruction for everybody', () => {
  it('is one that all of them may do, with what is lost by it', () => {
    const people = [testPerson({ limits: [limit('knee-impact')] }), testPerson({ limits: [limit('wrist')] })];
    const place = placeOf(catalogue.findIndex(({ name }) => name === 'Squat jump'));
    const forEverybody = oneForEverybody(place, people, hall);
    const found = forEverybody && instructed(library, forEverybody);
    if (!forEverybody || !found) throw new Error('There is one.');
    for (const person of people) expect(permits(found.rung, ceilingsOf(person, TEST_DAY))).toBe(true);
    expect(forEverybody.easier).toBeGreaterThan(0);
    expect(forEverybody.lost).toBeGreaterThanOrEqual(0);
  });

  it('is what is planned where everybody may do that', () => {
    const place = placeOf(3);
    expect(oneForEverybody(place, [testPerson()], hall)).toMatchObject({ drillId: place.drill.id, lost: 0, easier: 0 });
  });
});
