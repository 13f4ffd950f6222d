import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { baseOf } from '../drills/drill.ts';
import { libraryOf } from '../drills/library.ts';
import { circuitOf, testDrill, testSlot, timeOf } from '../testing/drills.ts';
import { anyPerson, limit, TEST_DAY, testPerson } from '../testing/people.ts';
import { suitedRung } from '../people/ability.ts';
import { ceilingsOf, LIGHT_EFFORT } from '../people/ceilings.ts';
import { conflictsOf } from '../people/conflictsOf.ts';
import { assignmentOf, withChoice } from './assignment.ts';
import { servedBy } from './fewest.ts';
import { heldToLight } from '../people/person.ts';
import { fitsSite } from '../occasion/site.ts';
import { occasionOf } from '../occasion/occasion.ts';
import { bareSite } from '../testing/places.ts';
import { slotPlaces } from './swap.ts';
import { swapsFor } from './swapsFor.ts';
import { stillToDecide } from './stillToDecide.ts';

const rung = (demands: object, effort = 3) => ({ demands, effort });

describe('ceilings', () => {
  it('are the lowest of all limits, and say whose they are', () => {
    const person = testPerson({ limits: [limit('wrist', 'ease'), limit('no-push-up', 'avoid')] });
    expect(ceilingsOf(person, TEST_DAY)['wrist bearing']).toEqual({
      most: 1,
      side: 'both',
      because: { kind: 'limit', limit: limit('wrist', 'ease') },
    });
    expect(ceilingsOf(person, TEST_DAY)['shoulder bearing']?.because).toEqual({
      kind: 'limit',
      limit: limit('no-push-up', 'avoid'),
    });
  });

  it('end with the day a limit ends', () => {
    const until = { ...limit('wrist'), until: TEST_DAY };
    expect(ceilingsOf(testPerson({ limits: [until] }), TEST_DAY)['wrist bearing']?.most).toBe(0);
    expect(ceilingsOf(testPerson({ limits: [until] }), '2026-11-26')).toEqual({});
  });

  it('are on both sides where two are as low on different ones', () => {
    const person = testPerson({ limits: [limit('wrist', 'avoid', 'left'), limit('wrist', 'avoid', 'right')] });
    expect(ceilingsOf(person, TEST_DAY)['wrist bearing']?.side).toBe('both');
  });

  it('hold a red flag and an uncleared operation to light effort, until somebody is named who cleared them', () => {
    const hold = { since: '2026-11-20', why: 'red flag', clearedBy: '', clearedOn: '' } as const;
    const held = testPerson({ holds: [hold] });
    expect(conflictsOf(rung({}, LIGHT_EFFORT + 1), ceilingsOf(held, TEST_DAY))).toHaveLength(1);
    expect(conflictsOf(rung({}, LIGHT_EFFORT), ceilingsOf(held, TEST_DAY))).toEqual([]);
    const cleared = testPerson({ holds: [{ ...hold, clearedBy: 'R. Fenn', clearedOn: '2026-11-24' }] });
    expect(heldToLight(cleared)).toBeUndefined();
    expect(ceilingsOf(cleared, TEST_DAY)).toEqual({});
  });

  it('go by what was said today, not yesterday', () => {
    const sore = testPerson({ readiness: { day: TEST_DAY, state: 'sore', sore: ['knee'] } });
    expect(ceilingsOf(sore, TEST_DAY)['knee bend']).toEqual({
      most: 1,
      side: 'both',
      because: { kind: 'sore', region: 'knee' },
    });
    expect(ceilingsOf(sore, '2026-11-26')).toEqual({});
  });

  it('cap one thing directly: nothing overhead on the left', () => {
    const own = { kind: 'own', capped: 'shoulder overhead', most: 0, side: 'left', until: '' } as const;
    expect(conflictsOf(rung({ 'shoulder overhead': 1 }), ceilingsOf(testPerson({ limits: [own] }), TEST_DAY))).toEqual([
      { capped: 'shoulder overhead', asks: 1, most: 0, side: 'left', because: { kind: 'limit', limit: own } },
    ]);
  });
});

describe('ability', () => {
  const drill = testDrill({ name: 'Sit down, stand up', targets: { 'pattern · squat': 1, 'pattern · hinge': 0.5 } });
  it('goes by the weakest pattern a drill is of', () => {
    expect(suitedRung(testPerson({ ability: { squat: 'strong' } }), drill)).toBe(1);
    expect(suitedRung(testPerson({ ability: { squat: 'strong', hinge: 'gentle' } }), drill)).toBe(-1);
    expect(suitedRung(testPerson({ ability: { squat: 'strong', hinge: 'base' } }), drill)).toBe(0);
    expect(suitedRung(testPerson({ ability: { push: 'gentle' } }), drill)).toBe(0);
  });
});

describe('a place', () => {
  it('has what it counts one of, and room for what needs no more', () => {
    const banded = testDrill({ name: 'Banded' });
    const onBand = { ...baseOf(banded), kit: ['loop band'] as const };
    const hall = bareSite();
    expect(fitsSite(banded, onBand, hall)).toBe(false);
    expect(fitsSite(banded, onBand, bareSite({ loopBands: 8 }))).toBe(true);
    expect(fitsSite(testDrill({ name: 'Long run', space: 'lane' }), baseOf(banded), hall)).toBe(false);
  });
});

