<script setup lang="ts">
import type { Seconds } from '@prompt-spark/core/units';
import { computed } from 'vue';
import { GROUND_DASH, LOOK, type LayerLook, type LookName } from './figureLayers.ts';
import { figurePaths, UNIT } from './figurePaths.ts';
import { momentOf, sceneOf, type Shot } from './figureShot.ts';

/** A drill's figure at one moment of its motion, as an SVG: crisp at any size and in print. */
const { shot, at } = defineProps<{ shot: Shot; at: Seconds }>();

const scene = computed(() => sceneOf(shot));
const viewBox = computed(() => {
  const { x, y, width, height } = scene.value.frame;
  return [x, y, width, height].map((value) => value * UNIT).join(' ');
});
const moment = computed(() => momentOf(shot, scene.value, at));
const paths = computed(() => figurePaths(moment.value.drawing));

function look(layer: LookName): Record<string, string | number> {
  const { stroke, width = 0, fill }: LayerLook = LOOK[layer];
  return {
    ...(stroke ? { stroke: `var(${stroke})`, strokeWidth: width } : {}),
    ...(fill ? { fill: `var(${fill})` } : {}),
  };
}
</script>

<template>
  <svg class="figure" :viewBox="viewBox" aria-hidden="true" focusable="false">
    <path
      class="ground"
      :style="look('ground')"
      :d="scene.ground"
      :stroke-dasharray="GROUND_DASH"
      :stroke-dashoffset="moment.shift.toFixed(0)"
    />
    <path :style="look('heading')" :d="scene.heading" />
    <g :transform="`translate(${moment.brought} 0)`">
      <path v-for="({ look: name, path }, place) in paths" :key="place" :class="name" :style="look(name)" :d="path" />
    </g>
  </svg>
</template>

<style scoped>
.figure {
  display: block;
  width: 100%;
  height: 100%;
  overflow: hidden;
  contain: strict;
  fill: none;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.ground {
  stroke-linecap: butt;
}
</style>
