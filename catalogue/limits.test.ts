import { isHere } from '@prompt-spark/core/people/person';
import { ANYWHERE } from '@prompt-spark/core/occasion/site';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { tracksFor } from '@prompt-spark/core/swaps/tracksFor';
import { usualSlot } from '@prompt-spark/core/circuit/slot';
import { baseOf } from '@prompt-spark/core/drills/drill';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { PHASES } from '@prompt-spark/core/drills/phase';
import { ceilingsOf } from '@prompt-spark/core/people/ceilings';
import { conflictsOf, permits } from '@prompt-spark/core/people/conflictsOf';
import { LIMITATIONS } from '@prompt-spark/core/people/limitations';
import { openDrills } from '@prompt-spark/core/people/openDrills';
import { fitsSite } from '@prompt-spark/core/occasion/site';
import type { Occasion } from '@prompt-spark/core/occasion/occasion';
import { instructed, type SlotPlace } from '@prompt-spark/core/swaps/swap';
import { isMisfit, needOf } from '@prompt-spark/core/swaps/need';
import { swapsFor } from '@prompt-spark/core/swaps/swapsFor';
import { circuitOf } from '@prompt-spark/core/testing/drills';
import { anyClass, anyLimit, anyPerson, TEST_DAY } from '@prompt-spark/core/testing/people';
import fc from 'fast-check';
import { readFileSync, writeFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';
import { limitsTable } from './limitsTable.ts';

const library = libraryOf(catalogue);
const hall = occasionOf({
  library,
  site: {
    ...ANYWHERE,
    kit: new Set(['mat', 'wall', 'chair', 'bench', 'step', 'lane', 'line', 'loop band', 'stick']),
    laneMetres: 10,
    lapMetres: 0,
  },
  day: TEST_DAY,
});
const bare: Occasion = { ...hall, site: { ...hall.site, kit: new Set(['line']), space: 'stride' } };
const placeOf = (index: number): SlotPlace => {
  const drill = catalogue[index % catalogue.length] ?? catalogue[0];
  if (!drill) throw new Error('The catalogue is empty.');
  const [phase] = drill.phases;
  return {
    slot: usualSlot(drill, 'slot'),
    drill,
    rung: baseOf(drill),
    phase,
    seconds: 40,
    before: undefined,
    after: undefined,
  };
};
const anyPlace = fc.nat(catalogue.length - 1).map(placeOf);
const anySetting = fc.constantFrom(hall, bare);

describe('swaps, over people and drills at random', () => {
  it('never conflict, never need kit or room the place lacks, and keep the seconds (5,000)', () => {
    fc.assert(
      fc.property(anyPerson, anyPlace, anySetting, (person, place, occasion) => {
        const ceilings = ceilingsOf(person, TEST_DAY);
        const { swaps } = swapsFor(place, person, occasion, [placeOf(0), placeOf(60), placeOf(120)]);
        for (const swap of swaps) {
          const found = instructed(library, swap);
          if (!found) throw new Error('A swap is not in the library.');
          expect(conflictsOf(found.rung, ceilings)).toEqual([]);
          expect(fitsSite(found.drill, found.rung, occasion.site)).toBe(true);
          expect(swap.seconds).toBe(place.seconds);
        }
        if (swaps.some(({ kind }) => kind === 'use of the time')) return;
        // Either nothing is harder for what is limited, or there was nothing better.
        const need = needOf(place, ceilings);
        const misfits = swaps.map((swap) => {
          const own = swap.drillId === place.drill.id;
          const found = instructed(library, swap);
          return found && isMisfit(place, { ...found, own, score: 0, likeness: { all: 1, legs: 1, arms: 1 } }, need);
        });
        expect(new Set(misfits).size).toBeLessThanOrEqual(1);
        // Every drill once before any a second time.
        const ids = swaps.map(({ drillId }) => drillId);
        const firsts = ids.findIndex((id, at) => ids.indexOf(id) < at);
        expect(new Set(ids).size).toBe(firsts < 0 ? ids.length : firsts);
      }),
      { numRuns: 5000 },
    );
  });

  it('a limitation more never permits a drill more (5,000)', () => {
    fc.assert(
      fc.property(anyPerson, anyLimit, fc.nat(catalogue.length - 1), (person, limit, index) => {
        const before = ceilingsOf(person, TEST_DAY);
        const after = ceilingsOf({ ...person, limits: [...person.limits, limit] }, TEST_DAY);
        for (const rung of catalogue[index]?.ladder ?? []) {
          if (!permits(rung, before)) expect(permits(rung, after)).toBe(false);
        }
      }),
      { numRuns: 5000 },
    );
  });

  it('tell the same of a rung in full and in short', () => {
    fc.assert(
      fc.property(anyPerson, fc.nat(catalogue.length - 1), (person, index) => {
        const ceilings = ceilingsOf(person, TEST_DAY);
        for (const rung of catalogue[index]?.ladder ?? [])
          expect(permits(rung, ceilings)).toBe(conflictsOf(rung, ceilings).length === 0);
      }),
    );
  });
});

describe('tracks, over classes at random', () => {
  it('assign nobody to a conflict, leave nobody out, and are three instructions at most', () => {
    fc.assert(
      fc.property(
        anyClass,
        fc.array(fc.nat(catalogue.length - 1), { minLength: 1, maxLength: 4 }),
        (people, indexes) => {
          const circuit = circuitOf(indexes.map((index, at) => ({ ...placeOf(index).slot, id: `slot-${String(at)}` })));
          for (const slot of tracksFor(circuit, people, hall, 'circuit')) {
            const line = circuit.blocks[0]?.lines.find(({ id }) => id === slot.slotId);
            const drill = line?.kind === 'slot' ? library.byId.get(line.drillId) : undefined;
            if (!drill) throw new Error('A track is of no slot.');
            const may = (id: string, rung: ReturnType<typeof baseOf>) => {
              const person = people.find((one) => one.id === id);
              return person !== undefined && permits(rung, ceilingsOf(person, TEST_DAY));
            };
            expect(slot.main.every((id) => may(id, baseOf(drill)))).toBe(true);
            for (const track of slot.tracks) {
              const found = instructed(library, track);
              expect(found && track.people.every((id) => may(id, found.rung))).toBe(true);
            }
            expect(slot.tracks.length).toBeLessThanOrEqual(2);
            const all = [...slot.main, ...slot.tracks.flatMap((track) => track.people), ...slot.oneToOne];
            const here = people.filter((person) => isHere(person, TEST_DAY));
            expect(all.toSorted()).toEqual(here.map(({ id }) => id).toSorted());
          }
        },
      ),
      { numRuns: 400 },
    );
  });
});

describe('every limitation at avoid', () => {
  it.each(LIMITATIONS.map(({ id }) => id))('%s leaves four drills of every phase', (limitationId) => {
    const open = openDrills(catalogue, { kind: 'known', limitationId, severity: 'avoid', side: 'both', until: '' });
    for (const phase of PHASES) expect(open[phase], phase).toBeGreaterThanOrEqual(4);
  });

  it('has its row in docs/limitations.md, which is up to date', () => {
    const page = new URL('../docs/limitations.md', import.meta.url);
    const table = limitsTable(catalogue);
    if (process.env['UPDATE_DOCS'] !== undefined) writeFileSync(page, table);
    expect(readFileSync(page, 'utf8')).toBe(table);
  });
});
