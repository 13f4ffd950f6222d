<script setup lang="ts">
import type { Seconds } from '@prompt-spark/core/units';
import { Chart, Filler, LinearScale, LineElement, PointElement } from 'chart.js';
import { computed, useTemplateRef } from 'vue';
import { Line } from 'vue-chartjs';
import { useInk } from '../../painting/useInk.ts';
import { useEffortStore } from '../store/effort.ts';
import { effortData, effortOptions, endMark, type Ink } from './effortChart.ts';
import { say } from '../say.ts';

/** Planned effort and estimated pulse under the fuse, second under second. */
const { span } = defineProps<{
  /** The seconds that the fuse's width stands for. */
  span: Seconds;
}>();
Chart.register(LinearScale, PointElement, LineElement, Filler);
const effort = useEffortStore();
const host = useTemplateRef<HTMLElement>('host');
const ink = useInk(host, (colour): Ink => ({
  ink: colour('--ink'),
  soft: colour('--soft'),
  line: colour('--line'),
  effort: colour('--rust'),
  pulse: colour('--damson'),
  band: `color-mix(in srgb, ${colour('--damson')} 22%, transparent)`,
}));
const options = computed(() => ink.value && effortOptions(span, ink.value, effort.pulse));
</script>

<template>
  <div ref="host" class="chart" data-test="effort-chart">
    <Line
      v-if="ink && options"
      :key="String(effort.pulse)"
      :data="effortData(effort.curve, ink, effort.pulse)"
      :options="options"
      :plugins="[endMark(effort.curve, ink)]"
      role="img"
      :aria-label="say.effortChart.plannedEffortAndEstimated"
    />
  </div>
</template>

<style scoped>
.chart {
  position: relative;
  overflow: hidden;
  height: 9.5rem;
}
/* Out of the flow, or it would hold the page open at its old width when the window narrows. */
.chart :deep(canvas) {
  position: absolute;
}
</style>
