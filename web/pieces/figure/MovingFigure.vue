<script setup lang="ts">
import { beatSeconds, type Beat } from '@prompt-spark/core/figure/beat';
import { drawingAt } from '@prompt-spark/core/figure/drawing';
import { frameOf } from '@prompt-spark/core/figure/frame';
import type { Camera, Motion } from '@prompt-spark/core/figure/motion';
import type { Part } from '@prompt-spark/core/figure/pose';
import type { Side } from '@prompt-spark/core/figure/skeleton';
import type { Seconds } from '@prompt-spark/core/units';
import { useIntersectionObserver, usePreferredReducedMotion } from '@vueuse/core';
import { computed, onScopeDispose, ref, useTemplateRef, watch } from 'vue';
import { figurePaths, LAYERS, type Layer } from './figurePaths.ts';
import { everyFrame } from './frames.ts';
import { groundPath, groundShift, headingPath, keyMoment, loopSide } from './figureTime.ts';

/**
 * A drill's figure, drawn from pure numbers and moving at its beat while it can be seen. Whoever asks for less motion sees
 * it hold its telling moment. Says nothing to a screen reader: the words beside it do.
 */
const {
  motion,
  beat,
  camera,
  side = 'right',
  alternates = false,
  prepared = [],
  moving = true,
  speed = 1,
  at = null,
  aspect = 1,
} = defineProps<{
  motion: Motion;
  beat: Beat;
  camera: Camera;
  side?: Side;
  /** Turns to the other side every loop. */
  alternates?: boolean;
  prepared?: readonly Part[];
  moving?: boolean;
  speed?: number;
  /** Seconds into the motion, where somebody else keeps the time. */
  at?: Seconds | null;
  aspect?: number;
}>();

const svg = useTemplateRef<SVGSVGElement>('svg');
const layers = new Map<Layer, SVGPathElement>();
const ground = useTemplateRef<SVGPathElement>('ground');
const body = useTemplateRef<SVGGElement>('body');
const seen = ref(false);
const less = usePreferredReducedMotion();
const runs = computed(() => moving && at === null && seen.value && less.value !== 'reduce');
const frame = computed(() => frameOf(motion, camera, aspect));
const viewBox = computed(() => `${frame.value.x} ${frame.value.y} ${frame.value.width} ${frame.value.height}`);
/** A figure turned to the left is drawn left of where it stands to the right: this brings it back into the picture. */
const brought = computed(() => `translate(${2 * frame.value.x + frame.value.width} 0)`);

let elapsed: Seconds = keyMoment(motion, beat);
let last: Seconds | undefined;

function paint(time: Seconds): void {
  const turned = alternates ? loopSide(side, Math.floor(time / beatSeconds(beat))) : side;
  if (turned === 'left') body.value?.setAttribute('transform', brought.value);
  else body.value?.removeAttribute('transform');
  const paths = figurePaths(drawingAt(motion, beat, turned, time, camera, prepared));
  for (const layer of LAYERS) layers.get(layer)?.setAttribute('d', paths[layer]);
  ground.value?.setAttribute('stroke-dashoffset', groundShift(motion, beat, camera, turned, time).toFixed(4));
}

function tick(now: Seconds): void {
  elapsed += (now - (last ?? now)) * speed;
  last = now;
  paint(elapsed);
}

let stop: (() => void) | undefined;
watch(
  runs,
  (on) => {
    stop?.();
    last = undefined;
    stop = on ? everyFrame(tick) : undefined;
  },
  { immediate: true },
);
onScopeDispose(() => stop?.());
useIntersectionObserver(svg, ([entry]) => (seen.value = entry?.isIntersecting ?? false));

function take(layer: Layer, element: unknown): void {
  if (element instanceof SVGPathElement) layers.set(layer, element);
}

watch(
  [() => [motion, beat, camera, side, at, prepared, less.value], svg],
  () => {
    if (at !== null) elapsed = less.value === 'reduce' ? keyMoment(motion, beat) : at;
    else if (!runs.value) elapsed = keyMoment(motion, beat);
    paint(elapsed);
  },
  { flush: 'post', immediate: true },
);
</script>

<template>
  <svg ref="svg" class="figure" :viewBox="viewBox" aria-hidden="true" focusable="false">
    <path v-if="camera !== 'above'" ref="ground" class="ground" :d="groundPath(frame)" />
    <path class="heading" :d="headingPath(motion, camera, side, frame)" />
    <g ref="body">
      <path v-for="layer in LAYERS" :key="layer" :ref="(element) => take(layer, element)" :class="layer" />
    </g>
  </svg>
</template>

<style scoped>
.figure {
  display: block;
  width: 100%;
  height: 100%;
  overflow: hidden;
  fill: none;
  stroke: var(--ink);
  stroke-linecap: round;
  stroke-linejoin: round;
}
.ground {
  stroke: var(--soft);
  stroke-width: 0.009;
  stroke-dasharray: 0.03 0.03;
  stroke-linecap: butt;
}
.heading {
  stroke: var(--soft);
  stroke-width: 0.011;
}
.behind {
  stroke: var(--line);
  stroke-width: 0.02;
}
.props,
.solids {
  stroke: color-mix(in srgb, var(--soft) 82%, var(--ground));
  stroke-width: 0.013;
}
.solids {
  fill: color-mix(in srgb, var(--soft) 82%, var(--ground));
}
.partner {
  stroke: color-mix(in srgb, var(--soft) 45%, var(--ground));
  stroke-width: 0.034;
}
.far {
  stroke: color-mix(in srgb, var(--soft) 72%, var(--ground));
  stroke-width: 0.034;
}
.trunk {
  stroke-width: 0.05;
}
.near {
  stroke-width: 0.042;
}
.nose {
  stroke-width: 0.024;
}
.head {
  fill: var(--ink);
  stroke: none;
}
.prepared {
  fill: var(--spark);
  stroke: var(--card);
  stroke-width: 0.008;
}
</style>
