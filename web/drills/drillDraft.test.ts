import { check } from '@prompt-spark/contract/check';
import { drillSchema } from '@prompt-spark/contract/drill';
import { baseOf } from '@prompt-spark/core/drills/drill';
import { POSTURES } from '@prompt-spark/core/drills/posture';
import { testDrill, testLibrary, timeOf } from '@prompt-spark/core/testing/drills';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blankDrill, copyOf, finished, inPosture, withDemand, withoutRung, withRung } from './drillDraft.ts';
import { demandsOf, energyWords, mainTargets, rungName } from './drillWords.ts';

const drill = testDrill({
  name: 'Pier walk',
  cues: ['Tall', 'Long'],
  targets: { 'hip · flexion': 0.4, 'calf · length': 0.9 },
});

describe('a drill of the studio’s own', () => {
  it('is refused as long as it is blank, for what is blank and nothing else', () => {
    const checked = check(drillSchema, finished(blankDrill(), true));
    const paths = checked.ok ? [] : checked.errors.map(({ path }) => path.split('/')[1]);
    expect(new Set(paths)).toEqual(new Set(['name', 'cues', 'fault', 'felt']));
  });

  it('that is copied can be kept as it is, under a name and an id of its own', () => {
    for (const known of testLibrary.drills) {
      const copy = finished(copyOf(known), true);
      expect(check(drillSchema, copy).ok).toBe(true);
      expect(copy.id).toMatch(/^own-/);
      expect(copy.id.length).toBeLessThanOrEqual(64);
      expect([copy.name, copy.aliases]).toEqual([`${known.name}, our way`, []]);
    }
  });

  it('keeps its id when it is changed, drops cues left blank, and allows the sides it is usually done with', () => {
    const draft = { ...drill, cues: [' Tall ', '', 'Long'] as const, sidesAllowed: ['both'] as const };
    const usual = { dose: timeOf(30), sides: 'each' } as const;
    expect(finished({ ...draft, usual }, false)).toMatchObject({
      id: drill.id,
      cues: ['Tall', 'Long'],
      sidesAllowed: ['each', 'both'],
    });
  });

  it('has a base rung in step with its sheet', () => {
    const base = baseOf(finished({ ...drill, effort: 6, kit: ['mat'], posture: 'supine' }, false));
    expect(base).toMatchObject({ effort: 6, kit: ['mat'], posture: 'supine' });
  });
});

describe('its posture', () => {
  it('asks what it asks by itself and no more, however often it is changed, and leaves what the drill asks', () => {
    const own = withDemand(drill, 'grip', 2);
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...POSTURES), { minLength: 1, maxLength: 6 }), (postures) => {
        const moved = postures.reduce(inPosture, own);
        expect(moved.posture).toBe(postures.at(-1));
        expect(baseOf(moved).posture).toBe(moved.posture);
        expect(baseOf(inPosture(moved, 'standing')).demands).toEqual({ ...baseOf(own).demands });
      }),
    );
  });

  it('takes a demand in whole steps, and anything else for none', () => {
    expect(baseOf(withDemand(drill, 'grip', 3)).demands.grip).toBe(3);
    expect(baseOf(withDemand(drill, 'grip', 7)).demands.grip).toBe(0);
  });
});

describe('its ladder', () => {
  it('grows and shrinks at its ends, and never loses its base', () => {
    const up = withRung(drill, 'faster', ['speed'], 1);
    const both = withRung(up, 'hand on the wall', ['support'], -1);
    expect(both.ladder.map(({ rung }) => rung)).toEqual([-1, 0, 1]);
    expect(withoutRung(withoutRung(both, -1), 1)).toEqual(drill);
    expect(withoutRung(drill, 1)).toBe(drill);
  });
});

describe('the words of a drill’s page', () => {
  it('name the strongest targets first', () => {
    expect(mainTargets(drill, 1)).toEqual(['calf stretch']);
  });

  it('name what a rung asks, most first, and leave out what it does not', () => {
    expect(demandsOf({ demands: { grip: 1, balance: 3, 'neck movement': 0 } })).toEqual([
      ['balance', 3],
      ['grip', 1],
    ]);
  });

  it('call the base by the drill’s name, and any other rung by its own', () => {
    const base = baseOf(drill);
    expect(rungName(base, 'Pier walk')).toBe('Pier walk');
    expect(rungName({ ...base, rung: 1, name: 'with a hop' }, 'Pier walk')).toBe('With a hop');
  });

  it('say where an energy cost comes from', () => {
    expect(energyWords({ kind: 'compendium', code: '02101', met: 2.3 })).toContain('02101');
    expect(energyWords({ kind: 'estimate', met: 4 })).toContain('estimate');
  });
});
