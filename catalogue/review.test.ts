import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { tracksFor } from '@prompt-spark/core/swaps/tracksFor';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { APPROACHES, approachOf } from '@prompt-spark/core/approach/approaches';
import { mainSessionOf } from '@prompt-spark/core/approach/meantSession';
import { libraryOf } from '@prompt-spark/core/drills/library';
import type { Person } from '@prompt-spark/core/people/person';
import type { Kit } from '@prompt-spark/core/drills/kit';
import { ANYWHERE, type Site } from '@prompt-spark/core/occasion/site';
import type { Occasion } from '@prompt-spark/core/occasion/occasion';
import { RULE_IDS } from '@prompt-spark/core/review/facts';
import { limit, TEST_DAY, testPerson } from '@prompt-spark/core/testing/people';
import { permutations } from '@prompt-spark/core/testing/permutations';
import { NOBODY_KNOWN, type WhoDoesWhat } from '@prompt-spark/core/review/finding';
import { SEVERITIES } from '@prompt-spark/core/review/finding';
import { fixed } from '@prompt-spark/core/review/fix';
import { reviewCircuit } from '@prompt-spark/core/review/reviewCircuit';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';

const library = libraryOf(catalogue);
/** What is unusual about the occasion of a case, and who does what there. */
interface More {
  readonly site?: Site;
  readonly who?: WhoDoesWhat;
}

function occasionBy(purpose: string, approach = 'raise-first', { site = ANYWHERE }: More = {}): Occasion {
  return occasionOf({ library, site, approach: approachOf(approach), session: mainSessionOf(purpose) });
}

const occasion = occasionBy('');
const circuitOf = (board: string) => readWhiteboard(board, library).circuit;
const review = (board: string, approach?: string, more: More = {}) => {
  const circuit = circuitOf(board);
  return reviewCircuit(circuit, occasionBy(circuit.purpose, approach, more), more.who ?? NOBODY_KNOWN);
};
const rules = (board: string, approach?: string, more?: More) => review(board, approach, more).map(({ rule }) => rule);

