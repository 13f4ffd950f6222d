<script setup lang="ts">
import type { FitCurve } from '@prompt-spark/core/fit/search/fitCurve';
import { stepAt } from '@prompt-spark/core/fit/search/fitCurve';
import { Chart, Filler, LinearScale, LineElement, PointElement } from 'chart.js';
import { computed, useTemplateRef } from 'vue';
import { Line } from 'vue-chartjs';
import { useInk } from '../painting/useInk.ts';
import { clock } from '../wording/clock.ts';
import { AXIS_END, AXIS_WIDTH, budgetMark, curveData, curveOptions, fitSpan, type CurveInk } from './fitChart.ts';
import { say } from './say.ts';

/** Preparation kept against minutes, with the slider along its foot. */
Chart.register(LinearScale, PointElement, LineElement, Filler);
const { curve } = defineProps<{ curve: FitCurve }>();
const seconds = defineModel<number>({ required: true });
const STEP = 5;
/** The slider keeps this much room at both ends of its line. */
const KNOB = 8;
const host = useTemplateRef<HTMLElement>('host');
const ink = useInk(host, (colour): CurveInk => ({
  ink: colour('--ink'),
  soft: colour('--soft'),
  line: colour('--line'),
  curve: colour('--damson'),
  under: `color-mix(in srgb, ${colour('--straw')} 45%, transparent)`,
  spark: colour('--spark'),
}));
const span = computed(() => fitSpan(curve));
const step = computed(() => stepAt(curve, seconds.value));
const within = computed(() => Math.min(span.value.most, Math.max(span.value.least, seconds.value)));
const said = computed(() => {
  const kept = step.value
    ? say.fitChart.ofThePreparationKept(Math.round(100 * step.value.share))
    : say.fitChart.nothingIsAsShort;
  return say.fitChart.inTime(clock(seconds.value), kept);
});
</script>

<template>
  <div ref="host" class="curve">
    <p class="soft small title">{{ say.fitChart.preparationKept }}</p>
    <div class="chart">
      <Line
        v-if="ink"
        :key="`${String(seconds)} ${String(span.most)}`"
        :data="curveData(curve, span, ink)"
        :options="curveOptions(curve, span, ink)"
        :plugins="[budgetMark(curve, seconds, ink)]"
        role="img"
        :aria-label="said"
      />
    </div>
    <v-slider
      class="slider"
      :style="{ marginLeft: `${String(AXIS_WIDTH - KNOB)}px`, marginRight: `${String(AXIS_END - KNOB)}px` }"
      :model-value="within"
      :min="span.least"
      :max="span.most"
      :step="STEP"
      color="primary"
      track-size="3"
      thumb-size="20"
      hide-details
      :aria-label="say.fitChart.timeAvailable"
      :aria-valuetext="said"
      @update:model-value="(value) => (seconds = value)"
    />
  </div>
</template>

<style scoped>
.title {
  margin-left: 52px;
}
.chart {
  position: relative;
  overflow: hidden;
  height: 19rem;
}
/* Out of the flow, or it would hold the page open at its old width when the window narrows. */
.chart :deep(canvas) {
  position: absolute;
}
</style>
