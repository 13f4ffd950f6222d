import { describe, expect, it } from 'vitest';
import { baseOf } from '../drills/drill.ts';
import { libraryOf } from '../drills/library.ts';
import { reviewCircuit } from '../review/reviewCircuit.ts';
import { testDrill } from '../testing/drills.ts';
import { bareSite } from '../testing/places.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import { readWhiteboard } from '../whiteboard/readWhiteboard.ts';
import { occasionOf } from './occasion.ts';
import { ANYWHERE, fitsSite } from './site.ts';
import { withStandIns } from './standIns.ts';

const named = testDrill({ name: 'Banded', kit: ['loop band'], substitutes: { 'loop band': ['long band'] } });
const banded = { ...named, ladder: named.ladder.map((rung) => ({ ...rung, kit: ['loop band'] as const })) };
const library = libraryOf([banded, testDrill({ name: 'Tall reach' })]);
const longBands = bareSite({ kit: ['long band'] });

describe('kit that stands in for what a site lacks', () => {
  it('is what the drill and its rungs ask for there, and the others stay as they are', () => {
    const there = withStandIns(library, longBands);
    expect(there.drills[0]).toMatchObject({ kit: ['long band'], ladder: [{ kit: ['long band'] }] });
    expect(there.drills[1]).toBe(library.drills[1]);
    expect(there.drills[0] && fitsSite(there.drills[0], baseOf(banded), longBands)).toBe(false);
    expect(there.drills[0] && fitsSite(there.drills[0], baseOf(there.drills[0]), longBands)).toBe(true);
  });

  it('gives the library itself where there is nothing to change, and one object for one site', () => {
    expect(withStandIns(library, ANYWHERE)).toBe(library);
    expect(withStandIns(library, bareSite())).toBe(library);
    expect(withStandIns(library, longBands)).toBe(withStandIns(library, bareSite({ kit: ['long band'] })));
    expect(withStandIns(withStandIns(library, longBands), longBands)).toBe(withStandIns(library, longBands));
  });

  it('is taken up as what it is: a long band is picked up in 5 s, a loop band stepped into in 8', () => {
    const { circuit } = readWhiteboard('activate\nbanded 30s', library);
    const ready = (site = ANYWHERE) => timeCircuit(circuit, occasionOf({ library, site })).byKind.ready;
    expect([ready(), ready(longBands)]).toEqual([8, 5]);
  });

  it('is not missed, where what nothing stands in for is', () => {
    const { circuit } = readWhiteboard('people: 6\nactivate\nbanded 30s', library);
    const missed = (site = ANYWHERE) =>
      reviewCircuit(circuit, occasionOf({ library, site }))
        .filter((finding) => finding.rule === 'too-few-things')
        .map(({ facts }) => `${facts.kit}: ${facts.there}`);
    expect(missed()).toEqual([]);
    expect(missed(longBands)).toEqual([]);
    expect(missed(bareSite())).toEqual(['loop band: 0']);
  });
});
