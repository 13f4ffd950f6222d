<script setup lang="ts">
import { MOST_METRES, MOST_SPEED } from '@prompt-spark/core/circuit/bounds';
import { LENGTH_UNITS, SPEED_UNITS, type DistanceDose, type LengthUnit } from '@prompt-spark/core/dose/distance';
import { readPercents, readStep } from '@prompt-spark/core/whiteboard/distanceReader';
import { writePercents, writeStep } from '@prompt-spark/core/whiteboard/writeDose';
import NumberField from './NumberField.vue';
import TextAmount from './TextAmount.vue';
import WrittenField from './WrittenField.vue';
import { say } from './say.ts';

/** The amounts of a distance: how far one length is, how many, how fast, and the steps counted in it. */
const { dose } = defineProps<{ dose: DistanceDose }>();
const emit = defineEmits<{ change: [dose: DistanceDose, field: string] }>();

type Of = LengthUnit | 'lane' | 'lap';
const OF = [
  { value: 'lane', title: say.distanceAmounts.sitesLane },
  { value: 'lap', title: say.distanceAmounts.lap },
  ...LENGTH_UNITS.filter((unit) => unit !== 'in').map((value) => ({ value, title: value })),
];
const SPEEDS = SPEED_UNITS.map((value) => ({ value, title: value }));

const set = (change: Partial<DistanceDose>, field: string) => emit('change', { ...dose, ...change }, field);
const of = (): Of => (dose.length.of === 'measure' ? dose.length.measure.unit : dose.length.of);

function setOf(value: Of): void {
  if (value === 'lane' || value === 'lap') return set({ length: { of: value } }, 'of');
  const amount = dose.length.of === 'measure' ? dose.length.measure.amount : 10;
  set({ length: { of: 'measure', measure: { amount, unit: value } } }, 'of');
}

function setAmount(amount: number): void {
  if (dose.length.of !== 'measure') return;
  set({ length: { of: 'measure', measure: { ...dose.length.measure, amount } } }, 'amount');
}
</script>

<template>
  <NumberField
    v-if="dose.length.of === 'measure'"
    :label="say.distanceAmounts.oneLength"
    :least="0.1"
    :most="MOST_METRES"
    :model-value="dose.length.measure.amount"
    @update:model-value="setAmount"
  />
  <v-select :label="say.distanceAmounts.measuredIn" :items="OF" :model-value="of()" @update:model-value="setOf" />
  <TextAmount
    :label="say.distanceAmounts.lengths"
    unit="count"
    :model-value="dose.lengths"
    @update:model-value="(lengths) => set({ lengths }, 'lengths')"
  />
  <NumberField
    :label="say.distanceAmounts.pace"
    :least="0.1"
    :most="MOST_SPEED"
    :model-value="dose.pace.amount"
    @update:model-value="(amount) => set({ pace: { ...dose.pace, amount } }, 'pace')"
  />
  <v-select
    :label="say.distanceAmounts.paceIn"
    :items="SPEEDS"
    :model-value="dose.pace.unit"
    @update:model-value="(unit) => set({ pace: { ...dose.pace, unit } }, 'pace')"
  />
  <WrittenField
    :label="say.distanceAmounts.ofThePace"
    :placeholder="say.distanceAmounts.examplePercents"
    :read="readPercents"
    :write="writePercents"
    :model-value="dose.percents"
    @update:model-value="(percents) => set({ percents }, 'percents')"
  />
  <WrittenField
    :label="say.distanceAmounts.oneStep"
    :placeholder="say.distanceAmounts.exampleStep"
    :read="readStep"
    :write="writeStep"
    :model-value="dose.step"
    @update:model-value="(step) => set({ step }, 'step')"
  />
</template>
