<script setup lang="ts">
import type { Segment } from '@prompt-spark/core';
import type { Seconds } from '@prompt-spark/core/units';
import TimeFuse from '../../pieces/TimeFuse.vue';
import { useLibraryStore } from '../../stores/library.ts';
import { nextWords } from './stageWords.ts';

/** The fuse burning at the foot of the Stage, and what comes next. */
defineProps<{ segments: readonly Segment[]; position: Seconds; now: Segment; next: Segment | undefined }>();
const library = useLibraryStore();
</script>

<template>
  <footer>
    <TimeFuse :segments="segments" :effort-of="library.effortOf" :now="position" labels />
    <p class="next">
      <template v-if="next">
        <span class="soft">Next</span> {{ nextWords(next, now, library.drillOf(next.drillId)) }}
      </template>
      <span v-else class="soft">Last one</span>
    </p>
  </footer>
</template>

<style scoped>
footer {
  display: grid;
  gap: 0.6rem;
}
.next {
  min-height: 1.5em;
  font-size: clamp(1.2rem, 2.4vw, 2.4rem);
  font-weight: 500;
}
.next .soft {
  margin-right: 0.5em;
}
</style>
