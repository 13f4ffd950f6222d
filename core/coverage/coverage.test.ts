import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { DistanceDose } from '../dose/distance.ts';
import { siteWithLanes, TEST_FLOOR } from '../testing/places.ts';
import { libraryOf } from '../drills/library.ts';
import { anyCircuit } from '../testing/arbitrary.ts';
import { circuitOf, repsOf, testDrill, testLibrary, timeOf } from '../testing/drills.ts';
import { usualSlot } from '../circuit/slot.ts';
import { floorOf } from '../occasion/floor.ts';
import { occasionOf, type Occasion } from '../occasion/occasion.ts';
import { ANYWHERE } from '../occasion/site.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import { slotPlaces } from '../swaps/swap.ts';
import { just } from '../units.ts';
import { closersOf } from './closers.ts';
import { coverageOf, doseFraction, gapsIn, missingPlanes, slotWork } from './coverageOf.ts';
import type { MainSession } from '../approach/mainSession.ts';

const bend = testDrill({
  name: 'Deep bend',
  targets: { 'hip · flexion': 0.5, 'pattern · squat': 0.8 },
  usual: { dose: repsOf(10), sides: 'both' },
  planes: ['sagittal'],
});
const turn = testDrill({
  name: 'Slow turn',
  targets: { 'hip · flexion': 0.4 },
  planes: ['transverse'],
  shortestUseful: 15,
});
const stick = testDrill({ name: 'Stick turn', targets: { 'thoracic · rotation': 0.9 }, kit: ['stick'] });
const library = libraryOf([bend, turn, stick]);
const session: MainSession = {
  id: 'made-up',
  name: 'Made up',
  holds: 'usual',
  words: ['invented'],
  needs: { 'hip · flexion': 1, 'pattern · squat': 0.5, 'thoracic · rotation': 0.5 },
};
const covered = (circuit: ReturnType<typeof circuitOf>) =>
  new Map(
    coverageOf(circuit, occasionOf({ library }), session).targets.map(({ target, covered: share }) => [target, share]),
  );

describe('coverage', () => {
  it('of a target is what every slot leaves undone, taken from one', () => {
    const whole = circuitOf([usualSlot(bend, 'a'), usualSlot(turn, 'b')]);
    expect(covered(whole).get('hip · flexion')).toBeCloseTo(1 - 0.5 * 0.6, 9);
    expect(covered(whole).get('pattern · squat')).toBeCloseTo(0.8, 9);
    expect(covered(whole).get('thoracic · rotation')).toBe(0);
  });

  it('counts half a usual dose for half, and more than a usual dose for one', () => {
    const half = { ...usualSlot(bend, 'a'), dose: repsOf(5) };
    const twice = { ...usualSlot(bend, 'a'), dose: repsOf(20) };
    expect(doseFraction(half, bend, TEST_FLOOR)).toBe(0.5);
    expect(doseFraction(half, bend, TEST_FLOOR, 2)).toBe(1);
    expect(doseFraction(twice, bend, TEST_FLOOR)).toBe(1);
    expect(covered(circuitOf([half])).get('pattern · squat')).toBeCloseTo(0.4, 9);
  });

  it('takes the seconds of a distance from the floor it is run on, as the timeline does', () => {
    const dose: DistanceDose = {
      kind: 'distance',
      length: { of: 'lane' },
      lengths: just(4),
      pace: { amount: 2, unit: 'm/s' },
      percents: [],
      step: null,
    };
    const slot = { ...usualSlot(bend, 'run'), dose };
    const circuit = { ...circuitOf([slot]), people: 12 };
    const occasion = occasionOf({ library, site: siteWithLanes(2, 20) });
    const work = timeCircuit(circuit, occasion).segments.filter(({ kind }) => kind === 'work');
    expect(work.map(({ length }) => length)).toEqual([71]);
    expect(slotWork(slot, floorOf(circuit, occasion))).toBe(71);
    expect(slotPlaces(circuit, occasion).map(({ seconds }) => seconds)).toEqual([71]);
    expect(coverageOf(circuit, occasion).planes.sagittal).toBe(71);
  });

  it('weighs the whole by what the session needs', () => {
    const { whole } = coverageOf(circuitOf([usualSlot(bend, 'a')]), occasionOf({ library }), session);
    // Half covered is prepared, and more than that makes up for nothing else.
    expect(whole).toBeCloseTo((1 * 1 + 0.5 * 1 + 0) / 2, 9);
    expect(coverageOf(circuitOf([usualSlot(bend, 'a')]), occasionOf({ library })).whole).toBe(1);
  });

  it('puts the greatest lack first, and says which planes nothing moves in', () => {
    const coverage = coverageOf(circuitOf([usualSlot(bend, 'a')]), occasionOf({ library }), session);
    expect(gapsIn(coverage).map(({ target }) => target)).toEqual(['thoracic · rotation']);
    expect(coverage.targets[0]?.target).toBe('hip · flexion');
    expect(missingPlanes(coverage)).toEqual(['frontal', 'transverse']);
    expect(coverage.planes.sagittal).toBe(slotWork(usualSlot(bend, 'a'), TEST_FLOOR));
  });

  it('never falls when a slot is added, and stays between none and all', () => {
    fc.assert(
      fc.property(anyCircuit, (circuit) => {
        const before = coverageOf(circuit, occasionOf({ library: testLibrary }), session);
        const [first] = testLibrary.drills;
        if (!first) throw new Error('There is a drill.');
        const more = { ...circuit, blocks: [...circuit.blocks, ...circuitOf([usualSlot(first, 'more')]).blocks] };
        expect(coverageOf(more, occasionOf({ library: testLibrary }), session).whole).toBeGreaterThanOrEqual(
          before.whole - 1e-12,
        );
        for (const { covered: share } of before.targets) {
          expect(share).toBeGreaterThanOrEqual(0);
          expect(share).toBeLessThanOrEqual(1);
        }
      }),
      { numRuns: 200 },
    );
  });
});

describe('drills that close a gap', () => {
  it('serve the target, fit the time, need no kit that is not out, and are not in the circuit yet', () => {
    const names = (circuit: ReturnType<typeof circuitOf>, seconds: number) =>
      closersOf('hip · flexion', circuit, occasionOf({ library }), seconds).map(({ name }) => name);
    expect(names(circuitOf([]), 60)).toEqual(['Deep bend', 'Slow turn']);
    expect(names(circuitOf([usualSlot(bend, 'a')]), 60)).toEqual(['Slow turn']);
    expect(names(circuitOf([usualSlot(bend, 'a')]), 12)).toEqual([]);
    expect(closersOf('thoracic · rotation', circuitOf([]), occasionOf({ library }), 60)).toEqual([]);
    expect(
      closersOf(
        'thoracic · rotation',
        circuitOf([{ ...usualSlot(stick, 's'), dose: timeOf(5) }]),
        occasionOf({ library }),
        60,
      ),
    ).toEqual([]);
  });

  it('are none that somebody present may not do, or that the place has no room for', () => {
    const still = { effort: { most: 0, side: 'both', because: { kind: 'today', state: 'tired' } } } as const;
    const ids = (known: Partial<Occasion>) =>
      closersOf('hip · flexion', circuitOf([]), occasionOf({ library, ...known }), 60).map(({ id }) => id);
    expect(ids({ ceilings: [{}, still] })).toEqual([]);
    expect(ids({ ceilings: [{}] })).toEqual(['deep-bend', 'slow-turn']);
    expect(ids({ site: { ...ANYWHERE, space: 'spot' } })).toEqual(['deep-bend', 'slow-turn']);
  });
});
