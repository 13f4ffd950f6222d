<script setup lang="ts">
import { minuteOfDay, timeOfDay, type WallClock } from '@prompt-spark/core/circuit/wallClock';
import { ref, watch } from 'vue';

/** When the circuit starts, or must be over, on the wall clock. */
const { clock } = defineProps<{ clock: WallClock | null }>();
const emit = defineEmits<{ change: [clock: WallClock | null] }>();

const OF = [
  { value: null, title: 'No wall clock' },
  { value: 'start', title: 'Starts at' },
  { value: 'end', title: 'Over at' },
] as const;
const written = () => (clock ? timeOfDay(clock.minute * 60) : '');
const text = ref(written());
const problem = ref('');
watch(
  () => clock,
  (now) => {
    if (now && minuteOfDay(text.value) !== now.minute) text.value = written();
  },
);

function setOf(of: WallClock['of'] | null): void {
  emit('change', of && { of, minute: clock?.minute ?? 18 * 60 });
}

function type(typed: string): void {
  text.value = typed;
  const minute = minuteOfDay(typed);
  problem.value = minute === undefined ? 'Expected a time, such as 18:30' : '';
  if (minute !== undefined && clock) emit('change', { ...clock, minute });
}
</script>

<template>
  <v-select label="Wall clock" :items="OF" :model-value="clock?.of ?? null" @update:model-value="setOf" />
  <v-text-field
    v-if="clock"
    label="Time of day"
    :model-value="text"
    :error-messages="problem"
    @update:model-value="type"
  />
</template>
