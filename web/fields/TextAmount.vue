<script setup lang="ts">
import { just, type Range } from '@prompt-spark/core/units';
import { readCount, readDuration } from '@prompt-spark/core/whiteboard/amount';
import type { FieldReading } from '@prompt-spark/core/whiteboard/field';
import { useTypedText } from './useTypedText.ts';
import { rangeWords } from '@prompt-spark/core/rangeWords';
import { say } from './say.ts';

/** A count or a length of time, settled or a range, typed as on the board: 8-10, 40s, 1:30. */
const props = defineProps<{
  label: string;
  unit: 'count' | 'time';
  modelValue: Range;
  least?: number;
  most?: number;
  /** One value only: a range keeps its high end. */
  single?: boolean;
}>();
const emit = defineEmits<{ 'update:modelValue': [Range] }>();

function read(typed: string): FieldReading<Range> {
  const bounds = {
    least: props.least ?? (props.unit === 'count' ? 1 : 0.5),
    ...(props.most ? { most: props.most } : {}),
  };
  const reading = props.unit === 'count' ? readCount(typed, bounds) : readDuration(typed, bounds);
  return reading.ok && props.single ? { ok: true, value: just(reading.value.high) } : reading;
}

const { text, problem, type, settle } = useTypedText({
  value: () => props.modelValue,
  read,
  write: rangeWords,
  take: (range) => emit('update:modelValue', range),
});

/** Arrow keys change what is typed by one; seconds by five. */
function nudge(by: number): void {
  const reading = read(text.value);
  const from = reading.ok ? reading.value : props.modelValue;
  const step = props.unit === 'time' ? 5 * by : by;
  const low = Math.max(props.least ?? 1, from.low + step);
  type(rangeWords({ low, high: Math.max(low, from.high + step) }));
}
</script>

<template>
  <v-text-field
    :label="label"
    inputmode="text"
    :model-value="text"
    :error-messages="problem"
    @update:model-value="type"
    @keydown.up.prevent="nudge(1)"
    @keydown.down.prevent="nudge(-1)"
    @blur="settle"
  >
    <template v-if="unit === 'time'" #append-inner
      ><span class="soft">{{ say.textAmount.s }}</span></template
    >
  </v-text-field>
</template>
