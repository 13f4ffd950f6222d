<script setup lang="ts">
import type { Dose } from '@prompt-spark/core/dose/dose';
import { USUAL_RAMP_UP, type LiftDose } from '@prompt-spark/core/dose/lift';
import { MOST_POSITIONS } from '@prompt-spark/core/circuit/bounds';
import { just } from '@prompt-spark/core/units';
import { readTempo } from '@prompt-spark/core/whiteboard/tempo';
import { writeTempo } from '@prompt-spark/core/whiteboard/writeDose';
import DistanceAmounts from './DistanceAmounts.vue';
import LiftAmounts from './LiftAmounts.vue';
import RampAmounts from './RampAmounts.vue';
import TextAmount from './TextAmount.vue';
import WrittenField from './WrittenField.vue';
import { say } from './say.ts';

/** The amounts of a dose of any kind. A lift climbs by a table of steps. */
const { dose, rampUp = USUAL_RAMP_UP } = defineProps<{ dose: Dose; rampUp?: LiftDose['steps'] }>();
const emit = defineEmits<{ change: [dose: Dose, field: string] }>();
</script>

<template>
  <TextAmount
    v-if="dose.kind === 'time' || dose.kind === 'feel'"
    :label="dose.kind === 'feel' ? say.doseAmounts.fromTo : say.doseAmounts.for"
    unit="time"
    :model-value="dose.seconds"
    @update:model-value="(seconds) => emit('change', { ...dose, seconds }, 'seconds')"
  />
  <template v-else-if="dose.kind === 'reps'">
    <TextAmount
      :label="say.doseAmounts.reps"
      unit="count"
      :model-value="dose.count"
      @update:model-value="(count) => emit('change', { ...dose, count }, 'count')"
    />
    <WrittenField
      :label="say.doseAmounts.tempo"
      :placeholder="say.doseAmounts.exampleTempo"
      :read="readTempo"
      :write="writeTempo"
      :model-value="dose.tempo"
      @update:model-value="(tempo) => emit('change', { ...dose, tempo }, 'tempo')"
    />
  </template>
  <DistanceAmounts
    v-else-if="dose.kind === 'distance'"
    :dose="dose"
    @change="(next, field) => emit('change', next, field)"
  />
  <LiftAmounts
    v-else-if="dose.kind === 'lift'"
    :dose="dose"
    :table="rampUp"
    @change="(next, field) => emit('change', next, field)"
  />
  <RampAmounts v-else-if="dose.kind === 'ramp'" :dose="dose" @change="(next, field) => emit('change', next, field)" />
  <template v-else>
    <TextAmount
      :label="say.doseAmounts.holds"
      unit="count"
      :model-value="dose.count"
      @update:model-value="(count) => emit('change', { ...dose, count }, 'count')"
    />
    <TextAmount
      :label="say.doseAmounts.heldFor"
      unit="time"
      :model-value="dose.hold"
      @update:model-value="(hold) => emit('change', { ...dose, hold }, 'hold')"
    />
    <TextAmount
      :label="say.doseAmounts.positions"
      unit="count"
      single
      :most="MOST_POSITIONS"
      :model-value="just(dose.positions)"
      @update:model-value="({ high }) => emit('change', { ...dose, positions: high }, 'positions')"
    />
    <TextAmount
      :label="say.doseAmounts.movingIn"
      unit="time"
      single
      :least="0"
      :model-value="just(dose.move)"
      @update:model-value="({ high }) => emit('change', { ...dose, move: high }, 'move')"
    />
  </template>
</template>
