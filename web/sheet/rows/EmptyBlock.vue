<script setup lang="ts">
import type { Block } from '@prompt-spark/core/circuit/circuit';
import { insertLines } from '@prompt-spark/core/circuit/edit';
import { usualSlot } from '@prompt-spark/core/circuit/slot';
import { drillsNeeded } from '@prompt-spark/core/coverage/needed';
import { computed } from 'vue';
import { useEditingStore } from '../store/editing.ts';
import { useSheetStore } from '../store/sheet.ts';
import { say } from '../say.ts';

/** A block with nothing in it: where to begin, and drills to pick from where it picks what people need. */
const { block } = defineProps<{ block: Block }>();
const sheet = useSheetStore();
const editing = useEditingStore();

/** Drills for what the main session needs and the rest of the circuit leaves out. */
const needed = computed(() => {
  const { session, laid } = sheet;
  if (!session || block.pickWithin === null) return [];
  return drillsNeeded(laid.circuit, laid.occasion, session, { phase: block.phase, seconds: block.pickWithin });
});

function fill(): void {
  const slots = needed.value.map((drill) => usualSlot(drill, crypto.randomUUID()));
  sheet.changeCircuit((circuit) => insertLines(circuit, { blockId: block.id, index: 0 }, slots));
  editing.enterBlock(block.id);
}
</script>

<template>
  <div class="empty">
    <button
      type="button"
      :class="['hole', { here: editing.cursor.blockId === block.id }]"
      @click="editing.enterBlock(block.id)"
    >
      {{ say.emptyBlock.nothingHereYetType }}
    </button>
    <template v-if="block.pickWithin !== null">
      <p v-if="!sheet.session" class="soft small">
        {{ say.emptyBlock.sayWhat }}
      </p>
      <v-btn v-else-if="needed.length" variant="tonal" @click="fill">
        {{ say.emptyBlock.drillsToPick(sheet.session.name.toLowerCase()) }}
      </v-btn>
      <p v-else class="soft small">{{ say.emptyBlock.restOfTheCircuit(sheet.session.name.toLowerCase()) }}</p>
    </template>
  </div>
</template>

<style scoped>
.empty {
  display: grid;
  justify-items: start;
  gap: 0.5rem;
  margin-left: var(--margin);
}
.hole {
  width: 100%;
  min-height: 48px;
  border: 1px dashed var(--line);
  border-radius: 10px;
  background: none;
  font: 400 0.9375rem var(--text);
  color: var(--soft);
  cursor: pointer;
}
.hole.here {
  border-color: var(--damson);
}
</style>
