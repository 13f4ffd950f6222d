<script setup lang="ts">
import type { RunCorrection, Warmth } from '@prompt-spark/contract/run';
import EffortScale from './EffortScale.vue';
import { say } from './say.ts';

/** How a run was: how hard, warm or not, a note. Asked when it ends, and put right in the log. */
const how = defineModel<RunCorrection>({ required: true });
const WARMTH: readonly { readonly value: Warmth; readonly title: string }[] = [
  { value: 'yes', title: say.howItWas.yesLightSweat },
  { value: 'nearly', title: say.howItWas.nearly },
  { value: 'no', title: say.howItWas.no },
];
</script>

<template>
  <EffortScale :model-value="how.effort" @update:model-value="(effort) => (how = { ...how, effort })" />
  <fieldset>
    <legend>{{ say.howItWas.areTheyWarm }}</legend>
    <v-btn-toggle
      :aria-label="say.howItWas.areTheyWarm"
      :model-value="how.warm"
      @update:model-value="(warm: Warmth | null | undefined) => (how = { ...how, warm: warm ?? null })"
    >
      <v-btn v-for="choice in WARMTH" :key="choice.value" :value="choice.value">{{ choice.title }}</v-btn>
    </v-btn-toggle>
  </fieldset>
  <v-textarea
    :label="say.howItWas.noteAnyNiggle"
    rows="3"
    maxlength="2000"
    :model-value="how.note"
    @update:model-value="(note) => (how = { ...how, note })"
  />
</template>

<style scoped>
fieldset {
  border: 0;
}
legend {
  margin-bottom: 0.5rem;
  font-weight: 600;
}
</style>
