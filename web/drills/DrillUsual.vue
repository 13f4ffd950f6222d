<script setup lang="ts">
import type { Sides } from '@prompt-spark/core/dose/dose';
import type { Drill } from '@prompt-spark/core/drills/drill';
import { startingDose } from '@prompt-spark/core/drills/startingDose';
import { just, type Range } from '@prompt-spark/core/units';
import DoseAmounts from '../fields/DoseAmounts.vue';
import { DOSE_KINDS } from '../fields/doseKinds.ts';
import TextAmount from '../fields/TextAmount.vue';
import { say } from './say.ts';

/** How much of a drill is usually done, on which sides, and the least that is worth doing. */
const draft = defineModel<Drill>({ required: true });

const SIDES = [
  { value: 'both', title: say.drillUsual.bothAtOnce },
  { value: 'each', title: say.drillUsual.eachInTurn },
  { value: 'alternate', title: say.drillUsual.alternating },
];

function setUsual(change: Partial<Drill['usual']>): void {
  draft.value = { ...draft.value, usual: { ...draft.value.usual, ...change } };
}
</script>

<template>
  <fieldset class="grid">
    <legend>{{ say.drillUsual.usualDose }}</legend>
    <v-select
      :label="say.drillUsual.measuredIn"
      :items="DOSE_KINDS"
      :model-value="draft.usual.dose.kind"
      @update:model-value="(kind: Drill['usual']['dose']['kind']) => setUsual({ dose: startingDose(kind, draft) })"
    />
    <DoseAmounts :dose="draft.usual.dose" @change="(dose) => setUsual({ dose })" />
    <v-select
      :label="say.drillUsual.sides"
      :items="SIDES"
      :model-value="draft.usual.sides"
      @update:model-value="(sides: Sides) => setUsual({ sides })"
    />
    <TextAmount
      :label="say.drillUsual.shortestWorthDoing"
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
