<script setup lang="ts">
import { computed } from 'vue';
import { useAction } from '../../shell/useAction.ts';
import { timeOfDay } from '../../wording/clock.ts';
import { useSheetStore } from '../store/sheet.ts';

/** How saving stands, in words. */
const sheet = useSheetStore();
const { busy, act } = useAction();
/** As it was saved when it was opened, perhaps days ago: the hour is told of what is saved here and now. */
const opened = sheet.saving.kind === 'saved' ? sheet.saving.at : '';
const words = computed(() => {
  const state = sheet.saving;
  switch (state.kind) {
    case 'saved':
      return state.at === opened ? 'Saved' : `Saved ${timeOfDay(state.at)}`;
    case 'saving':
      return 'Saving…';
    case 'away':
      return 'Offline: saved on this device';
    case 'conflict':
      return 'Changed elsewhere';
    case 'refused':
      return `Not saved: ${state.reason}`;
  }
});
const bad = computed(() => ['away', 'conflict', 'refused'].includes(sheet.saving.kind));
</script>

<template>
  <span role="status" data-test="saved" :class="{ bad }">{{ words }}</span>
  <span v-if="sheet.takenOut" class="bad" role="status">
    · someone removed this circuit
    <v-btn variant="text" size="small" :loading="busy" @click="act(sheet.bringBack)">Restore it</v-btn>
  </span>
</template>

<style scoped>
.bad {
  color: var(--brick);
  font-weight: 600;
}
</style>
