<script setup lang="ts">
import { ref, watch } from 'vue';
import { linesOf } from './linesOf.ts';

/** A list of short texts, written a line each. */
const lines = defineModel<readonly string[]>({ required: true });
const { rows = 1 } = defineProps<{ label: string; rows?: number }>();

// What is typed stays as it is, an empty line at its end included: the list has no such lines.
const text = ref('');
watch(
  lines,
  (now) => {
    if (linesOf(text.value).join('\n') !== now.join('\n')) text.value = now.join('\n');
  },
  { immediate: true },
);

function write(typed: string): void {
  text.value = typed;
  lines.value = linesOf(typed);
}
</script>

<template>
  <v-textarea :label="label" :rows="rows" auto-grow :model-value="text" @update:model-value="write" />
</template>
