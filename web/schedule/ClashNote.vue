<script setup lang="ts">
import { computed } from 'vue';
import { usePlacesStore } from '../library/places.ts';
import { clashLines } from './clashWords.ts';
import type { Clashes } from './useClashes.ts';
import { say } from './say.ts';

/** What speaks against a session at its times: the first few lines, and how many more there are. */
const { clashes } = defineProps<{ clashes: Clashes }>();
const places = usePlacesStore();
const MOST = 3;

const lines = computed(() => clashLines(clashes, (id) => places.siteOf(id)?.name));
</script>

<template>
  <div v-if="lines.length" class="clashes" role="status">
    <p v-for="line in lines.slice(0, MOST)" :key="line.id">{{ line.words }}</p>
    <p v-if="lines.length > MOST">{{ say.clashNote.andMore(lines.length - MOST) }}</p>
  </div>
</template>

<style scoped>
.clashes {
  grid-column: 1 / -1;
  color: var(--brick);
  font-weight: 500;
}
</style>
