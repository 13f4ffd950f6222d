<script setup lang="ts">
import type { Range } from '@prompt-spark/core/units';
import { readCount, readDuration } from '@prompt-spark/core/whiteboard/amount';
import { ref, watch } from 'vue';
import { clock } from './clock.ts';
import { rangeWords } from '@prompt-spark/core/dose/inWords';

/** A count or a length of time, settled or a range, typed as on the board: 8-10, 40s, 1:30. */
const props = defineProps<{
  label: string;
  unit: 'count' | 'time';
  modelValue: Range;
  least?: number;
  most?: number;
  /** One value only: a range keeps its high end. */
  single?: boolean;
  /** Shows seconds as 8:00. */
  clockFace?: boolean;
}>();
const emit = defineEmits<{ 'update:modelValue': [Range] }>();

const written = (range: Range): string => (props.clockFace ? clock(range.high) : rangeWords(range));
const text = ref(written(props.modelValue));
const problem = ref('');
watch(
  () => props.modelValue,
  (range) => {
    const read = readText(text.value);
    if (!read.ok || read.range.low !== range.low || read.range.high !== range.high) text.value = written(range);
  },
);

function readText(typed: string) {
  const bounds = {
    least: props.least ?? (props.unit === 'count' ? 1 : 0.5),
    ...(props.most ? { most: props.most } : {}),
  };
  return props.unit === 'count' ? readCount(typed, bounds) : readDuration(typed, bounds);
}

function type(typed: string): void {
  text.value = typed;
  const read = readText(typed);
  problem.value = read.ok ? '' : read.expected;
  if (read.ok) emit('update:modelValue', props.single ? { low: read.range.high, high: read.range.high } : read.range);
}

/** Arrow keys change it by one; seconds by five. */
function nudge(by: number): void {
  const step = props.unit === 'time' ? 5 * by : by;
  const least = props.least ?? 1;
  const low = Math.max(least, props.modelValue.low + step);
  type(written({ low, high: Math.max(low, props.modelValue.high + step) }));
}

function settle(): void {
  if (problem.value !== '') return;
  text.value = written(props.modelValue);
}
</script>

<template>
  <v-text-field
    :label="label"
    :suffix="unit === 'time' && !clockFace ? 's' : undefined"
    inputmode="text"
    :model-value="text"
    :error-messages="problem"
    @update:model-value="type"
    @keydown.up.prevent="nudge(1)"
    @keydown.down.prevent="nudge(-1)"
    @blur="settle"
  />
</template>
