import { describe, expect, it } from 'vitest';
import { lengthMetres, metresOf, stepsOf, type DistanceDose } from '../dose/distance.ts';
import { workSecondsOneSide } from '../dose/workSeconds.ts';
import { circuitOf, testLibrary, testSlot } from '../testing/drills.ts';
import { siteWithLanes, TEST_FLOOR } from '../testing/places.ts';
import { just } from '../units.ts';
import { readWhiteboard } from '../whiteboard/readWhiteboard.ts';
import { occasionOf } from '../occasion/occasion.ts';
import { timeCircuit } from './timeCircuit.ts';

const occasion = occasionOf({ library: testLibrary });
const tenYards: DistanceDose = {
  kind: 'distance',
  length: { of: 'measure', measure: { amount: 10, unit: 'yd' } },
  lengths: just(2),
  pace: { amount: 1.2, unit: 'm/s' },
  percents: [],
  step: null,
};

describe('worked totals of the model, with a floor to travel over', () => {
  it('4: ten yards are 9.144 m exactly, and sixty six-inch steps', () => {
    expect(metresOf({ amount: 10, unit: 'yd' })).toBe(9.144);
    expect(stepsOf({ ...tenYards, step: { amount: 6, unit: 'in' } }, TEST_FLOOR)).toBe(60);
    expect(lengthMetres({ of: 'lane' }, TEST_FLOOR)).toBe(9.144);
  });

  it('5: fourteen people in four lanes, ten yards there and back at 1.2 m/s, take 32.5 s', () => {
    const floor = { ...TEST_FLOOR, waves: 4 };
    expect(workSecondsOneSide(tenYards, 'plan', floor)).toBe(32.5);
    const circuit = { ...circuitOf([testSlot('Tall reach', tenYards)]), people: 14, lanes: 4 };
    expect(timeCircuit(circuit, occasion).byKind.work).toBe(32.5);
    const withSite = { ...occasion, site: siteWithLanes(4, 9.144) };
    expect(timeCircuit({ ...circuit, lanes: 0 }, withSite).byKind.work).toBe(32.5);
  });

  /*
   * 6: Soligard et al., BMJ 2008;337:a2469: running 8 min, strength, plyometrics and balance 10 min, running 2 min. The
   * doses are from memory (two sets of six running exercises over some 30 m there and back; three sets of two benches,
   * hamstring lowers, single-leg stands, squats and jumps; three faster runs), on invented drills of the same postures.
   */
  it('6: the published twenty-minute programme lands within 15 % of each of its parts', () => {
    const board = [
      'raise',
      ...Array.from({ length: 6 }, () => '  tall reach 2 sets 30m x2 @1.8m/s set rest 5s'),
      'activate',
      '  long hands 3 sets 25s both set rest 10s',
      '  long hands 3 sets 25s/way set rest 10s',
      '  floor bridge 5 @4s',
      '  tall reach 2 sets 30s/side set rest 10s',
      '  deep sit 2 sets 30s set rest 10s',
      '  deep sit 2 sets 30s set rest 10s',
      'potentiate',
      '  tall reach 40m x4 @5m/s 80/45%',
      '  tall reach 30m x2 @4m/s 75/60%',
      '  tall reach 30m x2 @4m/s 75/60%',
    ].join('\n');
    const { circuit, problems } = readWhiteboard(board, testLibrary);
    expect(problems).toEqual([]);
    const { byPhase, total } = timeCircuit(circuit, occasion);
    const parts = [byPhase.raise / 480, byPhase.activate / 600, byPhase.potentiate / 120, total.plan / 1200];
    for (const share of parts) {
      expect(share).toBeGreaterThan(0.85);
      expect(share).toBeLessThan(1.15);
    }
  });
});