describe('servedBy', () => {
  /** Every choice of one or two, one after another. */
  function slowly(scores: readonly (readonly number[])[], people: number) {
    const choices = scores.flatMap((_, one) => [[one], ...scores.map((__, other) => [one, other])]);
    const worth = (chosen: readonly number[]) => {
      const best = Array.from({ length: people }, (_, p) => Math.max(-1, ...chosen.map((c) => scores[c]?.[p] ?? -1)));
      const size = new Set(chosen).size;
      return (
        best.filter((score) => score >= 0).length * 100_000 -
        size * 1000 +
        best.reduce((sum, s) => sum + Math.max(0, s), 0)
      );
    };
    return Math.max(0, ...choices.map(worth));
  }

  it('serves the most people, with the fewest instructions, and suits them best (against every choice)', () => {
    const score = fc.oneof(
      fc.constant(-1),
      fc.integer({ min: 0, max: 100 }).map((one) => one / 100),
    );
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 130 }), fc.integer({ min: 0, max: 12 }), fc.gen(), (people, count, gen) => {
        const scores = Array.from({ length: count }, () => Array.from({ length: people }, () => gen(() => score)));
        const { chosen, total } = servedBy(scores, people, 2);
        const served = Array.from({ length: people }, (_, p) => chosen.some((c) => (scores[c]?.[p] ?? -1) >= 0));
        const worth = served.filter(Boolean).length * 100_000 - chosen.length * 1000 + total;
        expect(Math.max(0, worth)).toBeCloseTo(slowly(scores, people), 6);
      }),
      { numRuns: 300 },
    );
  });
});

describe('tracks for a full hall', () => {
  it('serve every one of 150 people who can be served, and send nobody of them one-to-one', () => {
    const one = Array.from({ length: 150 }, (_, person) => (person % 2 === 0 ? 0.5 : -1));
    const other = one.map((score) => (score < 0 ? 0.5 : -1));
    expect(servedBy([one, other], 150, 2)).toMatchObject({ chosen: [0, 1], total: 75 });
  });
});

describe('what somebody does in a slot', () => {
  const own = testDrill({ name: 'Tall reach' });
  const gentle = testDrill({ name: 'Low reach' });
  const library = libraryOf([own, gentle]);
  const occasion = occasionOf({ library, site: bareSite(), day: TEST_DAY });
  const circuit = circuitOf([{ ...testSlot('Tall reach', timeOf(30)), id: 'slot' }]);
  const [place] = slotPlaces(circuit, occasion);
  const track = { track: 'gentler', drillId: 'low-reach', variantId: 'base', people: ['somebody'] } as const;
  const tracks = { slotId: 'slot', main: [], tracks: [track], oneToOne: [], chosen: [], score: 1 };

  it('is their track, until their coach chooses for the day or for good, the day first', () => {
    if (!place) throw new Error('The circuit has a slot.');
    const chosen = { drillId: 'tall-reach', variantId: 'base' };
    const forGood = withChoice(testPerson(), 'circuit', 'slot', chosen, '');
    const forToday = withChoice(forGood, 'circuit', 'slot', { drillId: 'low-reach', variantId: 'base' }, TEST_DAY);
    expect(assignmentOf(place, tracks, testPerson(), 'circuit', occasion)).toMatchObject({
      own: false,
      drillId: 'low-reach',
    });
    expect(assignmentOf(place, tracks, forGood, 'circuit', occasion)).toEqual({ kind: 'as planned', answeredBy: '' });
    expect(assignmentOf(place, tracks, forToday, 'circuit', occasion)).toMatchObject({
      own: true,
      drillId: 'low-reach',
    });
    expect(assignmentOf(place, tracks, forGood, 'another circuit', occasion)).toMatchObject({ own: false });
    const undone = withChoice(forToday, 'circuit', 'slot', null, TEST_DAY);
    expect(undone.choices).toEqual(forGood.choices);
  });

  it('is still to be decided until their track is accepted', () => {
    expect(stillToDecide(circuit, tracks)).toEqual(['somebody']);
    const { people: _, ...told } = track;
    const accepted = circuitOf([{ ...testSlot('Tall reach', timeOf(30)), id: 'slot', tracks: [told] }]);
    expect(stillToDecide(accepted, tracks)).toEqual([]);
    expect(stillToDecide(accepted, { ...tracks, oneToOne: ['another'] })).toEqual(['another']);
  });

  it('uses the time for something tolerated, and says so, where nothing has the same purpose', () => {
    const breath = testDrill({ name: 'Breathe', targets: { 'system · breathing': 1 } });
    const hard = testDrill({
      name: 'Hard',
      targets: { 'grip · activation': 1 },
      ladder: [{ ...baseOf(own), effort: 9 }],
    });
    const small = libraryOf([breath, hard]);
    const [hardPlace] = slotPlaces(circuitOf([{ ...testSlot('Tall reach', timeOf(30)), drillId: 'hard' }]), {
      ...occasion,
      library: small,
    });
    if (!hardPlace) throw new Error('The circuit has a slot.');
    const offer = swapsFor(hardPlace, testPerson({ limits: [limit('tired')] }), { ...occasion, library: small });
    expect(offer.nothingFits).toBe(true);
    expect(offer.swaps).toMatchObject([{ kind: 'use of the time', drillId: 'breathe', seconds: 30 }]);
  });

  it('is nobody’s conflict, whatever was chosen for them', () => {
    fc.assert(
      fc.property(anyPerson, (person) => {
        if (!place) return;
        const asked = withChoice(person, 'circuit', 'slot', { drillId: 'tall-reach', variantId: 'base' }, '');
        const doing = assignmentOf(place, { ...tracks, tracks: [] }, asked, 'circuit', occasion);
        if (doing.kind === 'instead') expect(conflictsOf(baseOf(own), ceilingsOf(asked, TEST_DAY))).toEqual([]);
      }),
    );
  });
});
