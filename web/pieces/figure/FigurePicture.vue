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
import { figurePaths, LAYERS, UNIT, type Layer } from './figurePaths.ts';
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
  alternates,
  prepared = [],
  still,
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
  still?: boolean;
  speed?: number;
  /** Seconds into the motion, where somebody else keeps the time. */
  at?: Seconds | null;
  aspect?: number;
}>();

const svg = useTemplateRef<SVGSVGElement>('svg');
const layers = new Map<Layer, SVGPathElement>();
const drawn = new Map<Layer, string>();
const ground = useTemplateRef<SVGPathElement>('ground');
const body = useTemplateRef<SVGGElement>('body');
const seen = ref(false);
const less = usePreferredReducedMotion();
const runs = computed(() => !still && at === null && seen.value && less.value !== 'reduce');
const frame = computed(() => frameOf(motion, camera, aspect));
const viewBox = computed(() => {
  const { x, y, width, height } = frame.value;
  return [x, y, width, height].map((value) => value * UNIT).join(' ');
});
/** A figure turned to the left is drawn left of where it stands to the right: this brings it back into the picture. */
const brought = computed(() => `translate(${UNIT * (2 * frame.value.x + frame.value.width)} 0)`);

let elapsed: Seconds = keyMoment(motion, beat);
let last: Seconds | undefined;

function paint(time: Seconds): void {
  const turned = alternates ? loopSide(side, Math.floor(time / beatSeconds(beat))) : side;
  if (turned === 'left') body.value?.setAttribute('transform', brought.value);
  else body.value?.removeAttribute('transform');
  const paths = figurePaths(drawingAt(motion, beat, turned, time, camera, prepared));
  for (const layer of LAYERS) {
    // What stands still is not drawn again.
    const path = layers.get(layer);
    if (!path || drawn.get(layer) === paths[layer]) continue;
    drawn.set(layer, paths[layer]);
    path.setAttribute('d', paths[layer]);
  }
  ground.value?.setAttribute('stroke-dashoffset', groundShift(motion, beat, camera, turned, time).toFixed(0));
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
  contain: strict;
  fill: none;
  stroke: var(--ink);
  stroke-linecap: round;
  stroke-linejoin: round;
}
.ground {
  stroke: var(--soft);
  stroke-width: 90;
  stroke-dasharray: 300 300;
  stroke-linecap: butt;
}
.heading {
  stroke: var(--soft);
  stroke-width: 110;
}
.behind {
  stroke: var(--line);
  stroke-width: 200;
}
.props,
.solids {
  stroke: color-mix(in srgb, var(--soft) 82%, var(--ground));
  stroke-width: 130;
}
.solids {
  fill: color-mix(in srgb, var(--soft) 82%, var(--ground));
}
.partner {
  stroke: color-mix(in srgb, var(--soft) 45%, var(--ground));
  stroke-width: 340;
}
.far {
  stroke: color-mix(in srgb, var(--soft) 72%, var(--ground));
  stroke-width: 340;
}
.near {
  stroke-width: 440;
}
.head {
  fill: var(--ink);
  stroke-width: 220;
}
.prepared {
  fill: var(--spark);
  stroke: var(--card);
  stroke-width: 80;
}
</style>
