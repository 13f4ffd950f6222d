import { libraryOf } from '@prompt-spark/core/drills/library';
import { drillIn } from '@prompt-spark/core/drills/onRung';
import { bareSite } from '@prompt-spark/core/testing/places';
import { limit, TEST_DAY, testPerson, anyPerson } from '@prompt-spark/core/testing/people';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import type { Person } from '@prompt-spark/core/people/person';
import { withReadiness } from '@prompt-spark/core/people/readiness';
import { ceilingsOf } from '@prompt-spark/core/people/ceilings';
import { permits } from '@prompt-spark/core/people/conflictsOf';
import { slotsOf, type Circuit } from '@prompt-spark/core/circuit/circuit';
import { asToday } from '@prompt-spark/core/swaps/asToday';
import { withChoice } from '@prompt-spark/core/swaps/assignment';
import { instructed, slotPlaces, type Instruction } from '@prompt-spark/core/swaps/swap';
import { stillToDecide } from '@prompt-spark/core/swaps/stillToDecide';
import { tracksFor } from '@prompt-spark/core/swaps/tracksFor';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';

const library = libraryOf(catalogue);
const site = bareSite({ kit: ['chair', 'bench'], mats: 20, walls: 4 });
const hall = (expected: number) => occasionOf({ library, site, day: TEST_DAY, expected });
const circuit = readWhiteboard('integrate\n  lateral lunge 4/side\n  body-weight squat 8', library).circuit;
const [lunge, squat] = circuit.blocks.flatMap(slotsOf);
const CROSS_CRAWL: Instruction = { drillId: 'cross-crawl', variantId: 'base' };
const id = (drill: string) => library.byId.get(drill)?.ladder.find(({ rung }) => rung === 0)?.id ?? '';

const named = (one: string, change: Partial<Person> = {}) => testPerson({ id: one, name: one, ...change });
const sore = named('Nkechi', { limits: [limit('knee-bend')] });
const choose = (person: Person, slotId: string, does: Instruction, day = TEST_DAY) =>
  withChoice(person, 'c', slotId, does, day);
const tracksIn = (of: Circuit, slotId: string) =>
  of.blocks.flatMap(slotsOf).find((slot) => slot.id === slotId)?.tracks ?? [];
const crossCrawl = { ...CROSS_CRAWL, variantId: id('cross-crawl') };

describe('what was chosen for somebody', () => {
  it('makes the track, for them and for others it suits, and leaves nothing to decide for them', () => {
    const other = named('Tom', { limits: [limit('knee-bend')] });
    const people = [choose(sore, lunge?.id ?? '', crossCrawl), other];
    const [found] = tracksFor(circuit, people, hall(2), 'c');
    expect(found?.tracks).toMatchObject([{ drillId: 'cross-crawl', people: ['Nkechi', 'Tom'] }]);
    expect(found?.chosen).toEqual(['Nkechi']);
    expect(found && stillToDecide(circuit, found)).toEqual(['Tom']);
  });

  it('reaches the screen: as one more track for a group, in place of the drill for one client', () => {
    const chosen = choose(sore, lunge?.id ?? '', crossCrawl);
    const group = asToday(circuit, [chosen, named('Ada')], hall(2), 'c');
    expect(tracksIn(group, lunge?.id ?? '')).toEqual([
      {
        track: expect.stringMatching(/gentler|other/) as unknown,
        drillId: 'cross-crawl',
        variantId: crossCrawl.variantId,
      },
    ]);
    const alone = asToday(circuit, [chosen], hall(1), 'c');
    expect(tracksIn(alone, lunge?.id ?? '')).toMatchObject([{ track: 'everybody', drillId: 'cross-crawl' }]);
    // Nothing was chosen or accepted for the squat: it is not changed without the coach.
    expect(tracksIn(alone, squat?.id ?? '')).toEqual([]);
    // Of a group of fourteen the coach may know one person only: the others do what is planned.
    expect(tracksIn(asToday(circuit, [chosen], hall(14), 'c'), lunge?.id ?? '')).not.toMatchObject([
      { track: 'everybody' },
    ]);
  });

  it('may be what is planned, where a coach answers for it, but not under a hold or a red flag', () => {
    const planned = { drillId: squat?.drillId ?? '', variantId: id(squat?.drillId ?? '') };
    const answered = withChoice(
      sore,
      'c',
      squat?.id ?? '',
      { ...planned, answeredBy: 'Imke Sandvoort', answeredOn: TEST_DAY },
      '',
    );
    const of = (person: Person) => tracksFor(circuit, [person], hall(1), 'c')[1];
    expect(of(sore)?.main).toEqual([]);
    expect(of(answered)).toMatchObject({ main: ['Nkechi'], tracks: [], chosen: ['Nkechi'] });
    expect(of(withReadiness(answered, TEST_DAY, 'red flag'))?.chosen).toEqual([]);
    expect(of(choose(sore, squat?.id ?? '', planned))?.chosen).toEqual([]);
  });

  it('is nothing while they are not here', () => {
    const away = withReadiness(choose(sore, lunge?.id ?? '', crossCrawl), TEST_DAY, 'not here');
    expect(
      tracksFor(circuit, [away], hall(1), 'c').flatMap(({ tracks, oneToOne }) => [...tracks, ...oneToOne]),
    ).toEqual([]);
    expect(asToday(circuit, [away], hall(1), 'c')).toBe(circuit);
  });

  it('never puts anybody on what their limits speak against, unless it was answered for', () => {
    const places = slotPlaces(circuit, hall(4));
    const anyChoice = fc.constantFrom(...catalogue.map(({ id: drillId }) => ({ drillId, variantId: id(drillId) })));
    const anybody = fc.tuple(anyPerson, anyChoice, anyChoice);
    fc.assert(
      fc.property(fc.array(anybody, { minLength: 1, maxLength: 4 }), (drawn) => {
        const people = drawn.map(([person, first, second], at) =>
          choose(choose({ ...person, id: `p${String(at)}` }, lunge?.id ?? '', first), squat?.id ?? '', second),
        );
        tracksFor(circuit, people, hall(4), 'c').forEach((slot, at) => {
          const limits = new Map(people.map((person) => [person.id, ceilingsOf(person, TEST_DAY)]));
          for (const track of slot.tracks) {
            const rung = instructed(library, track)?.rung;
            for (const one of track.people) expect(rung && permits(rung, limits.get(one) ?? {})).toBe(true);
          }
          const planned = places[at]?.rung;
          for (const one of slot.main) expect(planned && permits(planned, limits.get(one) ?? {})).toBe(true);
          expect([...slot.main, ...slot.tracks.flatMap((track) => track.people), ...slot.oneToOne].toSorted()).toEqual(
            people
              .filter((person) => person.readiness?.state !== 'not here' || person.readiness.day !== TEST_DAY)
              .map((person) => person.id)
              .toSorted(),
          );
        });
      }),
      { numRuns: 60 },
    );
  });
});

it('has the drills it speaks of', () => {
  expect(lunge && drillIn(lunge, library)?.name).toBe('Lateral lunge');
});
