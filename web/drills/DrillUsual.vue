<script setup lang="ts">
import type { Sides } from '@prompt-spark/core/dose/dose';
import type { Drill } from '@prompt-spark/core/drills/drill';
import { startingDose } from '@prompt-spark/core/drills/startingDose';
import { just, type Range } from '@prompt-spark/core/units';
import DoseAmounts from '../fields/DoseAmounts.vue';
import { DOSE_KINDS } from '../fields/doseKinds.ts';
import TextAmount from '../fields/TextAmount.vue';

/** How much of a drill is usually done, on which sides, and the least that is worth doing. */
const draft = defineModel<Drill>({ required: true });

const SIDES = [
  { value: 'both', title: 'Both at once' },
  { value: 'each', title: 'Each in turn' },
  { value: 'alternate', title: 'Alternating' },
];

function setUsual(change: Partial<Drill['usual']>): void {
  draft.value = { ...draft.value, usual: { ...draft.value.usual, ...change } };
}
</script>

<template>
  <fieldset class="grid">
    <legend>Usual dose</legend>
    <v-select
      label="Measured in"
      :items="DOSE_KINDS"
      :model-value="draft.usual.dose.kind"
      @update:model-value="(kind: Drill['usual']['dose']['kind']) => setUsual({ dose: startingDose(kind, draft) })"
    />
    <DoseAmounts :dose="draft.usual.dose" @change="(dose) => setUsual({ dose })" />
    <v-select
      label="Sides"
      :items="SIDES"
      :model-value="draft.usual.sides"
      @update:model-value="(sides: Sides) => setUsual({ sides })"
    />
    <TextAmount
      label="Shortest worth doing"
      unit="time"
      single
      :least="1"
      :most="600"
      :model-value="just(draft.shortestUseful)"
      @update:model-value="({ high }: Range) => (draft = { ...draft, shortestUseful: high })"
    />
  </fieldset>
</template>

<style scoped src="./fields.css"></style>
