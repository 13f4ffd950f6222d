<script setup lang="ts">
import type { RunSummary } from '@prompt-spark/contract/run';
import type { ResultsInDrill } from '@prompt-spark/core/people/results';
import type { ChartData } from 'chart.js';
import { computed, useTemplateRef } from 'vue';
import { Line } from 'vue-chartjs';
import { overTime, type LineOptions } from '../charts/lineChart.ts';
import { useInk } from '../painting/useInk.ts';
import { clock, dayName } from '../wording/clock.ts';
import { say } from './say.ts';

/** What a warm-up took from time to time, and how hard it was. The same numbers stand in the list beside it. */
const { runs, result } = defineProps<{
  runs: readonly RunSummary[];
  /** What they reached in one drill; null for none. */
  result: ResultsInDrill | null;
}>();
const host = useTemplateRef<HTMLElement>('host');
const ink = useInk(host, (colour) => ({
  took: colour('--damson'),
  effort: colour('--rust'),
  reached: colour('--ink'),
  soft: colour('--soft'),
  line: colour('--line'),
}));
const at = ({ startedAt }: RunSummary): number => Date.parse(startedAt);
const named = (time: number): string => dayName(new Date(time).toISOString());

const data = computed<ChartData<'line'>>(() => ({
  datasets: [
    {
      label: say.runsChart.took,
      data: runs.map((run) => ({ x: at(run), y: run.actual })),
      borderColor: ink.value?.took,
      backgroundColor: ink.value?.took,
      pointRadius: 3,
      yAxisID: 'seconds',
    },
    {
      label: say.runsChart.planned,
      data: runs.map((run) => ({ x: at(run), y: run.planned })),
      borderColor: ink.value?.soft,
      backgroundColor: ink.value?.soft,
      borderDash: [2, 4],
      pointRadius: 0,
      yAxisID: 'seconds',
    },
    {
      label: say.runsChart.effort,
      data: runs.flatMap((run) => (run.effort === null ? [] : [{ x: at(run), y: run.effort }])),
      borderColor: ink.value?.effort,
      backgroundColor: ink.value?.effort,
      borderDash: [6, 4],
      pointRadius: 3,
      yAxisID: 'effort',
    },
    ...(result ? [resultLine(result)] : []),
  ],
}));

function resultLine({ drillName, runs: counted }: ResultsInDrill): ChartData<'line'>['datasets'][number] {
  const times = new Map(runs.map((run) => [run.id, at(run)]));
  return {
    label: drillName,
    data: counted.flatMap(({ runId, mean }) => {
      const x = times.get(runId);
      return x === undefined ? [] : [{ x, y: mean }];
    }),
    borderColor: ink.value?.reached,
    backgroundColor: ink.value?.reached,
    pointRadius: 4,
    pointStyle: 'rect',
    yAxisID: 'result',
  };
}
const options = computed<LineOptions>(() => {
  const { legend, title, days, ...whole } = overTime(ink.value?.soft, named);
  return {
    ...whole,
    plugins: {
      legend,
      tooltip: {
        callbacks: {
          title,
          label: ({ dataset, parsed: { y } }) =>
            `${dataset.label ?? ''} ${dataset.yAxisID === 'seconds' ? clock(Number(y)) : String(y)}`,
        },
      },
    },
    scales: {
      x: days,
      seconds: {
        position: 'left',
        title: { display: true, text: say.runsChart.minutes, color: ink.value?.soft },
        ticks: { color: ink.value?.soft, callback: (value) => clock(Number(value)) },
        grid: { color: ink.value?.line },
      },
      effort: {
        position: 'right',
        min: 0,
        max: 10,
        title: { display: true, text: say.runsChart.ofEffort, color: ink.value?.soft },
        ticks: { color: ink.value?.soft, stepSize: 2 },
        grid: { display: false },
      },
      result: {
        display: result !== null,
        position: 'right',
        beginAtZero: true,
        title: { display: true, text: result?.unit ?? '', color: ink.value?.soft },
        ticks: { color: ink.value?.soft },
        grid: { display: false },
      },
    },
  };
});
</script>

<template>
  <div ref="host" class="chart">
    <Line v-if="ink" :data="data" :options="options" role="img" :aria-label="say.runsChart.whatItTook" />
  </div>
</template>

<style scoped>
.chart {
  position: relative;
  height: 15rem;
  max-width: 52rem;
}
</style>
