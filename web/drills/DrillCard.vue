<script setup lang="ts">
import type { Drill } from '@prompt-spark/core/drills/drill';
import { POSTURE_WORDS } from '@prompt-spark/core/drills/posture';
import { computed } from 'vue';
import DrillFigure from '../figure/DrillFigure.vue';
import { phaseName } from '../wording/phases.ts';
import { mainTargets } from './drillWords.ts';
import LadderStrip from './LadderStrip.vue';

/** A drill in the gallery: its figure, its name, what it is for, how it is done, and its ladder; in brief, the first two. */
const { drill } = defineProps<{ drill: Drill; still: boolean; brief: boolean }>();
const how = computed(() => [POSTURE_WORDS[drill.posture], ...drill.kit].join(' · '));
</script>

<template>
  <article :class="['card', { brief }]">
    <DrillFigure class="figure" :drill="drill" :still="still" :aspect="1.3" />
    <h2>
      <RouterLink :to="`/drills/${drill.id}`">{{ drill.name }}</RouterLink>
    </h2>
    <template v-if="!brief">
      <p class="small soft">{{ drill.phases.map(phaseName).join(', ') }} · {{ how }}</p>
      <p class="targets small">{{ mainTargets(drill, 2).join(', ') }}</p>
      <LadderStrip class="ladder" :ladder="drill.ladder" />
    </template>
  </article>
</template>

<style scoped>
.card {
  position: relative;
  display: flex;
  flex-direction: column;
  gap: 0.3rem;
  height: 100%;
  padding: 0.8rem 1rem;
  border: 1px solid var(--line);
  border-radius: 12px;
  background: var(--card);
}
.figure {
  margin: -0.3rem -0.3rem 0.2rem;
}
.brief {
  padding: 0.4rem 0.5rem;
}
.brief .figure {
  margin: 0;
}
.brief h2 {
  font-size: var(--size-small);
  line-height: 1.2;
}
.card:hover {
  border-color: var(--soft);
}
h2 {
  font-size: 1.0625rem;
}
h2 a {
  color: inherit;
  font-weight: inherit;
  text-decoration: none;
}
h2 a::after {
  position: absolute;
  inset: 0;
  content: '';
}
.ladder {
  margin-top: auto;
}
</style>