/** For each rule: a board that sets it off, and one much like it that does not. */
const CASES: readonly (readonly [rule: string, off: string, silent: string, more?: More])[] = [
  ['over-time', 'in: 1:00\nraise\n easy jog 90s', 'in: 2:00\nraise\n easy jog 90s'],
  ['under-time', 'in: 10:00\nraise\n easy jog 90s', 'in: 1:40\nraise\n easy jog 90s'],
  ['hidden-time', 'mobilise\n cat-cow 2\n glute bridge 2\n lateral lunge 2/side\n cat-cow 2', 'raise\n easy jog 120s'],
  ['no-raise', 'mobilise\n cat-cow 8', 'raise\n easy jog 60s\nmobilise\n cat-cow 8'],
  [
    'fast-before-warm',
    'raise\n easy jog 30s\npotentiate\n squat jump 5',
    'raise\n easy jog 60s\npotentiate\n squat jump 5',
  ],
  [
    'long-hold',
    'raise\n easy jog 60s\nrelease\n wall calf stretch 45s/side',
    'raise\n easy jog 60s\nrelease\n wall calf stretch 30s/side',
  ],
  [
    'hold-after-moving',
    'for: squat day\nraise\n easy jog 60s\nmobilise\n walking lunge 5/side alt\n standing quad stretch 20s/side',
    'for: squat day\nraise\n easy jog 60s\nmobilise\n standing quad stretch 20s/side\n walking lunge 5/side alt',
  ],
  ['long-roll', 'release\n quad roll 60s/side', 'release\n quad roll 30s/side'],
  [
    'rolling-in-all',
    'release\n quad roll 30s/side\n calf roll 30s/side\n hamstring roll 30s/side\n upper-back roll 30s',
    'release\n quad roll 30s/side\n calf roll 30s/side',
  ],
  [
    'swing-before-circle',
    'raise\n easy jog 60s\nmobilise\n long arm swings 8\n arm circles 8/way',
    'raise\n easy jog 60s\nmobilise\n arm circles 8/way\n long arm swings 8',
  ],
  [
    'neck-circles-first',
    'raise\n easy jog 60s\nmobilise\n neck half circles 3/side alt\n neck turns 3/side alt',
    'raise\n easy jog 60s\nmobilise\n neck turns 3/side alt\n neck half circles 3/side alt',
  ],
  [
    'one-leg-first',
    'raise\n easy jog 60s\nactivate\n single-leg bridge 8/side\n glute bridge 10',
    'raise\n easy jog 60s\nactivate\n glute bridge 10\n single-leg bridge 8/side',
  ],
  [
    'hard-easy-hard',
    'mobilise\n jumping jack 20\n cat-cow 8\nintegrate\n jumping jack 20',
    'mobilise\n cat-cow 8\nraise\n jumping jack 20\nintegrate\n jumping jack 20',
  ],
  [
    'tiring',
    'raise\n skipping rope 4 min\n jumping jack 4 min\n run on the spot 60s',
    'raise\n skipping rope 2 min\n easy jog 7 min',
  ],
  ['too-long', 'raise\n easy jog 21 min', 'raise\n easy jog 19 min'],
  ['too-hard', 'raise\n squat jump 10', 'raise\n easy jog 60s\npotentiate\n squat jump 10'],
  ['one-side', 'raise\n lateral lunge 8 both', 'raise\n lateral lunge 8/side alt'],
  [
    'many-landings',
    'raise\n easy jog 120s\npotentiate\n squat jump 30\n pogo hops 30',
    'raise\n easy jog 120s\npotentiate\n squat jump 5\n pogo hops 20',
  ],
  [
    'steep-climb',
    'raise\n row, easy 120s\nintegrate\n ramp-up sets lift 100kg x5 40%x5 85%x2',
    'raise\n row, easy 120s\nintegrate\n ramp-up sets lift 100kg x5 40%x5 60%x3 80%x2',
  ],
  [
    'short-raise',
    'raise\n easy jog 20s\nmobilise\n cat-cow 60s\n trunk circles 60s\n deep squat with rotation 60s alt\n hip circles 60s',
    'raise\n easy jog 90s\nmobilise\n cat-cow 60s\n trunk circles 60s\n deep squat with rotation 60s alt\n hip circles 60s',
  ],
  ['many-neck-moves', 'raise\n easy jog 60s\nmobilise\n neck nods 40', 'raise\n easy jog 60s\nmobilise\n neck nods 5'],
  [
    'same-in-a-row',
    'raise\n easy jog 60s\nactivate\n glute bridge 10\n single-leg bridge 6/side\n frog pump 10\n donkey kick 8/side\n standing kickback 8/side',
    'raise\n easy jog 60s\nactivate\n glute bridge 10\n bird dog 6/side alt\n frog pump 10\n donkey kick 8/side\n standing kickback 8/side',
  ],
  ['odd-lengths', 'raise\n easy jog 3 lengths', 'raise\n easy jog 4 lengths'],
  [
    'up-and-down',
    'raise\n easy jog 60s\nmobilise\n cat-cow 8\n lateral lunge 6/side alt\n quadruped rocking 8\n standing side bend 5/side alt',
    'raise\n easy jog 60s\nmobilise\n lateral lunge 6/side alt\n standing side bend 5/side alt\n cat-cow 8\n quadruped rocking 8',
  ],
  [
    'too-few-things',
    'release\n calf roll 30s',
    'release\n ankle circles 8/side',
    { site: { ...ANYWHERE, kit: new Set<Kit>(['mat', 'wall']) } },
  ],
  [
    'too-few-things',
    'people: 14\nactivate\n lateral band walk 10/way',
    'people: 6\nactivate\n lateral band walk 10/way',
    { site: { ...ANYWHERE, counts: { 'loop band': 6 } } },
  ],
  [
    'odd-one-out',
    'people: 7\nraise\n easy jog 60s\nmobilise\n partner chest stretch 20s',
    'people: 8\nraise\n easy jog 60s\nmobilise\n partner chest stretch 20s',
  ],
  ['phase-order', 'mobilise\n cat-cow 8\nraise\n easy jog 60s', 'raise\n easy jog 60s\nmobilise\n cat-cow 8'],
  [
    'repeated-target',
    'for: overhead pressing\nraise\n easy jog 60s\n run on the spot 60s\n jumping jack 20',
    'raise\n easy jog 60s\n run on the spot 60s\n jumping jack 20',
  ],
  [
    'gap',
    'for: squat day\nraise\n easy jog 60s',
    'for: squat day\nraise\n easy jog 60s\nintegrate\n body-weight squat 10\n lateral lunge 8/side alt\n good-morning bow 10\n glute bridge 12\n knee-to-wall ankle rock 8/side\n knee hug walk 5/side alt\n dead bug 6/side alt',
  ],
  [
    'plane-missing',
    'raise\n easy jog 60s\nmobilise\n cat-cow 8\n leg swing, front to back 8/side\n quadruped rocking 8',
    'raise\n easy jog 60s\nmobilise\n cat-cow 8\n lateral lunge 6/side alt\n standing trunk twist 6/side alt',
  ],
];

