import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import { approachOf } from '@prompt-spark/core/approach/approaches';
import { libraryOf } from '@prompt-spark/core/drills/library';
import type { Phase } from '@prompt-spark/core/drills/phase';
import { fixed } from '@prompt-spark/core/review/fix';
import { comesBefore } from '@prompt-spark/core/drills/precedence';
import { reviewCircuit } from '@prompt-spark/core/review/reviewCircuit';
import { permutations } from '@prompt-spark/core/testing/permutations';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';

const library = libraryOf(catalogue);
const occasion = occasionOf({ library, approach: approachOf('raise-first') });

/** A block of three to six drills between two others, for regulars or not. */
const anyBoard = fc
  .record({
    drills: fc.uniqueArray(fc.constantFrom(...catalogue), { minLength: 3, maxLength: 6 }),
    before: fc.option(fc.constantFrom(...catalogue)),
    after: fc.option(fc.constantFrom(...catalogue)),
    rounds: fc.integer({ min: 1, max: 3 }),
    people: fc.constantFrom('', 'with: somebody new', 'with: somebody slow to the floor', 'with: names only'),
  })
  .map(({ drills, before, after, rounds, people }) =>
    [
      people,
      ...(before ? ['raise', before.name.toLowerCase()] : []),
      `mobilise ${String(rounds)} rounds`,
      ...drills.map(({ name }) => name.toLowerCase()),
      ...(after ? ['integrate', after.name.toLowerCase()] : []),
    ].join('\n'),
  );

const readyIn = (circuit: Circuit) => timeCircuit(circuit, occasion).byKind.ready;

/** The block that is ordered, and every order of it that the rules allow. */
function ordersOf(circuit: Circuit, of: Phase = 'mobilise') {
  const block = circuit.blocks.find(({ phase }) => phase === of);
  if (!block) throw new Error('There is no block to order.');
  const drillOf = new Map(
    block.lines.map((line) => [line.id, line.kind === 'slot' ? library.byId.get(line.drillId) : undefined]),
  );
  const allowed = permutations(block.lines.map(({ id }) => id)).filter((order) =>
    order.every((id, at) =>
      order.slice(at + 1).every((later) => {
        const [first, then] = [drillOf.get(later), drillOf.get(id)];
        return !first || !then || comesBefore(first, then) === undefined;
      }),
    ),
  );
  const put = (lineIds: readonly string[]) =>
    fixed(circuit, { kind: 'order', orders: [{ blockId: block.id, lineIds }] }, library);
  return { block, allowed, put };
}

describe('the better order of a block', () => {
  it('is the quickest that the rules allow, against every one of them, and saves just what it says', () => {
    let offered = 0;
    fc.assert(
      fc.property(anyBoard, (board) => {
        const { circuit, problems } = readWhiteboard(board, library);
        expect(problems).toEqual([]);
        const { block, allowed, put } = ordersOf(circuit);
        const found = reviewCircuit(circuit, occasion).find(
          ({ rule, slotIds }) => rule === 'up-and-down' && slotIds[0] === block.lines[0]?.id,
        );
        const best = Math.min(...allowed.map((order) => readyIn(put(order))));
        if (!found) {
          // Nothing is offered for less than four seconds, nor where nothing may stand in another order.
          expect(allowed.length === 0 || readyIn(circuit) - best < 4).toBe(true);
          return;
        }
        if (found.fix?.kind !== 'order') throw new Error('The order is not offered.');
        const after = readyIn(put(found.fix.orders[0]?.lineIds ?? []));
        expect(after).toBe(best);
        expect(found.facts).toMatchObject({ saves: readyIn(circuit) - after });
        offered += 1;
      }),
      { numRuns: 300 },
    );
    expect(offered).toBeGreaterThan(50);
  });
});

/** Two blocks of two to four drills, one after the other, between two others or not. */
const twoBlocks = fc
  .record({
    drills: fc.uniqueArray(fc.constantFrom(...catalogue), { minLength: 4, maxLength: 7 }),
    before: fc.option(fc.constantFrom(...catalogue)),
    after: fc.option(fc.constantFrom(...catalogue)),
  })
  .map(({ drills, before, after }) =>
    [
      ...(before ? ['raise', before.name.toLowerCase()] : []),
      'mobilise',
      ...drills.slice(0, Math.floor(drills.length / 2)).map(({ name }) => name.toLowerCase()),
      'activate',
      ...drills.slice(Math.floor(drills.length / 2)).map(({ name }) => name.toLowerCase()),
      ...(after ? ['integrate', after.name.toLowerCase()] : []),
    ].join('\n'),
  );

describe('the better order of two blocks', () => {
  it('is offered where neither can mend it by itself, and is the quickest of every order of both', () => {
    let offered = 0;
    fc.assert(
      fc.property(twoBlocks, (board) => {
        const { circuit } = readWhiteboard(board, library);
        const [one, other] = (['mobilise', 'activate'] as const).map((phase) => ordersOf(circuit, phase));
        if (!one || !other) throw new Error('There are no blocks to order.');
        const [first] = one.block.lines;
        const found = reviewCircuit(circuit, occasion).find(
          ({ rule, slotIds }) =>
            rule === 'up-and-down' &&
            slotIds[0] === first?.id &&
            slotIds.length === one.block.lines.length + other.block.lines.length,
        );
        if (found?.fix?.kind !== 'order') return;
        const every = one.allowed.flatMap((order) =>
          other.allowed.map((after) =>
            fixed(
              circuit,
              {
                kind: 'order',
                orders: [
                  { blockId: one.block.id, lineIds: order },
                  { blockId: other.block.id, lineIds: after },
                ],
              },
              library,
            ),
          ),
        );
        const after = readyIn(fixed(circuit, found.fix, library));
        expect(after).toBe(Math.min(...every.map(readyIn)));
        expect(found.facts).toMatchObject({ saves: readyIn(circuit) - after });
        offered += 1;
      }),
      { numRuns: 400 },
    );
    expect(offered).toBeGreaterThan(5);
  });
});
