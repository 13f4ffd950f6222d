<script setup lang="ts">
import type { Drill } from '@prompt-spark/core';
import type { Dose, Sides } from '@prompt-spark/core/dose/dose';
import { baseOf, type Variant } from '@prompt-spark/core/drills/drill';
import { beatOf } from '@prompt-spark/core/figure/beat';
import { preparedParts } from '@prompt-spark/core/figure/prepared';
import type { Side } from '@prompt-spark/core/figure/skeleton';
import type { Seconds } from '@prompt-spark/core/units';
import { computed } from 'vue';
import { useFiguresStore } from '../../stores/figures.ts';
import MovingFigure from './MovingFigure.vue';

/** The figure of a rung of a drill, at the tempo of its dose; its place stays empty until figures are there. */
const {
  drill,
  variant = null,
  dose = null,
  sides = null,
  side = 'right',
  moving = true,
  speed = 1,
  at = null,
  aspect = 1,
} = defineProps<{
  drill: Drill;
  variant?: Variant | null;
  dose?: Dose | null;
  sides?: Sides | null;
  side?: Side;
  moving?: boolean;
  speed?: number;
  at?: Seconds | null;
  aspect?: number;
}>();
const figures = useFiguresStore();
void figures.load();

const motion = computed(() => figures.motionOf(drill, variant ?? baseOf(drill)));
const beat = computed(() => motion.value && beatOf(motion.value, dose ?? drill.usual.dose));
const camera = computed(() => motion.value?.view ?? drill.view);
const prepared = computed(() => preparedParts(drill.targets));
/** A motion of one side takes turns where the dose does. */
const alternates = computed(() => (sides ?? drill.usual.sides) === 'alternate' && motion.value?.reps === 1);
</script>

<template>
  <div class="place" :style="{ aspectRatio: aspect }">
    <MovingFigure
      v-if="motion && beat"
      :motion="motion"
      :beat="beat"
      :camera="camera"
      :side="side"
      :alternates="alternates"
      :prepared="prepared"
      :moving="moving"
      :speed="speed"
      :at="at"
      :aspect="aspect"
    />
  </div>
</template>
