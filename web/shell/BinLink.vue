<script setup lang="ts">
import { mdiTrashCanOutline } from '@mdi/js';
import PathIcon from './PathIcon.vue';
import { say } from './say.ts';

/** The way to what was removed. */
</script>

<template>
  <RouterLink to="/bin" class="bin"><PathIcon :path="mdiTrashCanOutline" :size="18" />{{ say.binLink.bin }}</RouterLink>
</template>

<style scoped>
.bin {
  display: inline-flex;
  align-items: center;
  gap: 0.3rem;
  min-height: 44px;
  padding: 0 0.5rem;
  color: var(--soft);
  font-weight: 500;
  text-decoration: none;
}
.bin:hover {
  color: var(--ink);
}
</style>
