<script setup lang="ts">
import { mdiDragVertical } from '@mdi/js';
import { slotsOf, waitingIn, type Block } from '@prompt-spark/core/circuit/circuit';
import { insertLines, moveLine } from '@prompt-spark/core/circuit/edit';
import { usualSlot } from '@prompt-spark/core/circuit/slot';
import { storeToRefs } from 'pinia';
import { computed, defineAsyncComponent, ref } from 'vue';
import { VueDraggable, type DraggableEvent } from 'vue-draggable-plus';
import { rangeWords } from '@prompt-spark/core/rangeWords';
import { clock } from '../../wording/clock.ts';
import { phaseName, phasePlainly } from '../../wording/phases.ts';
import { useEditingStore } from '../store/editing.ts';
import { useLibraryStore } from '../../library/library.ts';
import { useSheetStore } from '../store/sheet.ts';
import EmptyBlock from './EmptyBlock.vue';
import SlotRow from './SlotRow.vue';
import UnreadRow from './UnreadRow.vue';
import { LATER } from '../laterParts.ts';
import { say } from '../say.ts';

const BlockSettings = defineAsyncComponent(LATER.block);

/** A block: its phase, its rounds in the margin, and its rows, which can be dragged about and between blocks. */
const { block } = defineProps<{ block: Block }>();
const sheet = useSheetStore();
const { slotTimes, floor, plates } = storeToRefs(sheet);
const editing = useEditingStore();
const library = useLibraryStore();
const changing = ref(false);

const waiting = computed(() => new Set(waitingIn(block).map(({ id }) => id)));
const ofThem = computed(() => waiting.value.size + slotsOf(block).length);
const repeats = computed(() => block.rounds.high > 1);
const summary = computed(() => {
  const { pick, pickWithin, roundRest, rounds, stations, noGaps } = block;
  const within = pickWithin === null ? null : clock(pickWithin);
  return [
    waiting.value.size > 0
      ? say.sheetBlock.byTurns(pick ?? 0, ofThem.value, within)
      : within && say.sheetBlock.these(within),
    stations && say.sheetBlock.stations,
    noGaps && say.sheetBlock.noGaps,
    repeats.value ? say.sheetBlock.rounds(rangeWords(rounds), roundRest) : say.sheetBlock.once,
  ]
    .filter(Boolean)
    .join(' · ');
});

/** Carries the dragged row to where it was dropped, or puts the dragged drill in there. */
function drop(event: DraggableEvent): void {
  const { lineId, drillId } = dragged(event);
  editing.drops += 1;
  const place = { blockId: block.id, index: event.newDraggableIndex ?? 0 };
  if (lineId !== undefined) {
    sheet.changeCircuit((circuit) => moveLine(circuit, lineId, place));
    editing.select(lineId);
    return;
  }
  const drill = drillId === undefined ? undefined : library.drillOf(drillId);
  if (!drill) return;
  const slot = usualSlot(drill, crypto.randomUUID());
  sheet.changeCircuit((circuit) => insertLines(circuit, place, [slot]));
  editing.select(slot.id);
}

function dragged({ item }: DraggableEvent): { lineId: string | undefined; drillId: string | undefined } {
  return { lineId: item.dataset['line'], drillId: item.dataset['drill'] };
}
</script>

<template>
  <section :data-block="block.id" :class="['block', { repeats }]" :aria-label="`${phaseName(block.phase)}, ${summary}`">
    <header>
      <span class="block-grip" aria-hidden="true"><v-icon :icon="mdiDragVertical" size="20" /></span>
      <h2>{{ phaseName(block.phase) }}</h2>
      <span class="plainly soft small">{{ phasePlainly(block.phase) }}</span>
      <button type="button" :class="['rounds', { repeats }]" :aria-expanded="changing" @click="changing = !changing">
        {{ summary }}<span class="visually-hidden">{{ say.sheetBlock.changeTheBlock(phaseName(block.phase)) }}</span>
      </button>
    </header>
    <BlockSettings v-if="changing" :block="block" />
    <!-- A letter changes one row of a hundred: the others are not even compared. Vue takes v-memo beside v-for here. -->
    <!-- eslint-disable vue/no-useless-template-attributes -->
    <VueDraggable
      tag="ol"
      class="lines"
      group="lines"
      handle=".grip"
      :animation="140"
      :model-value="[...block.lines]"
      :data-block="block.id"
      @add="drop"
      @update="drop"
    >
      <template
        v-for="line in block.lines"
        :key="line.id"
        v-memo="[line, slotTimes.get(line.id), dosePlace, waiting.has(line.id)]"
      >
        <SlotRow
          v-if="line.kind === 'slot'"
          :slot-line="line"
          :work="slotTimes.get(line.id)?.work ?? 0"
          :hidden="slotTimes.get(line.id)?.hidden ?? 0"
          :floor="floor"
          :plates="plates"
          :waits="waiting.has(line.id)"
        />
        <UnreadRow v-else :line="line" />
      </template>
    </VueDraggable>
    <!-- eslint-enable vue/no-useless-template-attributes -->
    <EmptyBlock v-if="!block.lines.length" :block="block" />
  </section>
</template>

<style scoped>
.block {
  position: relative;
  margin-bottom: 0.9rem;
}
header {
  display: flex;
  align-items: center;
  gap: 0.6rem;
  padding: 0 0 0.25rem var(--margin);
}
.block-grip {
  margin-left: -1.75rem;
  color: var(--soft);
  cursor: grab;
}
h2 {
  white-space: nowrap;
  font-size: 1.05rem;
}
.rounds {
  min-height: var(--tap);
  padding: 0 0.6rem;
  border: 1px solid transparent;
  border-radius: 16px;
  background: none;
  font: 500 var(--size-small) var(--text);
  color: var(--soft);
  cursor: pointer;
}
.rounds:hover,
.rounds.repeats {
  border-color: var(--ink);
  color: var(--ink);
}
/* Rows one under the other, not a grid: a grid of a hundred rows is laid out whole when one of them changes. */
.lines {
  position: relative;
  display: flow-root;
  min-height: 0.5rem;
  list-style: none;
}
.block.repeats .lines::before {
  content: '';
  position: absolute;
  left: calc(var(--margin) - 0.7rem);
  top: 0.25rem;
  bottom: 0.25rem;
  width: 7px;
  border: 1.5px solid var(--soft);
  border-right: 0;
  border-radius: 5px 0 0 5px;
}
@media (max-width: 600px) {
  .plainly {
    display: none;
  }
}
</style>
