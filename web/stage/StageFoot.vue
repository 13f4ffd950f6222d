<script setup lang="ts">
import { drillIn } from '@prompt-spark/core/drills/onRung';
import type { Segment } from '@prompt-spark/core/timeline/timeline';
import type { Seconds } from '@prompt-spark/core/units';
import { computed } from 'vue';
import DrillFigure from '../figure/DrillFigure.vue';
import TimeFuse from '../fuse/TimeFuse.vue';
import { useLibraryStore } from '../library/library.ts';
import { nextWords } from './stageWords.ts';
import { say } from './say.ts';

/** The fuse burning at the foot of the Stage, and what comes next. */
const { next } = defineProps<{
  segments: readonly Segment[];
  position: Seconds;
  now: Segment;
  next: Segment | undefined;
}>();
const library = useLibraryStore();
const drill = computed(() => next && drillIn(next, library.library));
const variant = computed(() => drill.value?.ladder.find(({ id }) => id === next?.rung) ?? null);
</script>

<template>
  <footer>
    <TimeFuse :segments="segments" :now="position" />
    <p class="next">
      <template v-if="next">
        <span class="soft">{{ say.stageFoot.next }}</span>
        <DrillFigure v-if="drill" class="figure" :drill="drill" :variant="variant" still />
        <span>{{ nextWords(next, now, drill) }}</span>
      </template>
      <span v-else class="soft">{{ say.stageFoot.lastOne }}</span>
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
  font-size: clamp(1.2rem, 2.65vw, 3.4rem);
  font-weight: 500;
  display: flex;
  align-items: center;
  gap: 0.5em;
}
@media (min-width: 701px) and (max-height: 600px) {
  footer {
    gap: 0.2rem;
  }
  .next {
    font-size: 1.1rem;
  }
}
.figure {
  flex: none;
  width: 2.6em;
}
</style>
