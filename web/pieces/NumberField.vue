<script setup lang="ts">
import { ref, watch } from 'vue';

/** A plain number with decimals, from a least to a most. */
const props = defineProps<{ label: string; modelValue: number; most: number; least?: number }>();
const emit = defineEmits<{ 'update:modelValue': [number] }>();
const text = ref(String(props.modelValue));
const problem = ref('');
watch(
  () => props.modelValue,
  (value) => {
    if (Number(text.value) !== value) text.value = String(value);
  },
);

function type(typed: string): void {
  text.value = typed;
  const value = Number(typed.replace(',', '.'));
  const least = props.least ?? 0;
  const fits = typed.trim() !== '' && Number.isFinite(value) && value >= least && value <= props.most;
  problem.value = fits ? '' : `Expected a number from ${least} to ${props.most}`;
  if (fits) emit('update:modelValue', value);
}
</script>

<template>
  <v-text-field
    inputmode="decimal"
    :label="label"
    :model-value="text"
    :error-messages="problem"
    @update:model-value="type"
  />
</template>
