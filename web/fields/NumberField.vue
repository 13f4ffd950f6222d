<script setup lang="ts">
import type { FieldReading } from '@prompt-spark/core/whiteboard/field';
import WrittenField from './WrittenField.vue';
import { say } from './say.ts';

/** A plain number with up to three decimals, from a least to a most. */
const {
  label,
  modelValue,
  most,
  least = 0,
} = defineProps<{
  label: string;
  modelValue: number;
  most: number;
  least?: number;
}>();
const emit = defineEmits<{ 'update:modelValue': [number] }>();

/** As it is written here and elsewhere: 2.5 or 2,5. */
function read(typed: string): FieldReading<number> {
  const plain = /^\s*(\d+)(?:[.,](\d{0,3}))?\s*$/.exec(typed);
  const value = plain ? Number(`${plain[1] ?? ''}.${plain[2] ?? '0'}`) : NaN;
  if (value >= least && value <= most) return { ok: true, value };
  return { ok: false, expected: say.numberField.expectedANumber(least, most) };
}
</script>

<template>
  <WrittenField
    inputmode="decimal"
    :label="label"
    :read="read"
    :write="String"
    :model-value="modelValue"
    @update:model-value="(value) => emit('update:modelValue', value)"
  />
</template>
