import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { ANYWHERE } from '@prompt-spark/core/occasion/site';
import { baseOf } from '@prompt-spark/core/drills/drill';
import { libraryOf } from '@prompt-spark/core/drills/library';
import type { SlotPlace } from '@prompt-spark/core/swaps/swap';
import { testDrill, testSlot, timeOf } from '@prompt-spark/core/testing/drills';
import { limit, TEST_DAY, testPerson } from '@prompt-spark/core/testing/people';
import { describe, expect, it } from 'vitest';
import { TRACK_WORDS, trackWords } from '../wording/trackWords.ts';
import { tracksFor } from '@prompt-spark/core/swaps/tracksFor';
import type { Person } from '@prompt-spark/core/people/person';
import { toDecideWords } from '../today/toDecideWords.ts';
import { cellWords, minding } from './swapWords.ts';

const drill = testDrill({
  name: 'Tall reach',
  ladder: [
    {
      id: 'low',
      name: 'hands at the chest',
      rung: -1,
      changes: ['range'],
      posture: 'standing',
      kit: [],
      demands: {},
      effort: 2,
    },
    {
      id: 'base',
      name: 'as named',
      rung: 0,
      changes: [],
      posture: 'standing',
      kit: [],
      demands: { 'shoulder overhead': 3 },
      effort: 3,
    },
  ],
});
const other = testDrill({ name: 'Step aside' });
const library = libraryOf([drill, other]);
const slot = { ...testSlot('Tall reach', timeOf(30)), id: 'slot' };
const place: SlotPlace = {
  slot,
  drill,
  rung: baseOf(drill),
  phase: 'mobilise',
  seconds: 30,
  before: undefined,
  after: undefined,
};

describe('the head of a column', () => {
  it('says the first thing to mind and how many more, a hold before all', () => {
    expect(minding(testPerson(), TEST_DAY)).toBe('');
    expect(minding(testPerson({ limits: [limit('wrist'), limit('neck')] }), TEST_DAY)).toBe('Wrist and 1 more');
    const held = testPerson({
      limits: [limit('wrist')],
      holds: [{ since: TEST_DAY, why: 'red flag', clearedBy: '', clearedOn: '' }],
    });
    expect(minding(held, TEST_DAY)).toBe('held: red flag and 1 more');
    expect(minding(testPerson({ readiness: { day: TEST_DAY, state: 'new', sore: [] } }), TEST_DAY)).toBe('new today');
  });

  it('leaves out what has ended', () => {
    const ended = testPerson({ limits: [{ ...limit('wrist'), until: '2026-11-01' }] });
    expect(minding(ended, TEST_DAY)).toBe('');
  });
});

describe('a cell', () => {
  it('tells an easier rung, another drill, as planned and see them apart by sign and words', () => {
    const instead = (drillId: string, variantId: string) =>
      cellWords({ kind: 'instead', own: false, drillId, variantId }, place, library);
    expect(cellWords({ kind: 'as planned', answeredBy: '' }, place, library)).toMatchObject({
      sign: '·',
      words: 'as planned',
    });
    expect(instead('tall-reach', 'low')).toMatchObject({ kind: 'rung', sign: '▽', words: 'hands at the chest' });
    expect(instead('step-aside', 'base')).toMatchObject({ kind: 'drill', sign: '⇄', words: 'Step aside' });
    expect(cellWords({ kind: 'one to one' }, place, library)).toMatchObject({ sign: '!', words: 'see them' });
    const short = cellWords({ kind: 'as planned', answeredBy: '' }, place, library, [
      limit('shoulder-overhead', 'pain-free', 'left'),
    ]);
    expect(short.words).toBe('only as far as nothing hurts: Shoulder, overhead, left');
    expect(cellWords({ kind: 'as planned', answeredBy: 'Imke' }, place, library)).toMatchObject({ sign: '✓' });
  });

  it('sends the coach to somebody whose drill has left the library', () => {
    const gone = cellWords({ kind: 'instead', own: true, drillId: 'gone', variantId: 'base' }, place, library);
    expect(gone.kind).toBe('one to one');
  });
});

describe('a track', () => {
  it('is told by its name and the rung alone where the drill is the same', () => {
    expect(TRACK_WORDS.gentler).toBe('Gentler');
    expect(trackWords({ track: 'gentler', drillId: 'tall-reach', variantId: 'low' }, 'tall-reach', library)).toBe(
      'hands at the chest',
    );
    expect(trackWords({ track: 'other', drillId: 'step-aside', variantId: 'base' }, 'tall-reach', library)).toBe(
      'Step aside',
    );
    expect(trackWords({ track: 'other', drillId: 'tall-reach', variantId: 'low' }, 'step-aside', library)).toBe(
      'Tall reach: hands at the chest',
    );
  });
});

describe('what a session still needs', () => {
  const occasion = occasionOf({ library, site: { ...ANYWHERE, kit: new Set<never>() }, day: TEST_DAY });
  const circuit = (tracks: typeof slot.tracks) => ({
    title: 'One',
    purpose: '',
    notBefore: '',
    notAfter: '',
    tags: [],
    approach: '',
    available: 0,
    clock: null,
    people: 0,
    lanes: 0,
    somebodyNew: false,
    slowToFloor: false,
    namesOnly: false,
    noGaps: false,
    versions: [],
    unread: [],
    blocks: [
      {
        id: 'block',
        phase: 'mobilise' as const,
        rounds: { low: 1, high: 1 },
        roundRest: 0,
        stations: false,
        noGaps: false,
        pick: null,
        pickWithin: null,
        lines: [{ ...slot, tracks }],
      },
    ],
  });
  const sore = testPerson({ limits: [limit('shoulder-overhead')] });

  const said = (of: ReturnType<typeof circuit>, people: readonly Person[]) =>
    toDecideWords(of, tracksFor(of, people, occasion, 'circuit'));

  it('is a swap for one, for several, or nothing once the tracks are accepted', () => {
    expect(said(circuit([]), [testPerson()])).toBe('');
    expect(said(circuit([]), [sore])).toBe('1 person needs a swap');
    expect(said(circuit([]), [sore, { ...sore, id: 'another' }])).toBe('2 people need a swap');
    const accepted = [{ track: 'gentler' as const, drillId: 'tall-reach', variantId: 'low' }];
    expect(said(circuit(accepted), [sore])).toBe('');
  });
});
