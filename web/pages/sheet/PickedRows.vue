<script setup lang="ts">
import { mdiClose, mdiContentDuplicate, mdiPinOutline, mdiPlaylistRemove } from '@mdi/js';
import { computed } from 'vue';
import { phaseName } from '../../pieces/fuseShape.ts';
import { useDeskStore } from '../../stores/desk.ts';
import { useSheetStore } from '../../stores/sheet.ts';

/** What can be done to several rows at once, once several are picked. */
const sheet = useSheetStore();
const desk = useDeskStore();
const blocks = computed(() =>
  sheet.laid.circuit.blocks.map(({ id, phase }, index) => ({ value: id, title: `${index + 1}. ${phaseName(phase)}` })),
);
</script>

<template>
  <div v-if="desk.acted.size > 1" class="picked" role="toolbar" aria-label="Picked rows">
    <strong role="status">{{ desk.acted.size }} rows</strong>
    <v-btn variant="text" :prepend-icon="mdiPinOutline" @click="desk.toggle('pinned')">Pin</v-btn>
    <v-btn variant="text" @click="desk.toggle('optional')">Optional</v-btn>
    <v-btn variant="text" :prepend-icon="mdiContentDuplicate" @click="desk.duplicate">Duplicate</v-btn>
    <v-select
      class="to"
      label="Move to"
      density="compact"
      :items="blocks"
      :model-value="null"
      @update:model-value="(id: string | null) => id && desk.moveTo(id)"
    />
    <v-btn variant="text" :prepend-icon="mdiPlaylistRemove" @click="desk.takeOut()">Take out</v-btn>
    <v-btn :icon="mdiClose" variant="text" aria-label="Pick only one" @click="desk.select(desk.selectedId)" />
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