describe('lengths counted along a circuit', () => {
  const notes = (board: string) => rules(board, 'raise-first').filter((rule) => rule === 'odd-lengths');

  it('are said once where the group ends at the far end, and not where it comes home', () => {
    expect(notes('raise\n easy jog 3 lengths\n high knees 1 length')).toEqual([]);
    expect(notes('raise\n easy jog 3 lengths\n high knees 1 length\n butt kicks 1 length')).toHaveLength(1);
    expect(notes('raise 2 rounds\n easy jog 1 length')).toEqual([]);
    expect(notes('raise\n easy jog 10m x3\nmobilise\n walking lunge 1 length')).toEqual([]);
    expect(notes('raise\n easy jog 3 laps')).toEqual([]);
  });
});

describe('every rule of the review', () => {
  const cases = CASES.map(([rule, off, silent, more]) => ({ rule, off, silent, more }));
  it.each(cases)('$rule is set off by one board and not by another', ({ rule, off, silent, more }) => {
    expect(rules(off, 'raise-first', more)).toContain(rule);
    expect(rules(silent, 'raise-first', more)).not.toContain(rule);
  });

  it('tells severities apart: a hold of a minute is objected to, one of 40 seconds is warned of', () => {
    const severity = (seconds: number) =>
      review(`release\n wall calf stretch ${String(seconds)}s/side`).find(({ rule }) => rule === 'long-hold')?.severity;
    expect([30, 40, 60].map(severity)).toEqual([undefined, 'warn', 'stop']);
  });

  it('names its source', () => {
    for (const [, off, , more] of CASES) {
      for (const { source } of review(off, 'raise-first', more)) expect(['trade', 'behm', 'nsca']).toContain(source);
    }
  });

  it('leaves out what an approach does without', () => {
    const board = 'mobilise\n cat-cow 8';
    expect(rules(board)).toContain('no-raise');
    expect(rules(board, 'joint-by-joint')).not.toContain('no-raise');
  });
});

describe('the people present', () => {
  const board = 'raise\n easy jog 60s\npotentiate\n squat jump 5';
  const occasion = occasionOf({ library, day: TEST_DAY });
  const withPeople = (people: readonly Person[]) => {
    const tracks = tracksFor(circuitOf(board), people, occasion, 'circuit');
    return review(board, 'raise-first', { who: { tracks, people: people.length } });
  };
  const found = (people: readonly Person[]) => withPeople(people).map(({ rule }) => rule);

  it('set off a stop where nobody of them may do a drill, and nothing where one may', () => {
    const sore = testPerson({ limits: [limit('knee-impact')] });
    expect(found([sore])).toContain('nobody-may');
    expect(found([sore, testPerson({ id: 'another' })])).not.toContain('nobody-may');
    expect(found([])).not.toContain('nobody-may');
  });

  it('set off a warning where no track serves one of them, and nothing where one does', () => {
    const still = testPerson({ limits: [{ kind: 'own', capped: 'effort', most: 0, side: 'both', until: '' }] });
    expect(found([still, testPerson({ id: 'another' })])).toContain('no-swap');
    const sore = testPerson({ limits: [limit('knee-impact')] });
    expect(found([sore, testPerson({ id: 'another' })])).not.toContain('no-swap');
  });

  it('are not named in a note', () => {
    const notes = withPeople([testPerson({ name: 'Perran Skye', limits: [limit('knee-impact')] })]);
    expect(JSON.stringify(notes)).not.toContain('Perran');
  });
});

describe('a rule', () => {
  it('that is found has a name for the Studio, and every name is of a rule that can be found', () => {
    const seen = new Set([...CASES.map(([rule]) => rule), 'nobody-may', 'no-swap', 'kept-apart']);
    expect(RULE_IDS.toSorted()).toEqual([...seen].toSorted());
  });
});

