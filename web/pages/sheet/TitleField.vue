<script setup lang="ts">
import { useSheetStore } from '../../stores/sheet.ts';

/** The circuit's title, changed where it stands. An empty title is not taken. */
const sheet = useSheetStore();

function rename(event: Event): void {
  if (!(event.target instanceof HTMLInputElement)) return;
  const title = event.target.value.trim();
  if (title === '') event.target.value = sheet.circuit.title;
  else sheet.changeCircuit((circuit) => ({ ...circuit, title }), 'title');
}

function leave(event: KeyboardEvent): void {
  if (event.target instanceof HTMLInputElement) event.target.blur();
}
</script>

<template>
  <h1>
    <input
      class="title"
      aria-label="Title"
      maxlength="120"
      :value="sheet.circuit.title"
      @change="rename"
      @keydown.enter="leave"
    />
  </h1>
</template>

<style scoped>
.title {
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
