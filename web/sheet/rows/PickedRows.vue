<script setup lang="ts">
import { mdiClose, mdiContentDuplicate, mdiPinOutline, mdiPlaylistRemove } from '@mdi/js';
import { computed } from 'vue';
import { phaseName } from '../../wording/phases.ts';
import { useEditingStore } from '../store/editing.ts';
import { useSheetStore } from '../store/sheet.ts';

/** What can be done to several rows at once, once several are picked. */
const sheet = useSheetStore();
const editing = useEditingStore();
const blocks = computed(() =>
  sheet.laid.circuit.blocks.map(({ id, phase }, index) => ({ value: id, title: `${index + 1}. ${phaseName(phase)}` })),
);
</script>

<template>
  <div class="picked" role="toolbar" aria-label="Picked rows">
    <strong role="status">{{ editing.acted.size }} rows</strong>
    <v-btn variant="text" :prepend-icon="mdiPinOutline" @click="editing.toggle('pinned')">Pin</v-btn>
    <v-btn variant="text" @click="editing.toggle('optional')">Optional</v-btn>
    <v-btn variant="text" :prepend-icon="mdiContentDuplicate" @click="editing.duplicate">Duplicate</v-btn>
    <v-select
      class="to"
      label="Move to"
      density="compact"
      :items="blocks"
      :model-value="null"
      @update:model-value="(id: string | null) => id && editing.moveTo(id)"
    />
    <v-btn variant="text" :prepend-icon="mdiPlaylistRemove" @click="editing.takeOut()">Remove</v-btn>
    <v-btn :icon="mdiClose" variant="text" aria-label="Pick only one" @click="editing.select(editing.selectedId)" />
  </div>
</template>

<style scoped>
.picked {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.25rem;
  padding: 0.4rem 1.25rem;
  border-bottom: 1px solid var(--line);
  background: var(--card);
}
.to {
  flex: 0 0 9rem;
}
</style>