describe('a fix', () => {
  it('mends what it was offered for, and raises nothing worse', () => {
    let mended = 0;
    for (const [, off, , more] of CASES) {
      const circuit = circuitOf(off);
      const occasion = occasionBy(circuit.purpose, 'raise-first', more);
      const findings = reviewCircuit(circuit, occasion);
      for (const { rule, fix, slotIds } of findings) {
        if (!fix) continue;
        mended += 1;
        const after = reviewCircuit(fixed(circuit, fix, library), occasion);
        const still = after.filter((finding) => finding.rule === rule && finding.slotIds.join() === slotIds.join());
        expect(still.map(({ facts }) => facts)).toEqual([]);
        const worst = (list: typeof findings) =>
          Math.min(SEVERITIES.length, ...list.map(({ severity }) => SEVERITIES.indexOf(severity)));
        const fresh = after.filter((finding) => !findings.some((known) => known.rule === finding.rule));
        expect(worst(fresh)).toBeGreaterThanOrEqual(worst(findings));
      }
    }
    expect(mended).toBeGreaterThan(12);
  });

  it('is not offered where it would raise something worse, and the finding says what', () => {
    const board = 'in: 2:00\nraise\n easy jog 60s\nmobilise\n lateral lunge 15 both';
    const oneSide = (text: string) => review(text).find(({ rule }) => rule === 'one-side');
    expect(oneSide(board)?.fix).toBeUndefined();
    expect(oneSide(board)?.keptBack).toMatchObject({
      fix: { kind: 'sides', sides: 'usual' },
      why: { kind: 'worse', finding: { rule: 'over-time', facts: { available: 120 } } },
    });
    expect(oneSide(board.replace('2:00', '4:00'))?.fix).toMatchObject({ kind: 'sides', sides: 'usual' });
  });

  it('of the order is never slower, keeps every slot, and is exact: no other order of six is quicker', () => {
    const board =
      'raise\n easy jog 60s\nmobilise 2 rounds\n cat-cow 8\n lateral lunge 6/side alt\n glute bridge 8\n band pull-apart, overhand 8\n quadruped rocking 8\n standing side bend 5/side alt';
    const circuit = circuitOf(board);
    const finding = reviewCircuit(circuit, occasionBy('')).find(({ rule }) => rule === 'up-and-down');
    if (finding?.fix?.kind !== 'order') throw new Error('There is a better order.');
    const [{ blockId, lineIds } = { blockId: '', lineIds: [] }] = finding.fix.orders;
    const ready = (order: readonly string[]) =>
      timeCircuit(fixed(circuit, { kind: 'order', orders: [{ blockId, lineIds: order }] }, library), occasion).byKind
        .ready;
    expect(lineIds.toSorted()).toEqual(finding.slotIds.toSorted());
    const best = ready(lineIds);
    for (const order of permutations(lineIds)) expect(ready(order)).toBeGreaterThanOrEqual(best);
  });
});

/** One circuit for each approach, as its own school would write it. */
const IN_SCHOOL: Readonly<Record<string, string>> = {
  'raise-first':
    'for: mixed circuit\nraise\n easy jog 60s\n side taps with reach 40s alt\nmobilise\n standing trunk twist 6/side alt\n lateral lunge 8/side alt\n overhead arm raise 8\nintegrate\n body-weight squat 10\n walking lunge 5/side alt',
  'release-first':
    'release\n standing quad stretch 20s/side\n wall calf stretch 20s/side\nmobilise\n standing trunk twist 8/side alt\n lateral lunge 8/side alt\nactivate\n heel raise with a squeeze 12\nraise\n easy jog 90s',
  'short-form':
    'release\n standing breathing reset 40s\nmobilise\n reverse lunge with turn 5/side alt\nintegrate\n body-weight squat 10\nraise\n run on the spot 45s alt',
  'joint-by-joint':
    'mobilise\n neck turns 4/side alt\n arm circles 8/way\n trunk circles 6/way\n hip circles 6/way\n lateral lunge 8/side alt\n leg swing, front to back 8/side',
  'lane-work':
    'raise\n easy jog 4 lengths\n side shuffle 2 lengths/way\nmobilise\n walking lunge with twist 5/side alt\n knee hug walk 5/side alt\nintegrate\n toe-touch walk 5/side alt',
  'house-standard':
    'raise\n march on the spot 60s alt\nmobilise\n standing trunk twist 8/side alt\n lateral lunge 8/side alt\nactivate\n heel raise with a squeeze 12\nintegrate\n body-weight squat 12',
  'hold-and-breathe':
    'release\n standing breathing reset 60s\nmobilise\n cross-body hold with lunge 5x5s/side\n triceps hold with side lunge 5x5s/side\n standing trunk twist 6/side alt',
};

describe('a circuit of each school', () => {
  it.each(APPROACHES.map(({ id }) => id))('%s raises nothing', (id) => {
    const board = IN_SCHOOL[id] ?? '';
    expect(readWhiteboard(board, library).problems).toEqual([]);
    expect(review(board, id).map(({ rule, facts }) => `${rule}: ${JSON.stringify(facts)}`)).toEqual([]);
  });

  it('gives every approach shares that add up to one, over phases it has', () => {
    for (const { shares, order, essential } of APPROACHES) {
      expect(Object.values(shares).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
      expect(Object.keys(shares).every((phase) => order.some((known) => known === phase))).toBe(true);
      expect(essential.every((phase) => order.includes(phase))).toBe(true);
    }
  });
});
