import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testDrill, testLibrary } from '../testing/drills.ts';
import { CHANGED_DEMANDS, demandOf, DEMANDS, POSTURE_DEMANDS } from './demand.ts';
import { baseOf, type Change } from './drill.ts';
import { estimatedEnergy } from './energy.ts';
import { drillsFor, type DrillWish } from './find.ts';
import { drillAtStart, libraryOf, nearestNames } from './library.ts';
import { POSTURES, rankOf } from './posture.ts';
import { baseRung, idFromName, nextRung } from './rung.ts';

describe('a library', () => {
  it('refuses two drills with one id, or one name whatever its case', () => {
    const one = testDrill({ name: 'Harbour reach', aliases: ['Quay'] });
    expect(() => libraryOf([one, { ...one, name: 'Other' }])).toThrow('Two drills have the id');
    expect(() => libraryOf([one, testDrill({ name: 'quay' })])).toThrow('both answer to "quay"');
  });

  it('finds the longest name at the start of a line, and only whole words', () => {
    expect(drillAtStart('90/90 lean, slow 30s', testLibrary)).toMatchObject({ length: 16 });
    expect(drillAtStart('Run', testLibrary)?.drill.id).toBe('run');
    expect(drillAtStart('runs 20s', testLibrary)).toBeUndefined();
    expect(drillAtStart('', testLibrary)).toBeUndefined();
  });

  it.each([
    ['tall reech', 'Tall reach'],
    ['all fours sway', 'All-fours sway'],
    ['flor brige', 'Floor bridge'],
    ['rope', 'Rope turn'],
  ])('offers for "%s" first of all %s', (typed, name) => {
    expect(nearestNames(typed, testLibrary)[0]).toBe(name);
  });

  it('offers at most three names, and none for nothing', () => {
    expect(nearestNames('turn', testLibrary).length).toBeLessThanOrEqual(3);
    expect(nearestNames('  ', testLibrary)).toEqual([]);
  });
});

describe('finding drills', () => {
  const floor = testDrill({
    name: 'Floor one',
    phases: ['activate'],
    posture: 'supine',
    kit: ['mat'],
    space: 'mat',
    targets: { 'glutes · activation': 0.8 },
    planes: ['sagittal'],
    ladder: [
      { ...baseRung('supine', ['mat'], {}, 3), rung: 0 },
      nextRung(baseRung('supine', ['mat'], {}, 3), 'sitting', ['support'], 1, { posture: 'seated', kit: ['chair'] }),
    ],
  });
  const standing = testDrill({
    name: 'Standing one',
    phases: ['raise', 'activate'],
    space: 'lane',
    planes: ['frontal'],
  });
  const names = (wish: DrillWish) => drillsFor([floor, standing], wish).map(({ name }) => name);

  it.each<[string, DrillWish, readonly string[]]>([
    ['nothing in mind', {}, ['Floor one', 'Standing one']],
    ['a phase', { phase: 'raise' }, ['Standing one']],
    ['a target', { target: 'glutes · activation' }, ['Floor one']],
    ['a plane', { plane: 'frontal' }, ['Standing one']],
    ['no more room than a mat', { space: 'mat' }, ['Floor one']],
    ['no kit', { kit: 'none' }, ['Standing one']],
    ['a chair', { kit: 'chair' }, ['Floor one']],
    ['a posture of any rung', { posture: 'seated' }, ['Floor one']],
    ['without lying on the back', { without: 'lying supine' }, ['Floor one', 'Standing one']],
    ['on the back without lying on it', { posture: 'supine', without: 'lying supine' }, []],
    ['seated on a mat', { posture: 'seated', kit: 'mat' }, []],
  ])('with %s', (_what, wish, found) => expect(names(wish)).toEqual(found));
});

describe('a rung', () => {
  const changes: fc.Arbitrary<Change> = fc.constantFrom('support', 'range', 'load', 'speed', 'stance', 'surface');
  const demands = fc.dictionary(fc.constantFrom(...DEMANDS), fc.constantFrom<0 | 1 | 2 | 3>(0, 1, 2, 3));

  it('down never asks more than the one above it in what it changes, and up never less', () => {
    fc.assert(
      fc.property(changes, demands, fc.integer({ min: 1, max: 9 }), (change, asked, effort) => {
        const base = baseRung('standing', [], asked, effort);
        const [down, up] = [nextRung(base, 'down', [change], -1), nextRung(base, 'up', [change], 1)];
        for (const demand of CHANGED_DEMANDS[change]) {
          expect(demandOf(down.demands, demand)).toBeLessThanOrEqual(demandOf(base.demands, demand));
          expect(demandOf(up.demands, demand)).toBeGreaterThanOrEqual(demandOf(base.demands, demand));
        }
        expect(down.effort).toBeLessThanOrEqual(base.effort);
        expect(up.effort).toBeGreaterThanOrEqual(base.effort);
        expect([down.rung, up.rung]).toEqual([-1, 1]);
      }),
    );
  });

  it('takes its posture’s demands along, and leaves the old posture’s behind', () => {
    const floor = baseRung('quadruped', ['mat'], { 'back bending': 1 }, 2);
    expect(floor.demands).toMatchObject({ 'wrist bearing': 2, 'back bending': 1 });
    const seated = nextRung(floor, 'sitting', ['support'], -1, { posture: 'seated' });
    expect(demandOf(seated.demands, 'wrist bearing')).toBe(0);
    expect(demandOf(seated.demands, 'knee kneeling')).toBe(0);
    expect(demandOf(seated.demands, 'back bending')).toBe(1);
  });

  it('is named for people and for machines', () => {
    expect(idFromName('Hands on a bench; knees down!')).toBe('hands-on-a-bench-knees-down');
    expect(baseOf(testDrill({ name: 'x' })).rung).toBe(0);
    expect(() => baseOf(testDrill({ name: 'x', ladder: [] }))).toThrow('no base rung');
  });
});

describe('postures', () => {
  it('on the floor ask for getting down, and standing asks nothing', () => {
    for (const posture of POSTURES) {
      const down = demandOf(POSTURE_DEMANDS[posture], 'getting down');
      // Seated may be on a chair, so that it asks nothing by itself.
      if (posture !== 'seated') expect(down > 0).toBe(rankOf({ posture, kit: [] }) > 0);
    }
  });
});

describe('a seat', () => {
  it.each(['chair', 'bench', 'bike', 'rowing machine'] as const)(
    'that is a %s is one step down, not the floor',
    (seat) => {
      expect(rankOf({ posture: 'seated', kit: [seat] })).toBe(1);
      expect(rankOf({ posture: 'supine', kit: [seat] })).toBe(3);
    },
  );
});

describe('an estimated energy cost', () => {
  it('rises with effort, from about rest to hard running', () => {
    const costs = Array.from({ length: 11 }, (_, effort) => estimatedEnergy(effort).met);
    expect(costs).toEqual(costs.toSorted((one, other) => one - other));
    expect(costs[0]).toBeGreaterThanOrEqual(1);
    expect(costs[10]).toBeLessThan(14);
  });
});
