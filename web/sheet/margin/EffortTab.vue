<script setup lang="ts">
import { computed } from 'vue';
import NumberField from '../../fields/NumberField.vue';
import { useEffortStore } from '../store/effort.ts';
import { useSheetStore } from '../store/sheet.ts';
import { endsBetween } from './effortChart.ts';

/** What the chart under the fuse says: where the pulse ends, for whom, and that it is an estimate. */
const sheet = useSheetStore();
const effort = useEffortStore();
const end = computed(() => effort.curve.points.at(-1)?.pulse.map(Math.round) ?? [0, 0]);
const wanted = computed(() => endsBetween(effort.curve));
</script>

<template>
  <div class="effort">
    <p v-if="!effort.curve.points.length" class="soft">Put in a drill, and effort is drawn under the fuse.</p>
    <template v-else>
      <p class="small soft">
        Under the fuse: <span class="key effort-key" /> planned effort, 0 to 10
        <template v-if="effort.pulse"><span class="key pulse-key" /> estimated pulse</template>
      </p>
      <p v-if="effort.pulse">
        Ends at about <strong>{{ end[0] }} to {{ end[1] }}</strong> beats; {{ wanted[0] }} to {{ wanted[1] }} is warm.
      </p>
      <p v-if="effort.pulse && effort.known" class="small soft">
        For {{ sheet.group?.name }}, aged {{ effort.known.youngest }} to {{ effort.known.eldest }}.
        <template v-if="effort.byEffort"
          >For {{ effort.byEffort }} of them the pulse does not tell: go by effort.</template
        >
      </p>
      <div v-else-if="effort.pulse" class="ages">
        <NumberField v-model="effort.ages.eldest" label="Eldest" :least="5" :most="110" />
        <NumberField v-model="effort.ages.youngest" label="Youngest" :least="5" :most="110" />
      </div>
      <v-checkbox v-model="effort.pulse" label="Pulse as well as effort" density="compact" hide-details />
      <p class="small soft">
        An estimate from age and energy cost, not a measurement. For people on beta-blockers or with a heart condition
        the pulse does not tell: go by effort.
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
