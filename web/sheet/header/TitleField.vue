<script setup lang="ts">
import { computed } from 'vue';
import { useSheetStore } from '../store/sheet.ts';
import { say } from '../say.ts';

/** The circuit's title, changed where it stands. An empty title is not taken. */
const sheet = useSheetStore();
const title = computed(() => sheet.circuit.title);

function rename(event: Event): void {
  if (!(event.target instanceof HTMLInputElement)) return;
  const typed = event.target.value.trim();
  if (typed === '') event.target.value = title.value;
  else sheet.changeCircuit((circuit) => ({ ...circuit, title: typed }), 'title');
}

function leave(event: KeyboardEvent): void {
  if (event.target instanceof HTMLInputElement) event.target.blur();
}
</script>

<template>
  <h1>
    <input
      class="title"
      :aria-label="say.titleField.title"
      maxlength="120"
      :value="title"
      @change="rename"
      @keydown.enter="leave"
    />
  </h1>
</template>

<style scoped>
.title {
  min-height: var(--tap);
  width: 100%;
  margin-left: -0.4rem;
  padding: 0.1rem 0.4rem;
  border: 1px solid transparent;
  border-radius: 8px;
  background: none;
  color: inherit;
  font: inherit;
  letter-spacing: inherit;
  text-overflow: ellipsis;
}
.title:hover {
  border-color: var(--line);
}
.title:focus {
  background: var(--card);
  border-color: var(--damson);
}
</style>
