import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { demandOf, DEMANDS } from '@prompt-spark/core/drills/demand';
import type { Drill } from '@prompt-spark/core/drills/drill';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { lintDrill, lintDrills } from '@prompt-spark/core/drills/lint';
import { PHASES } from '@prompt-spark/core/drills/phase';
import { TARGETS } from '@prompt-spark/core/drills/target';
import { workSecondsOneSide } from '@prompt-spark/core/dose/workSeconds';
import { TEST_FLOOR } from '@prompt-spark/core/testing/places';
import { describe, expect, it } from 'vitest';
import { COMPENDIUM } from './compendium.ts';
import { catalogue } from './index.ts';

const library = libraryOf(catalogue);
const variants = catalogue.flatMap((drill) => drill.ladder);
const drillCalled = (name: string): Drill => {
  const drill = library.byName.get(name);
  if (!drill) throw new Error(`There is no ${name}.`);
  return drill;
};

describe('the catalogue', () => {
  it('holds at least 200 drills and 550 variants, and its linter finds nothing', () => {
    expect(catalogue.length).toBeGreaterThanOrEqual(200);
    expect(variants.length).toBeGreaterThanOrEqual(550);
    expect(lintDrills(catalogue)).toEqual([]);
  });

  it('is found by every name and alias at the start of a line', () => {
    for (const [name, drill] of library.byName) {
      const [block] = readWhiteboard(`${name} 20s`, library).circuit.blocks;
      expect(block?.lines[0]).toMatchObject({ drillId: drill.id });
    }
  });

  it.each(PHASES)('has for %s at least 12 drills with no kit and no floor, and 8 that can be done seated', (phase) => {
    const drills = catalogue.filter((drill) => drill.phases.includes(phase));
    const bare = drills.filter(
      ({ kit, posture }) => kit.length === 0 && (posture === 'standing' || posture === 'squat'),
    );
    const seated = drills.filter(({ ladder }) =>
      ladder.some(({ posture, demands }) => posture === 'seated' && demandOf(demands, 'getting down') === 0),
    );
    expect(bare.length).toBeGreaterThanOrEqual(12);
    expect(seated.length).toBeGreaterThanOrEqual(8);
  });

  it('serves every target there is, and asks every demand of somebody', () => {
    expect(TARGETS.filter((target) => !catalogue.some((drill) => target in drill.targets))).toEqual([]);
    expect(DEMANDS.filter((demand) => !variants.some(({ demands }) => demandOf(demands, demand) > 0))).toEqual([]);
  });

  it('gives no drill a usual dose under half of what is worth doing', () => {
    const slight = catalogue.filter(
      ({ usual, shortestUseful }) => workSecondsOneSide(usual.dose, 'plan', TEST_FLOOR) < shortestUseful / 2,
    );
    expect(slight.map(({ name }) => name)).toEqual([]);
  });
});

describe('energy costs', () => {
  // Compendium of Physical Activities, Ainsworth et al. 2011; codes and values from memory.
  it('that name a Compendium code agree with it', () => {
    const known: Readonly<Record<string, { readonly met: number }>> = COMPENDIUM;
    const wrong = catalogue.filter(
      ({ energy }) => energy.kind === 'compendium' && known[energy.code]?.met !== energy.met,
    );
    expect(wrong.map(({ name }) => name)).toEqual([]);
    expect(catalogue.filter(({ energy }) => energy.kind === 'compendium').length).toBeGreaterThan(100);
  });

  // ACSM metabolic equations, as model.md section 6 gives them: written out here once more by hand.
  it('of walking and running ladders agree with the metabolic equations to the second decimal', () => {
    const costs = catalogue.flatMap(({ name, energy, ladder }) =>
      [energy, ...ladder.flatMap((rung) => (rung.energy ? [rung.energy] : []))].map((cost) => ({ name, cost })),
    );
    const paced = costs.flatMap(({ name, cost }) => (cost.kind === 'equation' ? [{ name, ...cost }] : []));
    for (const { gait, paces, met } of paced) {
      const each = paces.map(({ speed, grade }) =>
        gait === 'walking'
          ? (0.1 * speed + 1.8 * speed * grade + 3.5) / 3.5
          : (0.2 * speed + 0.9 * speed * grade + 3.5) / 3.5,
      );
      expect(met).toBeCloseTo(each.reduce((sum, one) => sum + one, 0) / each.length, 2);
    }
    expect(new Set(paced.map(({ gait }) => gait))).toEqual(new Set(['walking', 'running']));
    const incline = paced.find(({ name }) => name === 'Incline walk ladder');
    expect(incline?.paces.map(({ speed, grade }) => [Math.round((speed / 26.8224) * 1e6) / 1e6, grade])).toEqual([
      [0.5, 0.1],
      [1, 0.1],
      [1.5, 0.1],
      [2, 0.1],
      [2.5, 0.1],
    ]);
    // 2.07 at the foot and 6.36 at the top, in even steps: 4.22 in the middle and on average.
    expect(incline?.met).toBe(4.22);
  });

  it('that are estimates rise with effort and stay within what the Compendium gives to such activities', () => {
    const estimates = catalogue.filter(({ energy }) => energy.kind === 'estimate');
    for (const { effort, energy } of estimates) {
      expect(energy.met).toBeGreaterThanOrEqual(1.5);
      expect(energy.met).toBeLessThanOrEqual(9);
      const harder = estimates.filter((other) => other.effort > effort);
      expect(harder.every((other) => other.energy.met >= energy.met)).toBe(true);
    }
  });
});

describe('the linter', () => {
  const sound = drillCalled('lateral lunge');
  const rules = (drill: Drill) => lintDrill(drill).map(({ rule }) => rule);

  it.each<[string, string, Drill]>([
    ['a missing field', 'field', { ...sound, felt: '' }],
    ['no target', 'field', { ...sound, targets: {} }],
    [
      'a ladder that ends without a reason',
      'field',
      { ...sound, ladder: sound.ladder.filter(({ rung }) => rung <= 0) },
    ],
    [
      'a cue over 60 characters',
      'cue',
      { ...sound, cues: ['Sit back into one hip and keep both of your feet flat on the floor'] },
    ],
    [
      'a sheet too long to read aloud in ten seconds',
      'sheet',
      { ...sound, fault: { seen: 'a b c d e f g h i j k l m', fix: 'n o p q' } },
    ],
    ['rungs out of order', 'ladder', { ...sound, ladder: sound.ladder.toReversed() }],
    [
      'a gentler rung that asks more',
      'ladder',
      {
        ...sound,
        ladder: sound.ladder.map((rung) => (rung.rung === -1 ? { ...rung, demands: { 'knee bend': 3 } } : rung)),
      },
    ],
  ])('finds %s', (_what, rule, broken) => {
    expect(rules(sound)).toEqual([]);
    expect(rules(broken)).toContain(rule);
  });

  it('finds two drills with one alias, and one that somebody could not be moved from', () => {
    const twin = { ...sound, id: 'twin', name: 'Twin', aliases: ['Side  Lunge'] };
    expect(lintDrills([sound, twin]).map(({ rule }) => rule)).toContain('alias');
    expect(lintDrills([drillCalled('child’s pose'.replace('’', "'"))]).map(({ rule }) => rule)).not.toContain('alias');
    expect(lintDrills([drillCalled('plank shoulder tap')]).map(({ rule }) => rule)).toContain('swap');
  });
});
