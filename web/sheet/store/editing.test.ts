import { check } from '@prompt-spark/contract/check';
import { circuitSchema } from '@prompt-spark/contract/circuit';
import { emptyCircuit } from '@prompt-spark/core/circuit/circuit';
import { lineIds } from '@prompt-spark/core/circuit/cursor';
import fc from 'fast-check';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { CIRCUIT_ID, circuitServer } from '../../testing/circuitServer.ts';
import { fakeBrowser } from '../../testing/fakeBrowser.ts';
import { useEditingStore } from './editing.ts';
import { useSheetStore } from './sheet.ts';

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

const BOARD =
  'raise\nrun 20s\ntall reach 8\nwobble 9\nmobilise\nlean 10s\ntall reach 8-12 ?\nintegrate\nrun 30s rest 5s !';

/** What a hand may do on the sheet; numbers choose among what is there. */
type Move =
  | { readonly kind: 'select' | 'pick' | 'pickTo' | 'moveTo'; readonly at: number }
  | { readonly kind: 'step' | 'stretch' | 'carry'; readonly by: -1 | 1 }
  | { readonly kind: 'pinned' | 'optional' | 'duplicate' | 'takeOut' | 'undo' | 'redo' | 'toggleOpen' }
  | { readonly kind: 'enter'; readonly text: string };

const anyMove: fc.Arbitrary<Move> = fc.oneof(
  fc.record({ kind: fc.constantFrom('select', 'pick', 'pickTo', 'moveTo'), at: fc.nat(30) }),
  fc.record({ kind: fc.constantFrom('step', 'stretch', 'carry'), by: fc.constantFrom(-1 as const, 1 as const) }),
  fc.record({
    kind: fc.constantFrom('pinned', 'optional', 'duplicate', 'takeOut', 'undo', 'redo', 'toggleOpen'),
  }),
  fc.record({
    kind: fc.constant('enter' as const),
    text: fc.constantFrom(
      'run 15s',
      'tall reach 6',
      'activate',
      'mobilise 2 rounds rest 10s',
      'in: 9:00',
      'nothing like it',
      'rest 10s',
    ),
  }),
);

async function opened(answer: typeof circuitServer = circuitServer) {
  setActivePinia(createPinia());
  fakeBrowser(answer);
  const [sheet, editing] = [useSheetStore(), useEditingStore()];
  await Promise.all([sheet.open(CIRCUIT_ID), vi.advanceTimersByTimeAsync(1)]);
  editing.enterAll(BOARD);
  return { sheet, editing };
}
type Hands = Awaited<ReturnType<typeof opened>>;

function make({ sheet, editing }: Hands, move: Move): void {
  const ids = lineIds(sheet.circuit);
  const chosen = (at: number) => ids[at % Math.max(1, ids.length)] ?? '';
  switch (move.kind) {
    case 'select':
    case 'pick':
    case 'pickTo':
      return editing[move.kind](chosen(move.at));
    case 'moveTo': {
      const { blocks } = sheet.circuit;
      const block = blocks[move.at % Math.max(1, blocks.length)];
      return block && editing.moveTo(block.id);
    }
    case 'step':
    case 'stretch':
    case 'carry':
      return editing[move.kind](move.by);
    case 'pinned':
    case 'optional':
      return editing.toggle(move.kind);
    case 'duplicate':
    case 'toggleOpen':
      return editing[move.kind]();
    case 'takeOut':
      return editing.takeOut();
    case 'undo':
    case 'redo':
      return sheet[move.kind]();
    case 'enter':
      editing.enter(move.text);
  }
}

const undoAll = ({ sheet }: Hands) => {
  while (sheet.canUndo) sheet.undo();
};
const redoAll = ({ sheet }: Hands) => {
  while (sheet.canRedo) sheet.redo();
};
const countOf = ({ sheet }: Hands) => lineIds(sheet.circuit).length;

const [GROUP_ID, SITE_ID] = ['6f0d5f8e-6a1e-4f43-8f0b-2f3f0b8f4e12', '7f0d5f8e-6a1e-4f43-8f0b-2f3f0b8f4e13'];

/** The same server, with a group of a number of people and a floor of two lanes. */
const peopleServer =
  (people: number): typeof circuitServer =>
  (method, path, body) => {
    if (path !== '/api/places') return circuitServer(method, path, body);
    const stock = {
      mats: 0,
      loopBands: 0,
      walls: 0,
      kit: [],
      counts: {},
      plates: { bar: 20, smallest: 1.25, unit: 'kg' },
    };
    const site = {
      id: SITE_ID,
      version: 1,
      name: 'Slip',
      timeZone: 'UTC',
      lanes: 2,
      laneMetres: 15,
      lapMetres: 0,
      ...stock,
    };
    return { status: 200, body: { sites: [site], groups: [{ id: GROUP_ID, name: 'Dawn', people }] } };
  };

