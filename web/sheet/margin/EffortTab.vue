<script setup lang="ts">
import { computed } from 'vue';
import NumberField from '../../fields/NumberField.vue';
import { useEffortStore } from '../store/effort.ts';
import { useSheetStore } from '../store/sheet.ts';
import { endsBetween } from './effortChart.ts';
import { say } from '../say.ts';

/** What the chart under the fuse says: where the pulse ends, for whom, and that it is an estimate. */
const sheet = useSheetStore();
const effort = useEffortStore();
const end = computed(() => effort.curve.points.at(-1)?.pulse.map(Math.round) ?? ([0, 0] as const));
const wanted = computed(() => endsBetween(effort.curve));
</script>

<template>
  <div class="effort">
    <p v-if="!effort.curve.points.length" class="soft">{{ say.effortTab.putInADrill }}</p>
    <template v-else>
      <p class="small soft">
        {{ say.effortTab.underTheFuse }} <span class="key effort-key" /> {{ say.effortTab.plannedEffort }}
        <template v-if="effort.pulse"><span class="key pulse-key" /> {{ say.effortTab.estimatedPulse }}</template>
      </p>
      <p v-if="effort.pulse">
        {{ say.effortTab.endsAtAbout }} <strong>{{ say.effortTab.beatsFromTo(end[0], end[1]) }}</strong>
        {{ say.effortTab.beatsIsWarm(wanted[0], wanted[1]) }}
      </p>
      <p v-if="effort.pulse && effort.known" class="small soft">
        {{ say.effortTab.forAged(sheet.group?.name ?? '', effort.known.youngest, effort.known.eldest) }}
        <template v-if="effort.byEffort">{{ say.effortTab.forOfThem(effort.byEffort) }}</template>
      </p>
      <div v-else-if="effort.pulse" class="ages">
        <NumberField v-model="effort.ages.eldest" :label="say.effortTab.eldest" :least="5" :most="110" />
        <NumberField v-model="effort.ages.youngest" :label="say.effortTab.youngest" :least="5" :most="110" />
      </div>
      <v-checkbox v-model="effort.pulse" :label="say.effortTab.pulseAsWell" density="compact" hide-details />
      <p class="small soft">
        {{ say.effortTab.estimateFromAge }}
      </p>
    </template>
  </div>
</template>

<style scoped>
.effort {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.7rem;
  font-size: 0.9375rem;
}
.key {
  display: inline-block;
  width: 0.9rem;
  height: 0.6rem;
  margin: 0 0.2rem 0 0;
}
.effort-key {
  background: color-mix(in srgb, var(--rust) 45%, transparent);
}
.pulse-key {
  margin-left: 0.6rem;
  border-top: 2px solid var(--damson);
  background: color-mix(in srgb, var(--damson) 22%, transparent);
}
.ages {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 0.5rem;
}
</style>
