<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import PathIcon from './PathIcon.vue';

/** Takes something out of a list. There is one on every entry, so it is no more than a button. */
const { label } = defineProps<{ label: string }>();
</script>

<template>
  <button type="button" class="close" :aria-label="label"><PathIcon :path="mdiClose" /></button>
</template>

<style scoped>
.close {
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
.close:hover {
  background: color-mix(in srgb, var(--damson) 8%, transparent);
  color: var(--ink);
}
</style>
