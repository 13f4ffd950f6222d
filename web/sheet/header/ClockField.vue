<script setup lang="ts">
import { minuteOfDay, timeOfDay, type WallClock } from '@prompt-spark/core/circuit/wallClock';
import type { FieldReading } from '@prompt-spark/core/whiteboard/field';
import WrittenField from '../../fields/WrittenField.vue';
import { say } from '../say.ts';

/** When the circuit starts, or must be over, on the wall clock. */
const { clock } = defineProps<{ clock: WallClock | null }>();
const emit = defineEmits<{ change: [clock: WallClock | null] }>();

const OF = [
  { value: null, title: say.clockField.noWallClock },
  { value: 'start', title: say.clockField.startsAt },
  { value: 'end', title: say.clockField.overAt },
] as const;

const write = (minute: number) => timeOfDay(minute * 60);

function read(text: string): FieldReading<number> {
  const minute = minuteOfDay(text);
  return minute === undefined ? { ok: false, expected: say.clockField.expectedATimeSuch } : { ok: true, value: minute };
}

function setOf(of: WallClock['of'] | null): void {
  emit('change', of && { of, minute: clock?.minute ?? 18 * 60 });
}
</script>

<template>
  <v-select
    :label="say.clockField.wallClock"
    :items="OF"
    :model-value="clock?.of ?? null"
    @update:model-value="setOf"
  />
  <WrittenField
    v-if="clock"
    :label="say.clockField.timeOfDay"
    :read="read"
    :write="write"
    :model-value="clock.minute"
    @update:model-value="(minute) => emit('change', { of: clock?.of ?? 'start', minute })"
  />
</template>
