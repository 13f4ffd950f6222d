<script setup lang="ts">
import { mdiPause, mdiPlay } from '@mdi/js';
import type { Drill } from '@prompt-spark/core/drills/drill';
import type { Variant } from '@prompt-spark/core/drills/drill';
import type { Side } from '@prompt-spark/core/figure/skeleton';
import { computed, ref } from 'vue';
import DrillFigure from '../figure/DrillFigure.vue';
import { rungName } from './drillWords.ts';
import { say } from './say.ts';

/** The figure large, to be looked at closely: played or held, slower, and from the other side. */
const { drill, variant } = defineProps<{ drill: Drill; variant: Variant }>();
const playing = ref(true);
const speed = ref(1);
const side = ref<Side>('right');
const SPEEDS = [
  { value: 0.25, title: say.drillDemonstration.quarterSpeed },
  { value: 0.5, title: say.drillDemonstration.halfSpeed },
  { value: 1, title: say.drillDemonstration.asDone },
];
const alternating = computed(() => drill.usual.sides === 'alternate');
</script>

<template>
  <figure class="stand">
    <DrillFigure
      :drill="drill"
      :variant="variant"
      :side="side"
      :sides="alternating ? 'alternate' : drill.usual.sides"
      :still="!playing"
      :speed="speed"
      :aspect="1.3"
    />
    <figcaption>
      <v-btn
        icon
        variant="text"
        :aria-label="playing ? say.drillDemonstration.holdStill : say.drillDemonstration.play"
        @click="playing = !playing"
      >
        <v-icon :icon="playing ? mdiPause : mdiPlay" />
      </v-btn>
      <v-btn-toggle
        v-model="speed"
        mandatory
        density="compact"
        variant="outlined"
        :aria-label="say.drillDemonstration.speed"
      >
        <v-btn v-for="{ value, title } in SPEEDS" :key="value" :value="value">{{ title }}</v-btn>
      </v-btn-toggle>
      <v-btn-toggle
        v-model="side"
        mandatory
        density="compact"
        variant="outlined"
        :aria-label="say.drillDemonstration.side"
      >
        <v-btn value="left">{{ say.drillDemonstration.left }}</v-btn>
        <v-btn value="right">{{ say.drillDemonstration.right }}</v-btn>
      </v-btn-toggle>
      <span class="soft small">{{ rungName(variant, drill.name) }}</span>
    </figcaption>
  </figure>
</template>

<style scoped>
.stand {
  padding: 0.5rem 0.75rem 0.75rem;
  border: 1px solid var(--line);
  border-radius: 14px;
  background: var(--card);
}
figcaption {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem 0.75rem;
  margin-top: 0.5rem;
}
</style>
