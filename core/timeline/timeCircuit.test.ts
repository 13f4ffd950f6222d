import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { emptyCircuit } from '../circuit/circuit.ts';
import { newBlock } from '../circuit/edit.ts';
import { anyCircuit } from '../testing/arbitrary.ts';
import { circuitOf, repsOf, testLibrary, testSlot, timeOf } from '../testing/drills.ts';
import { just } from '../units.ts';
import { occasionOf, USUAL_PACE, type Occasion } from '../occasion/occasion.ts';
import { timeCircuit } from './timeCircuit.ts';
import { USUAL_TIMES } from '../occasion/trade.ts';

const occasion = occasionOf({ library: testLibrary });

/** No ready, switch or other hidden time. */
const noHiddenTime: Occasion = {
  ...occasion,
  times: {
    ...USUAL_TIMES,
    sameRank: 0,
    ranksApart: [0, 0, 0],
    talkKnown: 0,
    talkLaterRound: 0,
    switchUp: 0,
    switchDown: 0,
  },
};

const kinds = (circuit: Parameters<typeof timeCircuit>[0], using = occasion) =>
  timeCircuit(circuit, using).segments.map(({ kind, length }) => `${kind} ${length}`);

describe('worked totals of the model', () => {
  // Common practice, no source.
  it('1: nine 30-second drills with no ready, switch or rest time take 4:30', () => {
    const slots = Array.from({ length: 9 }, (_, index) =>
      testSlot('Tall reach', timeOf(30), 'both', { id: `s${index}` }),
    );
    expect(timeCircuit(circuitOf(slots), noHiddenTime).total.plan).toBe(270);
  });

  it.each([
    [5, 200],
    [4, 160],
  ])('2: holds in 4 positions of 5 s, %i times on 2 sides with no moves, take %i s', (count, seconds) => {
    const dose = { kind: 'holds', count: just(count), positions: 4, hold: just(5), move: 0 } as const;
    expect(timeCircuit(circuitOf([testSlot('Tall reach', dose, 'each')]), noHiddenTime).total.plan).toBe(seconds);
  });

  it('begins with the side that gets more; what goes one way and the other begins the same way every time', () => {
    const work = (name: string, side: 'left' | 'right') =>
      timeCircuit(circuitOf([testSlot(name, timeOf(20), 'each', { extra: { side, more: 5 } })]), noHiddenTime)
        .segments.filter(({ kind }) => kind === 'work')
        .map(({ side, length }) => [side, length]);
    expect(work('Tall reach', 'left')).toEqual([
      ['left', 25],
      ['right', 20],
    ]);
    expect(work('Tall reach', 'right')).toEqual([
      ['right', 25],
      ['left', 20],
    ]);
    const way = testLibrary.drills.find(({ sideWord }) => sideWord === 'way');
    expect(work(way?.name ?? '', 'right')).toEqual([
      ['left', 20],
      ['right', 25],
    ]);
  });

  it('3: 8–10 reps on each side on hands and knees, first in the circuit, take 65 s; 59 low, 71 high', () => {
    const circuit = circuitOf([testSlot('All-fours sway', repsOf(8, 10), 'each')]);
    expect(kinds(circuit)).toEqual(['ready 6', 'work 27', 'switch 5', 'work 27']);
    expect(timeCircuit(circuit, occasion).total).toEqual({ low: 59, plan: 65, high: 71 });
  });
});

