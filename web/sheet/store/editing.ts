import type { Problem } from '@prompt-spark/core/whiteboard/problem';
import { MOST_BLOCKS, MOST_BOARD_LINES, MOST_LINES } from '@prompt-spark/core/circuit/bounds';
import { allSlots, type Slot } from '@prompt-spark/core/circuit/circuit';
import { cursorBefore, lineIds, neighbourOf, type Cursor } from '@prompt-spark/core/circuit/cursor';
import {
  carryLine,
  changeSlot,
  duplicateLine,
  linesWith,
  moveToBlock,
  placeOf,
  replaceLine,
  takeOutLine,
} from '@prompt-spark/core/circuit/edit';
import { usualSlot } from '@prompt-spark/core/circuit/slot';
import { withPicksInTime } from '@prompt-spark/core/timeline/pickRoom';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { applyLine, type Written } from '@prompt-spark/core/whiteboard/applyLine';
import type { Named } from '@prompt-spark/core/reading/nameIndex';
import { readAs } from '@prompt-spark/core/reading/understand';
import { boardLines, withTitleMeant } from '@prompt-spark/core/whiteboard/boardLines';
import { readLine } from '@prompt-spark/core/whiteboard/lineReader';
import type { ReadLine } from '@prompt-spark/core/whiteboard/reading';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { useLibraryStore } from '../../library/library.ts';
import { useStandardsStore } from '../../library/standards.ts';
import { useSheetStore } from './sheet.ts';
import { say } from '../say.ts';

/** What a whiteboard line would do if it were entered now. */
export interface Preview {
  readonly read: ReadLine;
  /** Seconds it adds to the plan. */
  readonly adds: number;
}

