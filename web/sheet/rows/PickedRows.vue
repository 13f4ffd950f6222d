<script setup lang="ts">
import { mdiClose, mdiContentDuplicate, mdiPinOutline, mdiPlaylistRemove } from '@mdi/js';
import { computed } from 'vue';
import { phaseName } from '../../wording/phases.ts';
import { useEditingStore } from '../store/editing.ts';
import { useSheetStore } from '../store/sheet.ts';
import { say } from '../say.ts';

/** What can be done to several rows at once, once several are picked. */
const sheet = useSheetStore();
const editing = useEditingStore();
const blocks = computed(() =>
  sheet.laid.circuit.blocks.map(({ id, phase }, index) => ({ value: id, title: `${index + 1}. ${phaseName(phase)}` })),
);
</script>

<template>
  <div class="picked" role="toolbar" :aria-label="say.pickedRows.pickedRows">
    <strong role="status">{{ say.pickedRows.rows(editing.acted.size) }}</strong>
    <v-btn variant="text" :prepend-icon="mdiPinOutline" @click="editing.toggle('pinned')">{{
      say.pickedRows.pin
    }}</v-btn>
    <v-btn variant="text" @click="editing.toggle('optional')">{{ say.pickedRows.optional }}</v-btn>
    <v-btn variant="text" :prepend-icon="mdiContentDuplicate" @click="editing.duplicate">{{
      say.pickedRows.duplicate
    }}</v-btn>
    <v-select
      class="to"
      :label="say.pickedRows.moveTo"
      density="compact"
      :items="blocks"
      :model-value="null"
      @update:model-value="(id: string | null) => id && editing.moveTo(id)"
    />
    <v-btn variant="text" :prepend-icon="mdiPlaylistRemove" @click="editing.takeOut()">{{
      say.pickedRows.remove
    }}</v-btn>
    <v-btn
      :icon="mdiClose"
      variant="text"
      :aria-label="say.pickedRows.pickOnlyOne"
      @click="editing.select(editing.selectedId)"
    />
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
