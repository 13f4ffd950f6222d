import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCircuit } from '../testing/arbitrary.ts';
import { circuitOf, testSlot, timeOf } from '../testing/drills.ts';
import { occasionOf } from '../occasion/occasion.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import { testLibrary } from '../testing/drills.ts';
import { allSlots, slotsOf, type Circuit } from './circuit.ts';
import { asPicked, nextPicks, pickingBlocks, turnedPick, withNothingWaiting, type BlockPick } from './pick.ts';

const IDS = ['a', 'b', 'c', 'd', 'e', 'f'];
/** Six slots of six drills of which two are done at a time. */
const six: Circuit = withPick(2);

function withPick(pick: number | null): Circuit {
  const drills = [...testLibrary.byId.values()].slice(0, 6);
  const slots = drills.map(({ name }, at) => testSlot(name, timeOf(30), 'both', { id: IDS[at] ?? '' }));
  const circuit = circuitOf(slots);
  return { ...circuit, blocks: circuit.blocks.map((block) => ({ ...block, pick })) };
}

const drillOf = (id: string): string => allSlots(withNothingWaiting(six)).find((slot) => slot.id === id)?.drillId ?? '';
const when = (days: Readonly<Record<string, number>>) =>
  new Map(Object.entries(days).map(([id, day]) => [drillOf(id), day]));
const picked = (picks: readonly BlockPick[]) => picks.flatMap(({ slotIds }) => slotIds).join('');
/** Nothing here is picked for a time, so that nothing is timed. */
const NO_TIME = (): never => {
  throw new Error('A number was timed.');
};
const NOBODY = new Map<string, number>();
const nextFor = (known: Partial<Parameters<typeof nextPicks>[1]>) =>
  nextPicks(six, { lastDone: NOBODY, mayNot: NOBODY, nothingFor: NOBODY, ...known }, NO_TIME);

describe('two of these six', () => {
  it('takes what was not done for longest, in the order in which it is written', () => {
    expect(picked(nextFor({}))).toBe('ab');
    expect(picked(nextFor({ lastDone: when({ a: 3, b: 3 }) }))).toBe('cd');
    const allDone = when({ a: 5, b: 4, c: 3, d: 2, e: 6, f: 7 });
    expect(picked(nextFor({ lastDone: allDone }))).toBe('cd');
  });

  it('leaves for last what somebody there has nothing to do in', () => {
    expect(picked(nextFor({ nothingFor: new Map([['a', 1]]) }))).toBe('bc');
    const most = new Map(['a', 'b', 'c', 'd', 'e'].map((id, at) => [id, at + 1]));
    expect(picked(nextFor({ nothingFor: most, lastDone: when({ f: 9 }) }))).toBe('af');
  });

  it('begins with what everybody may do, but lets a drill with a version for everybody have its turn', () => {
    const knee = new Map([['a', 1]]);
    expect(picked(nextFor({ mayNot: knee }))).toBe('bc');
    const othersDone = when({ b: 1, c: 1, d: 2, e: 2, f: 3 });
    expect(picked(nextFor({ mayNot: knee, lastDone: othersDone }))).toBe('ab');
  });

  it('goes round when it is turned by hand', () => {
    let picks = nextFor({});
    const [block] = six.blocks;
    const seen = [0, 1, 2].map(() => {
      picks = turnedPick(six, picks, block?.id ?? '', NO_TIME);
      return picked(picks);
    });
    expect(seen).toEqual(['cd', 'ef', 'ab']);
  });

  it('does all of them equally often over the weeks', () => {
    const done = new Map<string, number>();
    const times = new Map<string, number>();
    for (let week = 1; week <= 9; week += 1) {
      const [pick] = nextFor({ lastDone: done });
      for (const id of pick?.slotIds ?? []) {
        done.set(drillOf(id), week);
        times.set(id, (times.get(id) ?? 0) + 1);
      }
    }
    expect([...times.values()]).toEqual([3, 3, 3, 3, 3, 3]);
  });
});

describe('any pick', () => {
  const anyPicks = (circuit: Circuit) =>
    fc.record({
      blockId: fc.constantFrom('', ...circuit.blocks.map(({ id }) => id)),
      slotIds: fc.subarray(['nowhere', ...allSlots(withNothingWaiting(circuit)).map(({ id }) => id)]),
    });
  const circuitAndPicks = anyCircuit.chain((circuit) =>
    fc.tuple(fc.constant(circuit), fc.array(anyPicks(circuit), { maxLength: 3 })),
  );

  it('as many slots are done as are asked for, of the block, each once, and no line that was not read goes', () => {
    fc.assert(
      fc.property(circuitAndPicks, ([circuit, picks]) => {
        const today = asPicked(circuit, picks);
        expect(pickingBlocks(today)).toEqual([]);
        today.blocks.forEach((block, at) => {
          const before = circuit.blocks[at];
          if (!before) throw new Error('A block came from nowhere.');
          if (before.pickWithin === null) expect(slotsOf(block)).toHaveLength(slotsOf(before).length);
          else expect(slotsOf(block).length > 0).toBe(slotsOf(before).length > 0);
          expect(before.lines).toEqual(expect.arrayContaining([...block.lines]));
          expect(block.lines.filter(({ kind }) => kind === 'unread')).toEqual(
            before.lines.filter(({ kind }) => kind === 'unread'),
          );
        });
      }),
      { numRuns: 500 },
    );
  });

  it('a circuit without picks is timed as its first ones are', () => {
    const occasion = occasionOf({ library: testLibrary });
    fc.assert(
      fc.property(anyCircuit, (circuit) => {
        const [picked, whole] = [asPicked(circuit, []), circuit].map((one) => timeCircuit(one, occasion));
        expect(picked?.segments).toEqual(whole?.segments);
        expect(picked?.total).toEqual(whole?.total);
      }),
      { numRuns: 300 },
    );
  });
});