/** The hand on the sheet: which row it is on, which row is open, and what it does to them. */
export const useEditingStore = defineStore('editing', () => {
  const sheet = useSheetStore();
  const library = useLibraryStore();
  const standards = useStandardsStore();
  const cursor = ref<Cursor>({ blockId: '', lineId: '' });
  const openId = ref('');
  /** Counts drops: dragging moves elements behind Vue's back, so the lists are drawn anew after each. */
  const drops = ref(0);
  const selectedId = computed(() => cursor.value.lineId);
  /** Rows picked beside the selected one; empty where only one is selected. */
  const picked = ref<ReadonlySet<string>>(new Set());
  /** Every row that a key or button acts on. */
  const acted = computed<ReadonlySet<string>>(() => {
    const lone = new Set(selectedId.value === '' ? [] : [selectedId.value]);
    // Only where rows are picked does it depend on the circuit, which changes with every letter.
    if (picked.value.size < 2) return lone;
    const present = new Set(lineIds(sheet.circuit).filter((id) => picked.value.has(id)));
    return present.size > 1 ? present : lone;
  });
  const newId = (): string => crypto.randomUUID();

  function select(lineId: string): void {
    const place = placeOf(sheet.circuit, lineId);
    if (place) cursor.value = { blockId: place.blockId, lineId };
    picked.value = new Set();
    if (openId.value !== lineId) openId.value = '';
  }

  /** Puts the cursor at the end of a block. */
  function enterBlock(blockId: string): void {
    cursor.value = { blockId, lineId: '' };
    openId.value = '';
  }

  /** Adds a row to those picked, or leaves it out of them. */
  function pick(lineId: string): void {
    const present = new Set(picked.value.size > 0 ? picked.value : [selectedId.value].filter(Boolean));
    if (present.has(lineId)) present.delete(lineId);
    else present.add(lineId);
    openId.value = '';
    picked.value = present;
  }

  /** Selects the first of some rows, and picks the others beside it. */
  function pickAll(ids: readonly string[]): void {
    const [first] = ids;
    if (first === undefined) return;
    select(first);
    if (ids.length > 1) picked.value = new Set(ids);
  }

  /** Picks every row from the selected one to another. */
  function pickTo(lineId: string): void {
    const ids = lineIds(sheet.circuit);
    const [from, to] = [ids.indexOf(selectedId.value), ids.indexOf(lineId)];
    if (from < 0 || to < 0) return select(lineId);
    openId.value = '';
    picked.value = new Set(ids.slice(Math.min(from, to), Math.max(from, to) + 1));
  }

  /** Grows or shrinks the picked rows by one, away from or towards the selected one. */
  function stretch(by: -1 | 1): void {
    const ids = lineIds(sheet.circuit);
    const from = ids.indexOf(selectedId.value);
    const indexes = [...picked.value].map((id) => ids.indexOf(id)).filter((index) => index >= 0);
    const edge = indexes.length < 2 ? from : Math.max(...indexes) > from ? Math.max(...indexes) : Math.min(...indexes);
    const to = ids[edge + by];
    if (to !== undefined) pickTo(to);
  }

  function step(by: -1 | 1): void {
    const ids = lineIds(sheet.circuit);
    const at = ids.indexOf(selectedId.value);
    const next = at < 0 ? (by > 0 ? 0 : ids.length - 1) : at + by;
    const id = ids[next];
    if (id !== undefined) select(id);
  }

  function read(text: string, id = newId()): ReadLine {
    return readLine(text, library.library, id, 1, standards.approaches);
  }

  function added(from: Written, line: ReadLine): Written {
    return applyLine(from, line, library.library, { block: newId, line: newId });
  }

  function preview(text: string): Preview {
    const line = read(text);
    if (line.kind === 'problem') return { read: line, adds: 0 };
    const { laid, timeline } = sheet;
    const { circuit } = added({ circuit: laid.circuit, cursor: cursor.value }, line);
    const inTime = withPicksInTime(circuit, laid.occasion);
    return { read: line, adds: timeCircuit(inTime, laid.occasion).total.plan - timeline.total.plan };
  }

  /**
   * Enters one line. One that is not read goes in as it was written, to be settled on its row; but a heading or a phase with
   * something wrong in it is not entered: its problem is given back.
   */
  function enter(text: string): Problem | undefined {
    const line = read(text);
    if (line.kind === 'problem' && !line.problem.unknown) return line.problem;
    place(added({ circuit: sheet.circuit, cursor: cursor.value }, line));
    return undefined;
  }

  /** Enters a line as one that means a drill; false where nothing else in it can be read. */
  function enterAs(typed: string, named: Named): boolean {
    const slot = readAs(typed, named, newId());
    if (slot) place(added({ circuit: sheet.circuit, cursor: cursor.value }, { kind: 'slot', slot, then: [] }));
    return slot !== undefined;
  }

  /**
   * Enters many lines as one change. Lines that cannot be read go in as they are written. More than a circuit can hold
   * are not entered at all: what is wrong is given back.
   */
  function enterAll(text: string): string | undefined {
    const tooMuch = say.editing.thatIsMoreThan(MOST_LINES, MOST_BLOCKS);
    const lines = boardLines(text, library.library).filter((line) => line.trim() !== '');
    if (lines.length > MOST_BOARD_LINES) return tooMuch;
    const start: Written = { circuit: sheet.circuit, cursor: cursor.value };
    const all = lines.map((line) => read(line));
    // What is put into a circuit that has something in it already gives it no other title.
    const titled = sheet.circuit.blocks.length === 0 ? withTitleMeant(all, lines) : all;
    const entered = titled.reduce(added, start);
    const { blocks } = entered.circuit;
    if (blocks.length > MOST_BLOCKS || lineIds(entered.circuit).length > MOST_LINES) return tooMuch;
    place(entered);
    return undefined;
  }

  /** Puts a drill in with its usual dose, after the cursor. */
  function insertDrill(drillId: string): void {
    const drill = library.drillOf(drillId);
    if (!drill) return;
    place(
      added(
        { circuit: sheet.circuit, cursor: cursor.value },
        { kind: 'slot', slot: usualSlot(drill, newId()), then: [] },
      ),
    );
  }

  function place({ circuit, cursor: next }: Written): void {
    sheet.changeCircuit(() => circuit);
    cursor.value = next;
  }

  /** Reads a kept line again, as it is now written; it stays as it is where it still cannot be read. */
  function rewrite(lineId: string, text: string): Problem | undefined {
    const line = read(text, lineId);
    if (line.kind === 'problem') return line.problem;
    const before = cursorBefore(sheet.circuit, lineId);
    if (line.kind === 'rest' && before.lineId === '')
      return { line: 1, column: 1, text, expected: say.editing.drillBeforeTheRest, unknown: false, nearest: [] };
    if (line.kind === 'slot') sheet.changeCircuit((circuit) => replaceLine(circuit, lineId, [line.slot, ...line.then]));
    else {
      // A rest belongs to the drill before the line that said so.
      const from = line.kind === 'rest' ? before : cursor.value;
      place(added({ circuit: takeOutLine(sheet.circuit, lineId), cursor: from }, line));
    }
    return undefined;
  }

  /** Reads a line as a drill that it was said to mean, in place. False where an amount in it cannot be kept. */
  function readLineAs(lineId: string, typed: string, named: Named): boolean {
    const slot = readAs(typed, named, lineId);
    if (!slot) return false;
    const runsOn = allSlots(sheet.circuit).some((old) => old.id === lineId && old.runsOn);
    sheet.changeCircuit((circuit) => replaceLine(circuit, lineId, [{ ...slot, runsOn }]));
    return true;
  }

  /** A guess that was right is a guess no more. */
  function confirm(lineId: string): void {
    sheet.changeCircuit((circuit) => changeSlot(circuit, lineId, (slot) => ({ ...slot, guess: '' })));
  }

  /** Takes out a row, or all that are picked. */
  function takeOut(lineId?: string): void {
    const gone = lineId === undefined ? acted.value : new Set([lineId]);
    const last = [...gone].at(-1);
    if (last === undefined) return;
    const next = neighbourOf(sheet.circuit, last);
    const leaves = gone.has(selectedId.value);
    sheet.changeCircuit((circuit) => [...gone].reduce((so, id) => takeOutLine(so, id), circuit));
    if (leaves) select(placeOf(sheet.circuit, next) ? next : (lineIds(sheet.circuit).at(-1) ?? ''));
  }

  /** Doubles every row acted on, each copy after its own. */
  function duplicate(): void {
    const copies = [...acted.value].map((id) => ({ id, copy: newId() }));
    sheet.changeCircuit((circuit) => copies.reduce((so, { id, copy }) => duplicateLine(so, id, copy), circuit));
    const last = copies.at(-1);
    if (last) select(last.copy);
  }

  /** Pins or unpins every slot acted on, or makes it optional: on unless all of them are so already. */
  function toggle(mark: 'pinned' | 'optional'): void {
    const slots = linesWith(sheet.circuit, acted.value).filter((line) => line.kind === 'slot');
    const on = !slots.every((slot) => slot[mark]);
    sheet.changeCircuit((circuit) =>
      slots.reduce(
        (so, { id }) =>
          changeSlot(so, id, (slot) => ({ ...slot, [mark]: on, doseKept: slot.doseKept && (mark !== 'pinned' || on) })),
        circuit,
      ),
    );
  }

  /** Carries every row acted on to the end of a block. */
  function moveTo(blockId: string): void {
    sheet.changeCircuit((circuit) => moveToBlock(circuit, acted.value, blockId));
    const place = placeOf(sheet.circuit, selectedId.value);
    if (place) cursor.value = { ...cursor.value, blockId: place.blockId };
  }

  function carry(by: -1 | 1): void {
    sheet.changeCircuit((circuit) => carryLine(circuit, selectedId.value, by));
    select(selectedId.value);
  }

  function changeSelected(change: (slot: Slot) => Slot): void {
    sheet.changeCircuit((circuit) => changeSlot(circuit, selectedId.value, change));
  }

  function toggleOpen(lineId = selectedId.value): void {
    const opens = openId.value !== lineId;
    select(lineId);
    openId.value = opens ? lineId : '';
  }

  return {
    cursor,
    selectedId,
    acted,
    openId,
    drops,
    select,
    enterBlock,
    pick,
    pickAll,
    pickTo,
    stretch,
    step,
    preview,
    enter,
    enterAs,
    enterAll,
    insertDrill,
    rewrite,
    readLineAs,
    confirm,
    takeOut,
    duplicate,
    toggle,
    moveTo,
    carry,
    changeSelected,
    toggleOpen,
  };
});
