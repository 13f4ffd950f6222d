<script setup lang="ts">
import PathIcon from './PathIcon.vue';

/** A round button with an icon. There is one on every entry of a list, so it is no more than a button. */
const { label, path } = defineProps<{ label: string; path: string }>();
</script>

<template>
  <button type="button" class="round" :aria-label="label"><PathIcon :path="path" /></button>
</template>

<style scoped>
.round {
  display: grid;
  flex: none;
  place-content: center;
  width: 44px;
  height: 44px;
  border: 0;
  border-radius: 50%;
  background: none;
  color: var(--soft);
  cursor: pointer;
}
.round:disabled {
  opacity: 0.3;
  cursor: default;
}
.round:not(:disabled):hover {
  background: color-mix(in srgb, var(--damson) 8%, transparent);
  color: var(--ink);
}
</style>
