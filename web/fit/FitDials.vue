<script setup lang="ts">
import { EMPHASES, type Emphasis, type Reading } from '@prompt-spark/core/circuit/shortVersion';
import { computed } from 'vue';
import MinutesField from '../fields/MinutesField.vue';
import { useFitStore } from './fit.ts';

/** The minutes there are, how people come, and what is given up first. */
const fit = useFitStore();
const READING_WORDS: Readonly<Record<Reading, string>> = {
  best: 'Best mix',
  shorten: 'Every drill, shorter',
  drop: 'Fewer drills, full dose',
};
const EMPHASIS_WORDS: Readonly<Record<Emphasis, string>> = {
  general: 'Keep the whole of it',
  range: 'Keep the range: moving well comes first',
  speed: 'Keep the speed: pulse and quick work first',
  sore: 'Sore: the calm parts first',
  athletic: 'Athletic: the quick parts first',
};
const emphases = EMPHASES.map((value) => ({ value, title: EMPHASIS_WORDS[value] }));
const readings = computed(() =>
  fit.offers.map(({ reading, share }) => {
    const kept = share === undefined ? '' : ` ${String(Math.round(100 * share))} %`;
    return { reading, words: READING_WORDS[reading] + kept };
  }),
);
</script>

<template>
  <div class="dials">
    <MinutesField
      class="number"
      label="Time available, minutes"
      :model-value="fit.seconds"
      @update:model-value="(seconds) => (fit.seconds = seconds)"
    />
    <v-select
      label="What is it for today?"
      :items="emphases"
      :model-value="fit.recipe.emphasis"
      @update:model-value="fit.emphasise"
    />
  </div>
  <div v-if="readings.length > 1" class="readings" role="group" aria-label="How to shorten">
    <v-btn
      v-for="{ reading, words } in readings"
      :key="reading"
      :variant="fit.recipe.reading === reading ? 'flat' : 'outlined'"
      :aria-pressed="fit.recipe.reading === reading"
      @click="fit.read(reading)"
      >{{ words }}</v-btn
    >
  </div>
</template>

<style scoped>
.dials {
  display: grid;
  grid-template-columns: 12.5rem minmax(0, 18rem);
  gap: 0.75rem;
}
.readings {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
@media (max-width: 900px) {
  .dials {
    grid-template-columns: minmax(0, 12.5rem) minmax(0, 1fr);
  }
}
</style>