describe('a block of stations', () => {
  it('gives every station as long as the longest, and lets all change together', () => {
    const slots = [
      testSlot('Tall reach', timeOf(30), 'both', { id: 'a' }),
      testSlot('Deep sit', timeOf(50), 'both', { id: 'b', rest: 5 }),
      testSlot('Tall reach', timeOf(10), 'each', { id: 'c' }),
    ];
    const circuit = circuitOf(slots);
    const blocks = circuit.blocks.map((block) => ({ ...block, stations: true }));
    const { segments } = timeCircuit({ ...circuit, blocks }, occasion);
    expect(
      segments.map(({ slotId, kind, length, restAfter }) => `${slotId} ${kind} ${length} ${restAfter ?? ''}`.trim()),
    ).toEqual([
      'a ready 3',
      'a work 30',
      'a rest 20 station',
      'b ready 3',
      'b work 50',
      'b rest 5 slot',
      'c ready 3',
      'c work 10',
      'c switch 3',
      'c work 10',
    ]);
  });
});

describe('a drill in pairs', () => {
  it('is done by one partner, then by the other, with a change between', () => {
    const { segments } = timeCircuit(circuitOf([testSlot('Shoulder to shoulder', timeOf(20))]), occasion);
    expect(segments.map(({ kind, length, swap }) => `${kind} ${length} ${swap ?? ''}`.trim())).toEqual([
      'ready 3',
      'work 20',
      'switch 3 partner',
      'work 20',
    ]);
  });
});

describe('somebody in the group', () => {
  it('who is new needs every drill shown; who is slow to the floor takes half as long again', () => {
    const circuit = circuitOf([
      testSlot('All-fours sway', timeOf(20)),
      testSlot('Tall reach', timeOf(20), 'both', { id: 'b' }),
    ]);
    const ready = (change: Partial<typeof circuit>) =>
      timeCircuit({ ...circuit, ...change }, occasion)
        .segments.filter(({ kind }) => kind === 'ready')
        .map(({ length }) => length);
    expect(ready({})).toEqual([6, 6]);
    expect(ready({ slowToFloor: true })).toEqual([9, 9]);
    expect(ready({ somebodyNew: true })).toEqual([10, 10]);
  });
});

describe('a slot', () => {
  it('counts a per-side dose twice and the change of side once', () => {
    const { segments, byKind } = timeCircuit(circuitOf([testSlot('Tall reach', timeOf(20), 'each')]), occasion);
    expect(segments.map(({ kind, side }) => `${kind} ${side}`)).toEqual([
      'ready left',
      'work left',
      'switch right',
      'work right',
    ]);
    expect(byKind).toEqual({ ready: 3, work: 40, switch: 3, rest: 0 });
  });

  it('doubles alternating repetitions without a change of side, and takes an alternating time as the total', () => {
    expect(kinds(circuitOf([testSlot('Tall reach', repsOf(8), 'alternate')]))).toEqual(['ready 3', 'work 48']);
    expect(kinds(circuitOf([testSlot('Tall reach', timeOf(30), 'alternate')]))).toEqual(['ready 3', 'work 30']);
  });

  it('rests between sets but not after the last one, unless the slot rests', () => {
    const threeSets = testSlot('Tall reach', repsOf(8), 'both', { sets: just(3), rest: 15 });
    const then = testSlot('Tall reach', timeOf(10), 'both', { id: 'then' });
    expect(kinds(circuitOf([threeSets, then]))).toEqual([
      'ready 3',
      'work 24',
      'rest 10',
      'work 24',
      'rest 10',
      'work 24',
      'rest 15',
      'ready 3',
      'work 10',
    ]);
  });

  it('is talked through while people get there: the longer of the two counts', () => {
    const toFloor = circuitOf([testSlot('Floor bridge', timeOf(30))]);
    const isNew = { ...occasion, newDrills: new Set(['floor-bridge']) };
    expect(kinds(toFloor)[0]).toBe('ready 8');
    expect(kinds(toFloor, isNew)[0]).toBe('ready 10');
  });

  it('has time to be shown where it is marked as new, at its first time, and elsewhere in the circuit it is known', () => {
    const bridge = testSlot('Floor bridge', timeOf(30));
    const twice = circuitOf([
      { ...bridge, shownFirst: true },
      { ...bridge, id: 'again' },
    ]);
    expect(kinds(twice).filter((kind) => kind.startsWith('ready'))).toEqual(['ready 10', 'ready 3']);
  });

  it('takes half as long again to get down where somebody is slow to the floor', () => {
    const toFloor = circuitOf([testSlot('Floor bridge', timeOf(30))]);
    expect(kinds(toFloor, { ...occasion, slowToFloor: true })[0]).toBe('ready 12');
  });

  it("stretches moving and talking by the coach's own habits, to the half second", () => {
    const toFloor = circuitOf([testSlot('Floor bridge', timeOf(30))]);
    expect(kinds(toFloor, { ...occasion, habits: { ...USUAL_PACE, move: 1.15 } })[0]).toBe('ready 9.5');
    expect(kinds(toFloor, { ...occasion, habits: { ...USUAL_PACE, talk: 2 } })[0]).toBe('ready 8');
  });
});

