<script setup lang="ts">
import { PHASES, type Phase } from '@prompt-spark/core/drills/phase';
import { insertBlock, moveBlock, newBlock } from '@prompt-spark/core/circuit/edit';
import { VueDraggable, type DraggableEvent } from 'vue-draggable-plus';
import { computed, nextTick, useTemplateRef, watch } from 'vue';
import { useGradually } from '../../loading/useGradually.ts';
import { phaseName, phasePlainly } from '../../wording/phases.ts';
import { useEditingStore } from '../store/editing.ts';
import { useSheetStore } from '../store/sheet.ts';
import SheetBlock from './SheetBlock.vue';
import UnreadRow from './UnreadRow.vue';
import { say } from '../say.ts';

/** The sheet itself, read from top to bottom like a script. */
const sheet = useSheetStore();
const editing = useEditingStore();
const list = useTemplateRef<HTMLElement>('list');
/** A letter is painted in its field first; its row follows with everything that depends on it. */
const circuit = computed(() => sheet.laid.circuit);
const blocks = useGradually(
  computed(() => circuit.value.blocks),
  1,
);

function addBlock(phase: Phase): void {
  const block = newBlock(crypto.randomUUID(), phase);
  sheet.changeCircuit((circuit) => insertBlock(circuit, block));
  editing.enterBlock(block.id);
}

/** Carries a whole block to where it was dropped. */
function dropBlock({ item, newDraggableIndex }: DraggableEvent): void {
  const blockId = item.dataset['block'];
  editing.drops += 1;
  if (blockId === undefined) return;
  sheet.changeCircuit((circuit) => moveBlock(circuit, blockId, newDraggableIndex ?? 0));
}

watch(
  () => editing.selectedId,
  async (id) => {
    await nextTick();
    const row = list.value?.querySelector<HTMLElement>(`[data-line="${CSS.escape(id)}"]`);
    row?.scrollIntoView({ block: 'nearest' });
    if (document.activeElement === document.body || list.value?.contains(document.activeElement)) {
      row?.focus({ preventScroll: true });
    }
  },
);
</script>

<template>
  <div ref="list" class="rows">
    <ul v-if="circuit.unread.length" class="unread">
      <UnreadRow v-for="line in circuit.unread" :key="line.id" :line="line" />
    </ul>
    <VueDraggable
      :key="editing.drops"
      :model-value="[...circuit.blocks]"
      handle=".block-grip"
      :animation="140"
      @update="dropBlock"
    >
      <SheetBlock v-for="block in blocks" :key="`${block.id} ${editing.drops}`" :block="block" />
    </VueDraggable>
    <div v-if="!circuit.blocks.length" class="empty">
      <h2>{{ say.sheetRows.writeIt }}</h2>
      <p class="soft">
        {{ say.sheetRows.typeBelowOneDrill }}
      </p>
      <pre>{{ say.sheetRows.example.join('\n') }}</pre>
    </div>
    <div v-if="blocks.length === circuit.blocks.length" class="add">
      <span class="soft small">{{ say.sheetRows.newBlock }}</span>
      <button v-for="phase in PHASES" :key="phase" type="button" :title="phasePlainly(phase)" @click="addBlock(phase)">
        {{ phaseName(phase) }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.rows {
  --margin: 4.25rem;
  height: 100%;
  overflow-y: auto;
  scroll-padding: 3rem 0 6rem;
  padding: 0.75rem 1.25rem 6rem 0.5rem;
  contain: strict;
}
.unread {
  list-style: none;
}
.empty {
  display: grid;
  gap: 0.75rem;
  max-width: 32rem;
  margin: 2.5rem 0 2rem var(--margin);
}
pre {
  padding: 1rem 1.25rem;
  border: 1px dashed var(--line);
  border-radius: 12px;
  font: 500 1rem/1.6 var(--text);
}
.add {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.25rem 0.5rem;
  margin: 1rem 0 0 var(--margin);
}
.add button {
  min-height: 44px;
  padding: 0 0.75rem;
  border: 0;
  border-radius: 22px;
  background: none;
  font: 600 var(--size-small) var(--text);
  color: var(--damson);
  cursor: pointer;
}
.add button:hover {
  background: var(--card);
}
@media (max-width: 900px) {
  .rows {
    contain: layout paint style;
    padding-bottom: 6rem;
  }
}
@media (max-width: 700px) {
  .rows {
    --margin: 3.1rem;
    padding: 0.5rem 0.75rem 6rem 0;
  }
}
</style>
