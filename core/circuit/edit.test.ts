import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCircuit } from '../testing/arbitrary.ts';
import { circuitOf, testLibrary, testSlot, timeOf } from '../testing/drills.ts';
import { applyLine } from '../whiteboard/applyLine.ts';
import { readLine } from '../whiteboard/lineReader.ts';
import { emptyCircuit, type Circuit } from './circuit.ts';
import { lineIds, neighbourOf, placeAfter } from './cursor.ts';
import {
  carryLine,
  duplicateLine,
  insertBlock,
  moveLine,
  moveBlock,
  moveToBlock,
  newBlock,
  takeOutBlock,
  takeOutLine,
} from './edit.ts';

const slot = (id: string) => testSlot('Tall reach', timeOf(10), 'both', { id });
const twoBlocks: Circuit = {
  ...circuitOf([slot('a'), slot('b')]),
  blocks: [
    { ...newBlock('one', 'raise'), lines: [slot('a'), slot('b')] },
    { ...newBlock('two', 'mobilise'), lines: [slot('c')] },
  ],
};
const rows = (circuit: Circuit) => circuit.blocks.map((block) => block.lines.map(({ id }) => id).join(''));

describe('moving a block', () => {
  it('puts it where it is dropped, with all its rows', () => {
    expect(rows(moveBlock(twoBlocks, 'two', 0))).toEqual(['c', 'ab']);
    expect(rows(moveBlock(twoBlocks, 'one', 1))).toEqual(['c', 'ab']);
    expect(moveBlock(twoBlocks, 'nowhere', 0)).toBe(twoBlocks);
  });
});

describe('several rows', () => {
  it('go to the end of a block in the order they stood in', () => {
    expect(rows(moveToBlock(twoBlocks, new Set(['c', 'a']), 'one'))).toEqual(['bac', '']);
    expect(rows(moveToBlock(twoBlocks, new Set(['b', 'a']), 'two'))).toEqual(['', 'cab']);
    expect(moveToBlock(twoBlocks, new Set(['a']), 'nowhere')).toBe(twoBlocks);
  });
});

describe('carrying a row', () => {
  it('goes one up or down, and over a block’s edge into the next block', () => {
    expect(rows(carryLine(twoBlocks, 'a', 1))).toEqual(['ba', 'c']);
    expect(rows(carryLine(twoBlocks, 'b', 1))).toEqual(['a', 'bc']);
    expect(rows(carryLine(twoBlocks, 'c', -1))).toEqual(['abc', '']);
    expect(rows(carryLine(twoBlocks, 'a', -1))).toEqual(['ab', 'c']);
  });

  it('back and forth leaves the circuit as it was, and no row is ever lost or doubled', () => {
    fc.assert(
      fc.property(anyCircuit, fc.nat(), fc.constantFrom<-1 | 1>(-1, 1), (circuit, pick, by) => {
        const ids = lineIds(circuit);
        const id = ids[pick % Math.max(1, ids.length)] ?? '';
        const carried = carryLine(circuit, id, by);
        expect(lineIds(carried).toSorted()).toEqual(ids.toSorted());
        if (carried !== circuit) expect(carryLine(carried, id, by === 1 ? -1 : 1)).toEqual(circuit);
      }),
    );
  });
});

describe('other edits', () => {
  it('move a row to any place, counted with the row lifted out', () => {
    expect(rows(moveLine(twoBlocks, 'a', { blockId: 'one', index: 1 }))).toEqual(['ba', 'c']);
    expect(rows(moveLine(twoBlocks, 'a', { blockId: 'two', index: 1 }))).toEqual(['b', 'ca']);
  });

  it('duplicate, take out, and open blocks', () => {
    expect(rows(duplicateLine(twoBlocks, 'a', 'x'))).toEqual(['axb', 'c']);
    expect(rows(takeOutLine(twoBlocks, 'b'))).toEqual(['a', 'c']);
    expect(rows(takeOutBlock(twoBlocks, 'one'))).toEqual(['c']);
    expect(insertBlock(twoBlocks, newBlock('new', 'activate'), 'one').blocks.map(({ id }) => id)).toEqual([
      'one',
      'new',
      'two',
    ]);
  });

  it('leave a circuit alone where there is no such row', () => {
    expect(takeOutLine(twoBlocks, 'nobody')).toBe(twoBlocks);
    expect(carryLine(twoBlocks, 'nobody', 1)).toBe(twoBlocks);
  });

  it('stand on the row after one that is gone, or the one before at the end', () => {
    expect(neighbourOf(twoBlocks, 'a')).toBe('b');
    expect(neighbourOf(twoBlocks, 'c')).toBe('b');
    expect(neighbourOf(circuitOf([slot('a')]), 'a')).toBe('');
  });
});

describe('a line written on the board', () => {
  const write = (lines: readonly string[], circuit = emptyCircuit('New'), cursor = { blockId: '', lineId: '' }) => {
    let ids = 0;
    const newId = () => `new-${String((ids += 1))}`;
    return lines.reduce(
      (so, line) => applyLine(so, readLine(line, testLibrary, newId()), testLibrary, { block: newId, line: newId }),
      { circuit, cursor },
    ).circuit;
  };
  const drills = (circuit: Circuit) =>
    circuit.blocks.map(({ phase, lines }) => [
      phase,
      ...lines.map((line) => (line.kind === 'slot' ? line.drillId : line.text)),
    ]);

  it('goes after the one before it, and a phase opens the block for those that follow', () => {
    expect(drills(write(['run 20s', 'raise', 'lean 20s', 'what 9', 'run 10s']))).toEqual([
      ['mobilise', 'run'],
      ['raise', '90-90-lean-slow', 'what 9', 'run'],
    ]);
  });

  it('goes after the row the cursor is on', () => {
    const circuit = write(['run 20s'], twoBlocks, { blockId: 'one', lineId: 'a' });
    expect(circuit.blocks[0]?.lines.map((line) => (line.kind === 'slot' ? line.drillId : ''))).toEqual([
      'tall-reach',
      'run',
      'tall-reach',
    ]);
  });

  it('changes the heading where it is one', () => {
    expect(write(['# Title', 'in: 8:00', 'people: 9', 'lanes: 2', 'for: a game', ''])).toMatchObject({
      title: 'Title',
      available: 480,
      people: 9,
      lanes: 2,
      purpose: 'a game',
      blocks: [],
    });
  });

  it('has its place at the end where the cursor points at nothing', () => {
    expect(placeAfter(twoBlocks, { blockId: 'gone', lineId: 'gone' })).toEqual({ blockId: 'two', index: 1 });
    expect(placeAfter(emptyCircuit('Empty'), { blockId: '', lineId: '' })).toBeUndefined();
  });
});
