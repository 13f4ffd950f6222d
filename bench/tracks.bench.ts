import { ANYWHERE } from '@prompt-spark/core/occasion/site';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { catalogue } from '@prompt-spark/catalogue';
import { tracksFor } from '@prompt-spark/core/swaps/tracksFor';
import { usualSlot } from '@prompt-spark/core/circuit/slot';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { circuitOf } from '@prompt-spark/core/testing/drills';
import { tracksProgram } from '@prompt-spark/core/testing/tracksProgram';
import { ceilingsOf } from '@prompt-spark/core/people/ceilings';
import { permits } from '@prompt-spark/core/people/conflictsOf';
import { slotPlaces } from '@prompt-spark/core/swaps/swap';
import { needOf } from '@prompt-spark/core/swaps/need';
import { candidatesFor } from '@prompt-spark/core/swaps/candidates';
import { scoresOf, slotTracks } from '@prompt-spark/core/swaps/tracksFor';
import { anyPerson, TEST_DAY } from '@prompt-spark/core/testing/people';
import fc from 'fast-check';
import loadHighs from 'highs';
import { bench, describe } from 'vitest';

const occasion = occasionOf({
  library: libraryOf(catalogue),
  site: {
    ...ANYWHERE,
    kit: new Set(['mat', 'wall', 'chair', 'bench', 'step', 'lane', 'line', 'loop band']),
    laneMetres: 10,
    lapMetres: 0,
  },
  day: TEST_DAY,
});
const people = fc.sample(anyPerson, { numRuns: 40, seed: 7 });
const circuit = (slots: number) =>
  circuitOf(
    Array.from({ length: slots }, (_, index) => catalogue[(index * 13) % catalogue.length]).flatMap((drill, index) =>
      drill ? [usualSlot(drill, `slot-${String(index)}`)] : [],
    ),
  );

describe('tracksFor, from a class of the demo to forty people in forty slots', () => {
  for (const [persons, slots] of [
    [14, 10],
    [40, 40],
  ] as const) {
    const [all, of] = [people.slice(0, persons), circuit(slots)];
    bench(`${String(persons)} people, ${String(slots)} slots`, () => void tracksFor(of, all, occasion, 'circuit'));
  }
});

const highs = await loadHighs();
const [place] = slotPlaces(circuit(1), occasion);
if (!place) throw new Error('The circuit has a slot.');
const crowd = people.slice(0, 14);
const limits = crowd.map((person) => ceilingsOf(person, TEST_DAY));
const needy = crowd.flatMap((person, at) => {
  const ceilings = limits[at] ?? {};
  return permits(place.rung, ceilings) ? [] : [{ person, need: needOf(place, ceilings) }];
});
const scores = candidatesFor(place, occasion).map((candidate) => scoresOf(place, candidate, needy));
const program = tracksProgram(scores, needy.length);

describe('the tracks of one slot for fourteen people, against one integer program solved by highs', () => {
  bench('slotTracks, candidates and all', () => void slotTracks(place, crowd, limits, occasion, 'circuit'));
  bench('highs, the program written already', () => void highs.solve(program));
});
