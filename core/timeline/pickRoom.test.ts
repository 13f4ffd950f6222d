import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { slotsOf, waitingIn, type Circuit } from '../circuit/circuit.ts';
import { asPicked, nextPicks, turnedPick, withNothingWaiting, type BlockPick } from '../circuit/pick.ts';
import { occasionOf } from '../occasion/occasion.ts';
import { anyCircuit } from '../testing/arbitrary.ts';
import { circuitOf, testLibrary, testSlot, timeOf } from '../testing/drills.ts';
import { timeCircuit } from './timeCircuit.ts';
import { pickRoom, withPicksInTime } from './pickRoom.ts';

const occasion = occasionOf({ library: testLibrary });
const IDS = ['a', 'b', 'c', 'd', 'e', 'f'];
const NOBODY = new Map<string, number>();

/** Standing drills one after the other, to be picked from for a time. */
function within(pickWithin: number, seconds: readonly number[], rounds = 1): Circuit {
  const slots = seconds.map((time, at) => testSlot('Tall reach', timeOf(time), 'both', { id: IDS[at] ?? '' }));
  const circuit = circuitOf(slots);
  const blocks = circuit.blocks.map((block) => ({
    ...block,
    pick: 1,
    pickWithin,
    rounds: { low: rounds, high: rounds },
  }));
  return withPicksInTime({ ...circuit, blocks }, occasion);
}

const done = (circuit: Circuit): string =>
  circuit.blocks
    .flatMap(slotsOf)
    .map(({ id }) => id)
    .join('');
const picked = (picks: readonly BlockPick[]) => picks.flatMap(({ slotIds }) => slotIds).join('');
const lengthOf = (circuit: Circuit) => timeCircuit(circuit, occasion).total.plan;
const blockOf = (circuit: Circuit) => circuit.blocks[0]?.id ?? '';

describe('three minutes of these', () => {
  // Each takes its 40 s and what getting ready for it takes; the circuit below tells how much that is.
  const one = lengthOf(within(600, [40]));

  it('does as many of the first ones as fit, and one where none does', () => {
    const six = [40, 40, 40, 40, 40, 40];
    const four = lengthOf(withNothingWaiting(within(1, six.slice(0, 4))));
    expect(done(within(four, six))).toBe('abcd');
    expect(done(within(four - 1, six))).toBe('abc');
    expect(done(within(600, six))).toBe('abcdef');
    expect(done(within(one - 1, six))).toBe('a');
  });

  it('counts every round', () => {
    expect(done(within(180, [40, 40, 40, 40], 2))).toBe('ab');
  });

  it('follows when the drills change, and gives the same circuit back where nothing does', () => {
    const circuit = within(180, [40, 40, 40, 40, 40]);
    expect(withPicksInTime(circuit, occasion)).toBe(circuit);
    const slower = occasionOf({ library: testLibrary, habits: { ...occasion.habits, talk: 2 } });
    expect(done(withPicksInTime(circuit, slower)).length).toBeLessThan(done(circuit).length);
  });

  it('takes what is needed most, and in the room that is left a shorter one', () => {
    const circuit = within(100, [40, 90, 40, 40]);
    const next = (nothingFor: Readonly<Record<string, number>>) =>
      picked(
        nextPicks(
          circuit,
          { lastDone: NOBODY, mayNot: NOBODY, nothingFor: new Map(Object.entries(nothingFor)) },
          pickRoom(circuit, occasion),
        ),
      );
    expect(next({})).toBe('ac');
    expect(next({ a: 1 })).toBe('b');
    expect(next({ a: 1, b: 1 })).toBe('cd');
  });

  it('goes round by hand, each run of drills as long as there is time', () => {
    const circuit = within(100, [40, 90, 40, 40]);
    let picks: readonly BlockPick[] = [];
    const seen = [1, 2, 3, 4].map(() => {
      picks = turnedPick(circuit, picks, blockOf(circuit), pickRoom(circuit, occasion));
      return picked(picks);
    });
    expect(seen).toEqual(['b', 'cd', 'a', 'b']);
  });

  it('is at a session what was picked for it, also where another one would have been done on the sheet', () => {
    const circuit = within(100, [40, 90, 40, 40]);
    const today = asPicked(circuit, [{ blockId: blockOf(circuit), slotIds: ['b', 'gone'] }]);
    expect(done(today)).toBe('b');
    expect(done(asPicked(circuit, []))).toBe(done(circuit));
    expect(done(asPicked(circuit, [{ blockId: blockOf(circuit), slotIds: ['gone'] }]))).toBe(done(circuit));
  });
});

describe('any circuit', () => {
  const settled = anyCircuit.map((circuit) => withPicksInTime(circuit, occasion));

  it('keeps to the time of every part, but where one drill alone takes longer, and one more would be too many', () => {
    fc.assert(
      fc.property(settled, (circuit) => {
        const { blocks } = timeCircuit(circuit, occasion);
        circuit.blocks.forEach((block, at) => {
          const time = blocks[at];
          if (block.pickWithin === null || !time) return;
          if (slotsOf(block).length > 1) expect(time.seconds - time.lastRest).toBeLessThanOrEqual(block.pickWithin);
          if (waitingIn(block).length === 0) return;
          const more = { ...block, pick: (block.pick ?? 0) + 1 };
          const longer = timeCircuit({ ...circuit, blocks: circuit.blocks.with(at, more) }, occasion).blocks[at];
          expect((longer?.seconds ?? 0) - (longer?.lastRest ?? 0)).toBeGreaterThan(block.pickWithin);
        });
      }),
      { numRuns: 500 },
    );
  });

  it('does every drill sooner or later where it is turned by hand', () => {
    fc.assert(
      fc.property(settled, (circuit) => {
        const room = pickRoom(circuit, occasion);
        for (const block of circuit.blocks.filter(({ pickWithin }) => pickWithin !== null)) {
          const slots = [...slotsOf(block), ...waitingIn(block)];
          const byHand = new Set<string>();
          let picks: readonly BlockPick[] = [];
          for (const _ of slots) {
            picks = turnedPick(circuit, picks, block.id, room);
            for (const id of picks.find(({ blockId }) => blockId === block.id)?.slotIds ?? []) byHand.add(id);
          }
          expect(byHand.size).toBe(slots.length);
        }
      }),
      { numRuns: 200 },
    );
  });
});
