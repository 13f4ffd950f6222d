<script setup lang="ts">
import { MOST_GRADE, MOST_SPEED, MOST_STEPS } from '@prompt-spark/core/circuit/bounds';
import { RAMP_UNITS, type RampDose } from '@prompt-spark/core/dose/ramp';
import { just } from '@prompt-spark/core/units';
import NumberField from './NumberField.vue';
import TextAmount from './TextAmount.vue';

/** The amounts of a ramp: from, to, in what, how steep, and its steps. */
const { dose } = defineProps<{ dose: RampDose }>();
const emit = defineEmits<{ change: [dose: RampDose, field: string] }>();
const UNITS = RAMP_UNITS.map((value) => ({ value, title: value }));

const set = (change: Partial<RampDose>, field: string) => emit('change', { ...dose, ...change }, field);

/** Efforts go to ten, and have no slope. */
function setUnit(unit: RampDose['unit']): void {
  const effort = unit === 'effort';
  const least = (value: number) => (effort ? Math.min(10, value) : value);
  set({ unit, from: least(dose.from), to: least(dose.to), grade: effort ? 0 : dose.grade }, 'unit');
}
const most = (unit: RampDose['unit']) => (unit === 'effort' ? 10 : MOST_SPEED);
</script>

<template>
  <NumberField
    label="From"
    :most="most(dose.unit)"
    :model-value="dose.from"
    @update:model-value="(from) => set({ from }, 'from')"
  />
  <NumberField
    label="To"
    :most="most(dose.unit)"
    :model-value="dose.to"
    @update:model-value="(to) => set({ to }, 'to')"
  />
  <v-select label="In" :items="UNITS" :model-value="dose.unit" @update:model-value="setUnit" />
  <NumberField
    v-if="dose.unit !== 'effort'"
    label="Grade, %"
    :most="MOST_GRADE"
    :model-value="dose.grade"
    @update:model-value="(grade) => set({ grade }, 'grade')"
  />
  <TextAmount
    label="Steps"
    unit="count"
    single
    :most="MOST_STEPS"
    :model-value="just(dose.steps)"
    @update:model-value="({ high }) => set({ steps: high }, 'steps')"
  />
  <TextAmount
    label="Each for"
    unit="time"
    :model-value="dose.each"
    @update:model-value="(each) => set({ each }, 'each')"
  />
</template>
