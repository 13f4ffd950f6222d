<script setup lang="ts">
import type { Measure } from '@prompt-spark/core/measures/measure';
import type { Measured } from '@prompt-spark/core/people/measured';
import type { ChartData } from 'chart.js';
import { computed, useTemplateRef } from 'vue';
import { Line } from 'vue-chartjs';
import { overTime, type LineOptions } from '../charts/lineChart.ts';
import { useInk } from '../painting/useInk.ts';
import { calendarDayName } from '../wording/clock.ts';
import { UNIT_WORDS } from './measureWords.ts';
import { say } from './say.ts';

/** The sides of a measure over time. The same numbers stand in the table beside it. */
const { measure, series } = defineProps<{ measure: Measure; series: readonly Measured[] }>();
const host = useTemplateRef<HTMLElement>('host');
const ink = useInk(host, (colour) => ({
  left: colour('--damson'),
  right: colour('--rust'),
  soft: colour('--soft'),
  line: colour('--line'),
}));
const DAY_MS = 86_400_000;
const dayOf = (day: string): number => Date.parse(`${day}T00:00:00.000Z`) / DAY_MS;
const named = (day: number): string => calendarDayName(new Date(day * DAY_MS).toISOString().slice(0, 10));

const LINES = measure.sided
  ? ([
      { of: 'left', label: say.measureChart.left, dash: [] },
      { of: 'right', label: say.measureChart.right, dash: [6, 4] },
    ] as const)
  : ([{ of: 'once', label: measure.name, dash: [] }] as const);
const data = computed<ChartData<'line'>>(() => ({
  datasets: LINES.map(({ of, label, dash }) => ({
    label,
    data: series.flatMap((one) => {
      const amount = one[of];
      return amount === null ? [] : [{ x: dayOf(one.day), y: amount }];
    }),
    borderColor: of === 'right' ? ink.value?.right : ink.value?.left,
    backgroundColor: of === 'right' ? ink.value?.right : ink.value?.left,
    borderDash: [...dash],
    pointRadius: 4,
  })),
}));
const options = computed<LineOptions>(() => {
  const { legend, title, days, ...whole } = overTime(ink.value?.soft, named);
  return {
    ...whole,
    plugins: { legend: { ...legend, display: measure.sided }, tooltip: { callbacks: { title } } },
    scales: {
      x: days,
      y: {
        title: { display: true, text: UNIT_WORDS[measure.unit], color: ink.value?.soft },
        ticks: { color: ink.value?.soft },
        grid: { color: ink.value?.line },
      },
    },
  };
});
</script>

<template>
  <div ref="host" class="chart">
    <Line v-if="ink" :data="data" :options="options" role="img" :aria-label="say.measureChart.overTime(measure.name)" />
  </div>
</template>

<style scoped>
.chart {
  position: relative;
  height: 14rem;
}
</style>
