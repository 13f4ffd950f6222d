<script setup lang="ts">
import { mdiAlertOutline, mdiClose } from '@mdi/js';
import type { UnreadLine } from '@prompt-spark/core';
import { ref, watch } from 'vue';
import { useDeskStore } from '../../stores/desk.ts';

/** A line that could not be read, kept as it was written, to be put right in place. */
const { line } = defineProps<{ line: UnreadLine }>();
const desk = useDeskStore();
const text = ref(line.text);
const trouble = ref('');
watch(
  () => line.text,
  (now) => (text.value = now),
);

function rewrite(): void {
  const problem = desk.rewrite(line.id, text.value);
  trouble.value = problem ? `Column ${problem.column}: expected ${problem.expected}` : '';
}
</script>

<template>
  <li class="unread" :data-line="line.id" :tabindex="desk.selectedId === line.id ? 0 : -1">
    <v-icon :icon="mdiAlertOutline" size="20" class="mark" />
    <div class="body">
      <input
        v-model="text"
        aria-label="A line that could not be read"
        @change="rewrite"
        @focus="desk.select(line.id)"
      />
      <p v-if="trouble" class="small" role="alert">{{ trouble }}</p>
    </div>
    <v-btn
      :icon="mdiClose"
      variant="text"
      size="small"
      aria-label="Take out this line"
      @click="desk.takeOut(line.id)"
    />
  </li>
</template>

<style scoped>
.unread {
  display: flex;
  align-items: center;
  gap: 0.5rem;
  margin: 0.35rem 0 0.35rem var(--margin);
  padding-left: 0.75rem;
  border: 1px dashed var(--brick);
  border-radius: 10px;
  background: var(--card);
}
.mark,
p {
  color: var(--brick);
}
.body {
  flex: 1;
  padding: 0.35rem 0;
}
input {
  width: 100%;
  min-height: 40px;
  border: 0;
  background: none;
  font: 500 1rem var(--text);
  color: inherit;
}
</style>