describe('a line that is being typed', () => {
  it('says beforehand just what it will add, with the people who come and the lanes there are', async () => {
    const line = fc.constantFrom(
      'run 20s',
      'tall reach 8',
      'deep sit 3 x 10s',
      'run 15m x2',
      'run 30m',
      'lean 10s',
      'raise',
    );
    await fc.assert(
      fc.asyncProperty(
        fc.integer({ min: 1, max: 30 }),
        fc.array(anyMove, { maxLength: 6 }),
        line,
        async (people, moves, text) => {
          const at = await opened(peopleServer(people));
          const { sheet, editing } = at;
          sheet.change((draft) => ({ ...draft, groupId: GROUP_ID, siteId: SITE_ID }));
          for (const move of moves) make(at, move);
          const { adds, read } = editing.preview(text);
          expect(read.kind).not.toBe('problem');
          const before = sheet.timeline.total.plan;
          editing.enter(text);
          expect(sheet.timeline.total.plan - before).toBeCloseTo(adds, 9);
        },
      ),
      { numRuns: 150 },
    );
  });
});

describe('whatever a hand does on the sheet', () => {
  it('leaves a circuit that can be kept, with every row once and the hand on one that is there', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(anyMove, { maxLength: 25 }), async (moves) => {
        const at = await opened();
        const { sheet, editing } = at;
        for (const move of moves) {
          make(at, move);
          const ids = lineIds(sheet.circuit);
          expect(new Set(ids).size).toBe(ids.length);
          const checked = check(circuitSchema, sheet.circuit);
          expect(checked.ok ? [] : checked.errors).toEqual([]);
          if (editing.acted.size > 1) expect([...editing.acted].every((id) => ids.includes(id))).toBe(true);
          expect(sheet.timeline.slots.every(({ slotId }) => ids.includes(slotId))).toBe(true);
        }
      }),
      { numRuns: 150 },
    );
  });

  it('takes out only what it takes out, and adds only what it adds', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(anyMove, { maxLength: 25 }), async (moves) => {
        const at = await opened();
        for (const move of moves) {
          const before = countOf(at);
          const hand = at.editing.acted.size;
          make(at, move);
          const more = countOf(at) - before;
          if (move.kind === 'undo' || move.kind === 'redo') continue;
          if (move.kind === 'duplicate') expect(more).toBeLessThanOrEqual(hand);
          else if (move.kind === 'takeOut') expect(-more).toBeLessThanOrEqual(hand);
          else if (move.kind === 'enter') expect([0, 1]).toContain(more);
          else expect(more).toBe(0);
        }
      }),
      { numRuns: 150 },
    );
  });

  it('is undone step by step to where it began, and done again to where it ended', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(anyMove, { maxLength: 25 }), async (moves) => {
        const at = await opened();
        const { sheet } = at;
        for (const move of moves) make(at, move);
        const end = sheet.circuit;
        redoAll(at);
        const last = sheet.circuit;
        undoAll(at);
        expect(sheet.circuit).toEqual(emptyCircuit('New circuit'));
        redoAll(at);
        expect(sheet.circuit).toEqual(last);
        if (!moves.some(({ kind }) => kind === 'undo')) expect(sheet.circuit).toEqual(end);
      }),
      { numRuns: 100 },
    );
  });
});

it('gives a rest that was said on a line of its own to the drill before, at once and when a line is written anew', async () => {
  const { sheet, editing } = await opened();
  const rows = () =>
    sheet.circuit.blocks.flatMap(({ lines }) => lines.map((line) => (line.kind === 'slot' ? line.rest : line.text)));
  const before = rows();
  editing.enter('30 seconds rest');
  expect(rows()).toEqual([...before.slice(0, -1), 30]);
  const wobble = sheet.circuit.blocks.flatMap(({ lines }) => lines).find(({ kind }) => kind === 'unread')?.id ?? '';
  expect(editing.rewrite(wobble, 'rest 15s')).toBeUndefined();
  expect(rows().slice(0, 3)).toEqual([before[0], 15, before[3]]);
  editing.enterAll('activate\nrest 20s');
  const first = sheet.circuit.blocks.at(-1)?.lines[0]?.id ?? '';
  expect(editing.rewrite(first, 'rest 25s')?.expected).toBe('a drill before the rest');
  sheet.close();
});
