import { describe, expect, it } from 'vitest';
import { KIT } from '../drills/kit.ts';
import { baseOf } from '../drills/drill.ts';
import { testDrill } from '../testing/drills.ts';
import { ANYWHERE, fitsSite, homeOf, siteFrom } from './site.ts';
import { UNCOUNTED, USUAL_PLACES } from './usualPlaces.ts';

describe('a client’s own room', () => {
  const on = (kit: Parameters<typeof homeOf>[0], needs: typeof kit, space: 'spot' | 'mat' | 'lane' = 'spot') => {
    const drill = testDrill({ name: 'Held', space, kit: needs });
    return fitsSite(drill, { ...baseOf(drill), kit: needs }, homeOf(kit));
  };

  it('has a wall, a chair and what they have, and no lane', () => {
    expect(on(['long band'], ['long band'])).toBe(true);
    expect(on(['long band'], ['chair'])).toBe(true);
    expect(on(['long band'], ['kettlebell'])).toBe(false);
    expect(on(['long band'], [], 'lane')).toBe(false);
    expect([on(['mat'], ['mat'], 'mat'), on(['long band'], ['mat'], 'mat')]).toEqual([true, false]);
  });

  it('is a place with everything where nobody said what they have', () => {
    expect(homeOf([])).toBe(ANYWHERE);
    expect(homeOf([]).kit.size).toBe(KIT.length);
  });
});

describe('a place of a usual kind', () => {
  it.each(USUAL_PLACES)('has a number of everything there: $name', ({ floor }) => {
    const site = siteFrom(floor);
    for (const item of floor.kit) expect((site.counts[item] ?? 0) > 0 || UNCOUNTED.has(item)).toBe(true);
    expect(site.counts.mat).toBe(floor.mats);
  });
});