describe('kit', () => {
  it('is taken up once, kept while it is used, and put down before the next drill', () => {
    const circuit = circuitOf([
      testSlot('Rope turn', timeOf(30), 'both', { id: 'a' }),
      testSlot('Rope turn', timeOf(30), 'both', { id: 'b' }),
      testSlot('Loop step', timeOf(30), 'both', { id: 'c' }),
      testSlot('Tall reach', timeOf(30), 'both', { id: 'd' }),
    ]);
    // Rope up 5; kept, so a name and a nod 3; rope down 2 and band on 8; band off 3.
    expect(kinds(circuit).filter((kind) => kind.startsWith('ready'))).toEqual([
      'ready 5',
      'ready 3',
      'ready 10',
      'ready 3',
    ]);
  });
});

describe('rounds', () => {
  it('repeat the block with the round rest between, a nod instead of talk, and nothing after the last work', () => {
    const slot = testSlot('Tall reach', timeOf(20), 'both', { rest: 5 });
    const { segments, total } = timeCircuit(circuitOf([slot], { low: 2, high: 3 }, 20), occasion);
    expect(segments.map(({ kind, length, restAfter, round }) => [round, kind, length, restAfter])).toEqual([
      [1, 'ready', 3, null],
      [1, 'work', 20, null],
      [1, 'rest', 5, 'slot'],
      [1, 'rest', 20, 'round'],
      [2, 'ready', 2, null],
      [2, 'work', 20, null],
      [2, 'rest', 5, 'slot'],
      [2, 'rest', 20, 'round'],
      [3, 'ready', 2, null],
      [3, 'work', 20, null],
    ]);
    expect(total).toEqual({ low: 70, plan: 117, high: 117 });
  });
});

describe('any circuit', () => {
  it('ends where its last segment ends, has no gaps, and never takes less at the high end', () => {
    fc.assert(
      fc.property(anyCircuit, (circuit) => {
        const { segments, total, byKind, byPhase, hidden } = timeCircuit(circuit, occasion);
        expect(total.plan).toBe(segments.at(-1)?.end ?? 0);
        const broken = segments.filter(
          ({ start, end, length }, index) =>
            start !== (segments[index - 1]?.end ?? 0) ||
            end - start !== length ||
            length <= 0 ||
            !Number.isInteger(length * 2),
        );
        expect(broken).toEqual([]);
        expect(segments.at(-1)?.kind ?? 'work').not.toBe('rest');
        expect(total.low).toBeLessThanOrEqual(total.plan);
        expect(total.plan).toBeLessThanOrEqual(total.high);
        expect(byKind.work + hidden).toBe(total.plan);
        expect(Object.values(byPhase).reduce((sum, seconds) => sum + seconds, 0)).toBe(total.plan);
      }),
      { numRuns: 1000 },
    );
  });

  it('takes no time where it is empty', () => {
    const empty = { ...emptyCircuit('Empty'), blocks: [newBlock('b', 'raise')] };
    expect(timeCircuit(empty, occasion).total).toEqual({ low: 0, plan: 0, high: 0 });
  });
});
