<script setup lang="ts">
import { EMPHASES, type Emphasis, type Reading } from '@prompt-spark/core/circuit/shortVersion';
import { computed } from 'vue';
import MinutesField from '../fields/MinutesField.vue';
import { useFitStore } from './fit.ts';
import { say } from './say.ts';

/** The minutes there are, how people come, and what is given up first. */
const fit = useFitStore();
const READING_WORDS: Readonly<Record<Reading, string>> = {
  best: say.fitDials.bestMix,
  shorten: say.fitDials.everyDrillShorter,
  drop: say.fitDials.fewerDrillsFullDose,
};
const EMPHASIS_WORDS: Readonly<Record<Emphasis, string>> = {
  general: say.fitDials.keepTheWhole,
  range: say.fitDials.keepTheRangeMoving,
  speed: say.fitDials.keepTheSpeedPulse,
  sore: say.fitDials.soreTheCalmParts,
  athletic: say.fitDials.athleticTheQuickParts,
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
      :label="say.fitDials.timeAvailableMinutes"
      :model-value="fit.seconds"
      @update:model-value="(seconds) => (fit.seconds = seconds)"
    />
    <v-select
      :label="say.fitDials.whatIs"
      :items="emphases"
      :model-value="fit.recipe.emphasis"
      @update:model-value="fit.emphasise"
    />
  </div>
  <div v-if="readings.length > 1" class="readings" role="group" :aria-label="say.fitDials.howToShorten">
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
