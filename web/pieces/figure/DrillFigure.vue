<script setup lang="ts">
import type { Drill } from '@prompt-spark/core';
import type { Dose, Sides } from '@prompt-spark/core/dose/dose';
import { baseOf, type Variant } from '@prompt-spark/core/drills/drill';
import { beatOf } from '@prompt-spark/core/figure/beat';
import { preparedParts } from '@prompt-spark/core/figure/prepared';
import type { Side } from '@prompt-spark/core/figure/skeleton';
import type { Seconds } from '@prompt-spark/core/units';
import { useIntersectionObserver } from '@vueuse/core';
import { computed, ref, useTemplateRef } from 'vue';
import { useFiguresStore } from '../../stores/figures.ts';
import MovingFigure from './MovingFigure.vue';

/**
 * The figure of a rung of a drill, at the tempo of its dose. Its place stays empty until figures are there, and while it is
 * far out of sight: a library's worth of drawings would slow every frame.
 */
const {
  drill,
  variant = null,
  dose = null,
  sides = null,
  side = 'right',
  still,
  speed = 1,
  at = null,
  aspect = 1,
} = defineProps<{
  drill: Drill;
  variant?: Variant | null;
  dose?: Dose | null;
  sides?: Sides | null;
  side?: Side;
  still?: boolean;
  speed?: number;
  at?: Seconds | null;
  aspect?: number;
}>();
const figures = useFiguresStore();
const near = ref(false);
useIntersectionObserver(useTemplateRef('place'), ([entry]) => (near.value = entry?.isIntersecting ?? false), {
  rootMargin: '500px',
});
void figures.load();

const motion = computed(() => figures.motionOf(drill, variant ?? baseOf(drill)));
const beat = computed(() => motion.value && beatOf(motion.value, dose ?? drill.usual.dose));
const camera = computed(() => motion.value?.view ?? drill.view);
const prepared = computed(() => preparedParts(drill.targets));
/** A motion of one side takes turns where the dose does. */
const alternates = computed(() => (sides ?? drill.usual.sides) === 'alternate' && motion.value?.reps === 1);
</script>

<template>
  <div ref="place" class="place" :style="{ aspectRatio: aspect }">
    <MovingFigure
      v-if="near && motion && beat"
      :motion="motion"
      :beat="beat"
      :camera="camera"
      :side="side"
      :alternates="alternates"
      :prepared="prepared"
      :still="still"
      :speed="speed"
      :at="at"
      :aspect="aspect"
    />
  </div>
</template>
