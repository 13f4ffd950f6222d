<script setup lang="ts">
import { mdiAlertOutline } from '@mdi/js';
import { computed } from 'vue';
import { useAction } from '../../shell/useAction.ts';
import { clock, timeOfDay } from '../../wording/clock.ts';
import { useCircuitsStore } from '../../circuits/circuits.ts';
import { useOccasionsStore } from '../../occasion/occasions.ts';
import { useSheetStore } from '../store/sheet.ts';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { say } from '../say.ts';

/** Offers both versions where somebody else saved this circuit since it was opened. Nothing is lost whichever is kept. */
const sheet = useSheetStore();
const circuits = useCircuitsStore();
const occasions = useOccasionsStore();
const { busy, act } = useAction();
const theirs = computed(() => (sheet.saving.kind === 'conflict' ? sheet.saving.theirs : undefined));
const length = computed(() =>
  theirs.value ? clock(timeCircuit(theirs.value.circuit, occasions.of(theirs.value)).total.plan) : '',
);

async function keepBoth(): Promise<void> {
  const other = theirs.value;
  if (!other) return;
  const title = say.conflictBar.myVersion(sheet.circuit.title).slice(0, 120);
  const copied = await act(() => circuits.add({ ...sheet.draft, circuit: { ...sheet.circuit, title } }));
  if (copied) sheet.takeTheirs(other);
}
</script>

<template>
  <div v-if="theirs" class="conflict" role="alert">
    <v-icon :icon="mdiAlertOutline" />
    <p>
      <strong>{{ say.conflictBar.thisCircuitWasChanged(timeOfDay(theirs.savedAt)) }}</strong>
      {{ say.conflictBar.otherVersionTakesYours(length, clock(sheet.timeline.total.plan)) }}
    </p>
    <v-btn variant="outlined" @click="sheet.keepMine(theirs)">{{ say.conflictBar.keepMine }}</v-btn>
    <v-btn variant="outlined" @click="sheet.takeTheirs(theirs)">{{ say.conflictBar.useTheOther }}</v-btn>
    <v-btn :loading="busy" @click="keepBoth">{{ say.conflictBar.keepBoth }}</v-btn>
  </div>
</template>

<style scoped>
.conflict {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.75rem;
  padding: 0.6rem 1.5rem;
  border-bottom: 1px solid var(--line);
  background: var(--card);
}
.conflict > .v-icon {
  color: var(--brick);
}
p {
  flex: 1 1 20rem;
}
</style>
