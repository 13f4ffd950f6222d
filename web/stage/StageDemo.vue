<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import type { Drill } from '@prompt-spark/core/drills/drill';
import { POSTURE_WORDS } from '@prompt-spark/core/drills/posture';
import DrillFigure from '../figure/DrillFigure.vue';
import { say } from './say.ts';

/** The drill of the moment, to be shown to those who are new while the others start: its figure, every cue, its usual fault. */
const open = defineModel<boolean>({ required: true });
const { drill } = defineProps<{ drill: Drill }>();
</script>

<template>
  <aside v-if="open" class="demo" :aria-label="say.stageDemo.forThoseWhoAre">
    <header>
      <h2>{{ drill.name }}</h2>
      <v-btn :icon="mdiClose" variant="text" :aria-label="say.stageDemo.close" @click="open = false" />
    </header>
    <DrillFigure class="figure" :drill="drill" :aspect="1.4" />
    <p class="soft">{{ POSTURE_WORDS[drill.posture] }}</p>
    <ol>
      <li v-for="cue in drill.cues" :key="cue">{{ cue }}</li>
    </ol>
    <p>
      <strong>{{ say.stageDemo.ifSeen(drill.fault.seen) }}</strong> {{ drill.fault.fix }}.
    </p>
  </aside>
</template>

<style scoped>
/* Beside what the others follow, never over the seconds. */
.demo {
  position: absolute;
  inset: 4.5rem auto auto clamp(1rem, 3vw, 2.5rem);
  z-index: 2;
  display: grid;
  gap: 0.6rem;
  width: min(30rem, 42vw);
  max-height: calc(100% - 9rem);
  overflow: auto;
  padding: 1rem 1.25rem;
  border-radius: 22px;
  background: var(--card);
  box-shadow: 0 10px 40px rgb(0 0 0 / 45%);
  font-size: clamp(1.05rem, 1.6vw, 1.5rem);
}
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
.figure {
  max-height: 30vh;
}
ol {
  display: grid;
  gap: 0.25rem;
  padding-left: 1.25em;
}
@media (max-width: 700px) {
  .demo {
    inset: 0.5rem 0.5rem auto;
    width: auto;
    max-height: 60%;
  }
}
</style>
