<script setup lang="ts">
import { useDevicePixelRatio, useElementSize } from '@vueuse/core';
import { onMounted, onScopeDispose, useTemplateRef, watch } from 'vue';
import { useAfterPaint } from '../painting/useAfterPaint.ts';
import { useInSight } from '../painting/useInSight.ts';
import { inkOf } from '../painting/useInk.ts';
import { FilmWork } from './filmWork.ts';
import { figureInk } from './figureCanvas.ts';
import type { FilmCut } from './films.ts';

/**
 * A drill's figure moving at its beat while it can be seen, painted beside the page on a canvas of its own: sixty of them,
 * each changed in every frame, are painted in time, which as many SVGs in the page are not.
 */
const { cut } = defineProps<{ cut: FilmCut }>();

const stand = useTemplateRef<HTMLElement>('stand');
const canvas = useTemplateRef<HTMLCanvasElement>('canvas');
const { width, height } = useElementSize(stand);
const { pixelRatio } = useDevicePixelRatio();
let film: FilmWork | undefined;

onMounted(() => {
  if (!canvas.value) return;
  film = new FilmWork(canvas.value, figureInk(inkOf(canvas.value)));
  film.show(cut);
});
onScopeDispose(() => film?.end());
// A letter typed in a dose changes its beat, and is painted first.
watch(useAfterPaint(() => cut).shown, (next) => film?.show(next));
watch(useInSight(stand), (seen) => film?.seen(seen));

/** On whole pixels of the screen: between them a canvas is blurred, and takes twice as long to be put on the page. */
watch([width, height, pixelRatio], ([across, down, ratio]) => {
  if (!canvas.value || !stand.value) return;
  const { x, y } = stand.value.getBoundingClientRect();
  const [wide, high] = [Math.floor(across * ratio), Math.floor(down * ratio)];
  Object.assign(canvas.value.style, {
    width: `${wide / ratio}px`,
    height: `${high / ratio}px`,
    left: `${Math.round(x * ratio) / ratio - x}px`,
    top: `${Math.round(y * ratio) / ratio - y}px`,
  });
  film?.size(wide, high);
});
</script>

<template>
  <div ref="stand" class="stand">
    <canvas ref="canvas" aria-hidden="true" />
  </div>
</template>

<style scoped>
.stand {
  position: relative;
  height: 100%;
  overflow: hidden;
}
canvas {
  position: absolute;
}
</style>
