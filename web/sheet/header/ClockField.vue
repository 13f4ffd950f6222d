<script setup lang="ts">
import { minuteOfDay, timeOfDay, type WallClock } from '@prompt-spark/core/circuit/wallClock';
import type { FieldReading } from '@prompt-spark/core/whiteboard/field';
import WrittenField from '../../fields/WrittenField.vue';

/** When the circuit starts, or must be over, on the wall clock. */
const { clock } = defineProps<{ clock: WallClock | null }>();
const emit = defineEmits<{ change: [clock: WallClock | null] }>();

const OF = [
  { value: null, title: 'No wall clock' },
  { value: 'start', title: 'Starts at' },
  { value: 'end', title: 'Over at' },
] as const;

const write = (minute: number) => timeOfDay(minute * 60);

function read(text: string): FieldReading<number> {
  const minute = minuteOfDay(text);
  return minute === undefined ? { ok: false, expected: 'Expected a time, such as 18:30' } : { ok: true, value: minute };
}

function setOf(of: WallClock['of'] | null): void {
  emit('change', of && { of, minute: clock?.minute ?? 18 * 60 });
}
</script>

<template>
  <v-select label="Wall clock" :items="OF" :model-value="clock?.of ?? null" @update:model-value="setOf" />
  <WrittenField
    v-if="clock"
    label="Time of day"
    :read="read"
    :write="write"
    :model-value="clock.minute"
    @update:model-value="(minute) => emit('change', { of: clock?.of ?? 'start', minute })"
  />
</template>
