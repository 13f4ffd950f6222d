<script setup lang="ts">
import { effortOf } from '@prompt-spark/core/effort/effortOf';
import type { Limit } from '@prompt-spark/core/limits/limitation';
import { useLocalStorage } from '@vueuse/core';
import { Chart, Filler, LinearScale, LineElement, PointElement } from 'chart.js';
import { computed, onMounted, shallowRef, useTemplateRef } from 'vue';
import { Line } from 'vue-chartjs';
import NumberField from '../../pieces/NumberField.vue';
import { useLibraryStore } from '../../stores/library.ts';
import { useCrewStore } from '../../stores/crew.ts';
import { useSheetStore } from '../../stores/sheet.ts';
import { effortData, effortOptions, endMark, endsBetween, type Ink } from './effortChart.ts';

/** Planned effort and estimated pulse along the circuit's time. */
Chart.register(LinearScale, PointElement, LineElement, Filler);
const sheet = useSheetStore();
const library = useLibraryStore();
const ages = useLocalStorage('prompt-spark-ages', { eldest: 60, youngest: 25 });
const pulse = useLocalStorage('prompt-spark-pulse', true);
/** Ages as set here, or those of the group's people where their years of birth are known. */
const crew = useCrewStore();
const known = computed(() => {
  const year = Number(crew.day.slice(0, 4));
  const all = crew.own.flatMap(({ birthYear }) => (birthYear > 0 ? [year - birthYear] : []));
  return all.length > 0 ? { eldest: Math.max(...all), youngest: Math.min(...all) } : undefined;
});
const span = computed(() => known.value ?? ages.value);
const byEffort = computed(() => crew.own.filter(({ limits }) => limits.some(byEffortOnly)).length);
const host = useTemplateRef<HTMLElement>('host');
const ink = shallowRef<Ink>();
const curve = computed(() => effortOf(sheet.timeline, library.library, [span.value.eldest, span.value.youngest]));
const byEffortOnly = (limit: Limit) =>
  limit.kind === 'known' && (limit.limitationId === 'beta-blockers' || limit.limitationId === 'heart-lung');
const end = computed(() => curve.value.points.at(-1)?.pulse.map(Math.round) ?? [0, 0]);
const wanted = computed(() => endsBetween(curve.value));

onMounted(() => {
  const style = host.value && getComputedStyle(host.value);
  const colour = (name: string) => style?.getPropertyValue(name).trim() ?? '';
  ink.value = {
    ink: colour('--ink'),
    soft: colour('--soft'),
    line: colour('--line'),
    effort: colour('--rust'),
    pulse: colour('--damson'),
    band: `color-mix(in srgb, ${colour('--damson')} 22%, transparent)`,
  };
});
</script>

<template>
  <div ref="host" class="effort">
    <p v-if="!curve.points.length" class="soft">Put in a drill, and this shows how effort rises and falls.</p>
    <template v-else>
      <div class="chart">
        <Line
          v-if="ink"
          :key="String(pulse)"
          :data="effortData(curve, ink, pulse)"
          :options="effortOptions(curve, ink, pulse)"
          :plugins="[endMark(curve, ink)]"
          role="img"
          aria-label="Planned effort and estimated pulse over the circuit"
        />
      </div>
      <p class="small soft">
        <span class="key effort-key" /> planned effort, 0 to 10
        <template v-if="pulse"><span class="key pulse-key" /> estimated pulse</template>
      </p>
      <p v-if="pulse">
        Ends at about <strong>{{ end[0] }} to {{ end[1] }}</strong> beats; {{ wanted[0] }} to {{ wanted[1] }} is warm.
      </p>
      <p v-if="pulse && known" class="small soft">
        For {{ sheet.group?.name }}, aged {{ known.youngest }} to {{ known.eldest }}.
        <template v-if="byEffort">For {{ byEffort }} of them the pulse does not tell: go by effort.</template>
      </p>
      <div v-else-if="pulse" class="ages">
        <NumberField v-model="ages.eldest" label="Eldest" :least="5" :most="110" />
        <NumberField v-model="ages.youngest" label="Youngest" :least="5" :most="110" />
      </div>
      <v-checkbox v-model="pulse" label="Pulse as well as effort" density="compact" hide-details />
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
.chart {
  position: relative;
  height: 15rem;
  margin: 0 -0.5rem;
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
