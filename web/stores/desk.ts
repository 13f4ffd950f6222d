import type { Problem } from '@prompt-spark/core';
import type { Slot } from '@prompt-spark/core/circuit/circuit';
import { lineIds, neighbourOf, type Cursor } from '@prompt-spark/core/circuit/cursor';
import {
  carryLine,
  changeSlot,
  duplicateLine,
  placeOf,
  replaceLine,
  takeOutLine,
} from '@prompt-spark/core/circuit/edit';
import { usualSlot } from '@prompt-spark/core/circuit/slot';
import { timeCircuit } from '@prompt-spark/core';
import { addReadLine, type Added } from '@prompt-spark/core/whiteboard/addLine';
import { readLine } from '@prompt-spark/core/whiteboard/lineReader';
import type { ReadLine } from '@prompt-spark/core/whiteboard/reading';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { useLibraryStore } from './library.ts';
import { useSheetStore } from './sheet.ts';

/** What a whiteboard line would do if it were entered now. */
export interface Preview {
  readonly read: ReadLine;
  /** Seconds it adds to the plan. */
  readonly adds: number;
}

/** The hand on the sheet: which row it is on, which row is open, and what it does to them. */
export const useDeskStore = defineStore('desk', () => {
  const sheet = useSheetStore();
  const library = useLibraryStore();
  const cursor = ref<Cursor>({ blockId: '', lineId: '' });
  const openId = ref('');
  /** Counts drops: dragging moves elements behind Vue's back, so the lists are drawn anew after each. */
  const drops = ref(0);
  const selectedId = computed(() => cursor.value.lineId);
  const newId = (): string => crypto.randomUUID();

  function select(lineId: string): void {
    const place = placeOf(sheet.circuit, lineId);
    if (place) cursor.value = { blockId: place.blockId, lineId };
    if (openId.value !== lineId) openId.value = '';
  }

  /** Puts the cursor at the end of a block. */
  function enterBlock(blockId: string): void {
    cursor.value = { blockId, lineId: '' };
    openId.value = '';
  }

  function step(by: -1 | 1): void {
    const ids = lineIds(sheet.circuit);
    const at = ids.indexOf(selectedId.value);
    const next = at < 0 ? (by > 0 ? 0 : ids.length - 1) : at + by;
    const id = ids[next];
    if (id !== undefined) select(id);
  }

  function read(text: string, id = newId()): ReadLine {
    return readLine(text, library.library, id);
  }

  function added(from: Added, line: ReadLine): Added {
    return addReadLine(from.circuit, from.cursor, line, library.library, newId);
  }

  function preview(text: string): Preview {
    const line = read(text);
    if (line.kind === 'problem') return { read: line, adds: 0 };
    const { circuit } = added({ circuit: sheet.circuit, cursor: cursor.value }, line);
    return { read: line, adds: timeCircuit(circuit, sheet.setting).total.plan - sheet.timeline.total.plan };
  }

  /** Enters one line. A line that cannot be read is not entered: its problem is given back. */
  function enter(text: string): Problem | undefined {
    const line = read(text);
    if (line.kind === 'problem') return line.problem;
    place(added({ circuit: sheet.circuit, cursor: cursor.value }, line));
    return undefined;
  }

  /** Enters many lines as one change. Lines that cannot be read go in as they are written. */
  function enterAll(text: string): void {
    const start: Added = { circuit: sheet.circuit, cursor: cursor.value };
    place(text.split(/\r\n|\r|\n/).reduce((so, line) => added(so, read(line)), start));
  }

  /** Puts a drill in with its usual dose, after the cursor. */
  function insertDrill(drillId: string): void {
    const drill = library.drillOf(drillId);
    if (!drill) return;
    place(added({ circuit: sheet.circuit, cursor: cursor.value }, { kind: 'slot', slot: usualSlot(drill, newId()) }));
  }

  function place({ circuit, cursor: next }: Added): void {
    sheet.changeCircuit(() => circuit);
    cursor.value = next;
  }

  /** Reads a kept line again, as it is now written; it stays as it is where it still cannot be read. */
  function rewrite(lineId: string, text: string): Problem | undefined {
    const line = read(text, lineId);
    if (line.kind === 'problem') return line.problem;
    if (line.kind === 'slot') sheet.changeCircuit((circuit) => replaceLine(circuit, lineId, line.slot));
    else place(added({ circuit: takeOutLine(sheet.circuit, lineId), cursor: cursor.value }, line));
    return undefined;
  }

  function takeOut(lineId = selectedId.value): void {
    const next = neighbourOf(sheet.circuit, lineId);
    sheet.changeCircuit((circuit) => takeOutLine(circuit, lineId));
    if (lineId === selectedId.value) select(next);
  }

  function duplicate(): void {
    const id = newId();
    sheet.changeCircuit((circuit) => duplicateLine(circuit, selectedId.value, id));
    select(id);
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
    openId,
    drops,
    select,
    enterBlock,
    step,
    preview,
    enter,
    enterAll,
    insertDrill,
    rewrite,
    takeOut,
    duplicate,
    carry,
    changeSelected,
    toggleOpen,
  };
});
