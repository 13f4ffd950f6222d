<script setup lang="ts">
import { runningTime } from '@prompt-spark/core/session/keptRun';
import { runLength } from '@prompt-spark/core/session/stageRun';
import { drillIn } from '@prompt-spark/core/drills/onRung';
import { momentAt } from '@prompt-spark/core/timeline/moment';
import { useNow } from '@vueuse/core';
import { computed } from 'vue';
import { useLibraryStore } from '../library/library.ts';
import { clock } from '../wording/clock.ts';
import type { KeptStage } from './runDrawer.ts';
import { say } from './say.ts';

/** Asked where a run was left in the middle: a reload, a closed tab, a flat battery. */
const { kept } = defineProps<{ kept: KeptStage }>();
const emit = defineEmits<{ resume: []; catchUp: []; afresh: [] }>();
const library = useLibraryStore();
const now = useNow({ interval: 1000 });
const here = computed(() => {
  const segment = momentAt(kept.run.segments, kept.run.position)?.segment;
  return segment ? (drillIn(segment, library.library)?.name ?? '') : '';
});
const clockNow = computed(() => runningTime(kept, now.value.getTime()));
</script>

<template>
  <section class="resume" :aria-label="say.resumeQuestion.takeUpWhere">
    <h1>{{ say.resumeQuestion.itWasRunning }}</h1>
    <p>
      {{ here }}, <span class="clock">{{ clock(kept.run.position) }}</span> {{ say.resumeQuestion.ofTheWhole }}
      <span class="clock">{{ clock(runLength(kept.run)) }}</span>
    </p>
    <v-btn size="x-large" height="72" autofocus @click="emit('resume')">{{
      say.resumeQuestion.goOn(clock(kept.run.position))
    }}</v-btn>
    <v-btn v-if="clockNow !== undefined" size="x-large" variant="outlined" @click="emit('catchUp')">{{
      say.resumeQuestion.goOnAtWhere(clock(clockNow))
    }}</v-btn>
    <v-btn variant="text" size="large" @click="emit('afresh')">{{ say.resumeQuestion.startAgain }}</v-btn>
  </section>
</template>

<style scoped>
.resume {
  position: absolute;
  inset: 0;
  z-index: 1;
  display: grid;
  place-content: center;
  justify-items: center;
  gap: 1rem;
  padding: 1rem;
  background: rgb(var(--v-theme-background), 0.94);
  text-align: center;
  font-size: 1.5rem;
}
</style>
