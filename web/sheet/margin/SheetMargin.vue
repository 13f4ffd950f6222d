<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core';
import { computed, defineAsyncComponent, onBeforeUnmount, ref, watchEffect } from 'vue';
import { useFindings } from './useFindings.ts';
import { useEffortStore } from '../store/effort.ts';
import { useGradually } from '../../loading/useGradually.ts';
import { useLibraryStore } from '../../library/library.ts';
import { LATER_TABS } from './laterTabs.ts';
import MarginNotes from './MarginNotes.vue';
import { marginNotes } from './marginNotes.ts';
import { say } from '../say.ts';

const CoverageTab = defineAsyncComponent(LATER_TABS.coverage);
const EffortTab = defineAsyncComponent(LATER_TABS.effort);
const ScriptTab = defineAsyncComponent(LATER_TABS.script);
const PeopleTab = defineAsyncComponent(LATER_TABS.people);

/** The right margin: notes on the circuit, and what it covers of what the main session needs, and its effort. */
const library = useLibraryStore();
const TABS = [
  { value: 'notes', title: say.sheetMargin.notes },
  { value: 'coverage', title: say.sheetMargin.coverage },
  { value: 'effort', title: say.sheetMargin.effort },
  { value: 'people', title: say.sheetMargin.people },
  { value: 'script', title: say.sheetMargin.script },
] as const;
type Tab = (typeof TABS)[number]['value'];
const tab = ref<Tab>('notes');
/** On a phone the margin stands above the sheet and is folded up until a tab is tapped; tapped again, it folds. */
const phone = useMediaQuery('(max-width: 900px)');
const folded = ref(true);
const shown = computed(() => !phone.value || !folded.value);
/** On a phone one after the other, each in the fifth of the width that is its own. */
const tabs = useGradually(ref(TABS), phone.value ? 1 : TABS.length);
const effort = useEffortStore();
watchEffect(() => (effort.shown = shown.value && tab.value === 'effort'));
onBeforeUnmount(() => (effort.shown = false));

let last: Tab = 'notes';
function tap(tapped: Tab): void {
  folded.value = tapped === last && !folded.value;
  last = tapped;
}

const reviewed = useFindings();
const notes = computed(() => marginNotes(reviewed.value.circuit, reviewed.value.findings, library.library));
</script>

<template>
  <aside class="side" :aria-label="say.sheetMargin.marginNotes">
    <v-tabs v-model="tab" density="compact" color="primary" grow :show-arrows="false">
      <v-tab v-for="{ value, title } in tabs" :key="value" :value="value" @click="tap(value)"
        >{{ title }} <span v-if="value === 'notes' && notes.length" class="soft count">{{ notes.length }}</span></v-tab
      >
    </v-tabs>
    <v-window v-if="shown" v-model="tab" class="body">
      <v-window-item value="notes"><MarginNotes :notes="notes" /></v-window-item>
      <v-window-item value="effort"><EffortTab v-if="tab === 'effort'" /></v-window-item>
      <v-window-item value="people"><PeopleTab v-if="tab === 'people'" /></v-window-item>
      <v-window-item value="script"><ScriptTab v-if="tab === 'script'" /></v-window-item>
      <v-window-item value="coverage"><CoverageTab v-if="tab === 'coverage'" /></v-window-item>
    </v-window>
  </aside>
</template>

<style scoped>
.body {
  padding: 1rem;
}
.side :deep(.v-tab) {
  min-width: 0;
  padding: 0 0.2rem;
  font-size: 0.8125rem;
  letter-spacing: 0;
}
.count {
  margin-left: 0.2rem;
}
@media (max-width: 900px) {
  .side :deep(.v-tab) {
    flex: 0 0 20%;
  }
}
</style>
