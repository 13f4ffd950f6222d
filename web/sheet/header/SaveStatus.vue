<script setup lang="ts">
import { computed } from 'vue';
import { useAction } from '../../shell/useAction.ts';
import { timeOfDay } from '../../wording/clock.ts';
import { useSheetStore } from '../store/sheet.ts';
import { say } from '../say.ts';

/** How saving stands, in words. */
const sheet = useSheetStore();
const { busy, act } = useAction();
/** As it was saved when it was opened, perhaps days ago: the hour is told of what is saved here and now. */
const opened = sheet.saving.kind === 'saved' ? sheet.saving.at : '';
const words = computed(() => {
  const state = sheet.saving;
  switch (state.kind) {
    case 'saved':
      return state.at === opened ? say.saveStatus.saved : say.saveStatus.savedAt(timeOfDay(state.at));
    case 'saving':
      return say.saveStatus.saving;
    case 'away':
      return say.saveStatus.offlineSaved;
    case 'conflict':
      return say.saveStatus.changedElsewhere;
    case 'refused':
      return say.saveStatus.notSaved(state.reason);
  }
});
const bad = computed(() => ['away', 'conflict', 'refused'].includes(sheet.saving.kind));
</script>

<template>
  <span role="status" data-test="saved" :class="{ bad }">{{ words }}</span>
  <span v-if="sheet.takenOut" class="bad" role="status">
    {{ say.saveStatus.someoneRemovedThisCircuit }}
    <v-btn variant="text" size="small" :loading="busy" @click="act(sheet.bringBack)">{{
      say.saveStatus.restoreIt
    }}</v-btn>
  </span>
</template>

<style scoped>
.bad {
  color: var(--brick);
  font-weight: 600;
}
</style>
