<script setup lang="ts" generic="T">
import type { FieldReading } from '@prompt-spark/core/whiteboard/field';
import { useTypedText } from './useTypedText.ts';

/** Something typed as it would be written on the board: a tempo, percentages, the sets on the way up. */
const {
  label,
  modelValue,
  read,
  write,
  placeholder = '',
} = defineProps<{
  label: string;
  modelValue: T;
  read: (text: string) => FieldReading<T>;
  write: (value: T) => string;
  placeholder?: string;
}>();
const emit = defineEmits<{ 'update:modelValue': [T] }>();

const { text, problem, type } = useTypedText({
  value: () => modelValue,
  read: (typed) => read(typed),
  write: (value) => write(value),
  take: (value) => emit('update:modelValue', value),
});
</script>

<template>
  <v-text-field
    :label="label"
    :placeholder="placeholder"
    :model-value="text"
    :error-messages="problem"
    @update:model-value="type"
  />
</template>
