<script setup lang="ts">
import { MOST_LOAD } from '@prompt-spark/core/circuit/bounds';
import { LOAD_UNITS, rampUp, type LiftDose } from '@prompt-spark/core/dose/lift';
import { readLiftSteps } from '@prompt-spark/core/whiteboard/liftReader';
import { writeLiftSteps } from '@prompt-spark/core/whiteboard/writeDose';
import { just } from '@prompt-spark/core/units';
import NumberField from './NumberField.vue';
import TextAmount from './TextAmount.vue';
import WrittenField from './WrittenField.vue';
import { say } from './say.ts';

/** The working set that a climb leads to, and the climb: the approach's table, until the coach writes another. */
const { dose, table } = defineProps<{ dose: LiftDose; table: LiftDose['steps'] }>();
const emit = defineEmits<{ change: [dose: LiftDose, field: string] }>();

const set = (change: Partial<LiftDose>, field: string) => emit('change', { ...dose, ...change }, field);
</script>

<template>
  <NumberField
    :label="say.liftAmounts.workingLoad"
    :least="1"
    :most="MOST_LOAD"
    :model-value="dose.load"
    @update:model-value="(load) => set({ load }, 'load')"
  />
  <v-select
    :label="say.liftAmounts.in"
    :items="LOAD_UNITS"
    :model-value="dose.unit"
    @update:model-value="(unit) => set({ unit }, '')"
  />
  <TextAmount
    :label="say.liftAmounts.workingReps"
    unit="count"
    single
    :model-value="just(dose.reps)"
    @update:model-value="({ high }) => set({ reps: high, steps: rampUp(high, table) }, 'reps')"
  />
  <WrittenField
    class="steps"
    :label="say.liftAmounts.setsOnTheWay"
    :placeholder="say.liftAmounts.exampleSets"
    :read="readLiftSteps"
    :write="writeLiftSteps"
    :model-value="dose.steps"
    @update:model-value="(steps) => set({ steps }, 'steps')"
  />
</template>

<style scoped>
.steps {
  grid-column: span 2;
}
</style>
