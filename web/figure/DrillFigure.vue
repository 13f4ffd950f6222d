<script setup lang="ts">
import type { Drill } from '@prompt-spark/core/drills/drill';
import type { Dose, Sides } from '@prompt-spark/core/dose/dose';
import { baseOf, type Variant } from '@prompt-spark/core/drills/drill';
import { beatOf } from '@prompt-spark/core/figure/beat';
import { buildFor } from '@prompt-spark/core/figure/build';
import { preparedParts } from '@prompt-spark/core/figure/prepared';
import type { Side } from '@prompt-spark/core/figure/skeleton';
import type { Seconds } from '@prompt-spark/core/units';
import { usePreferredReducedMotion } from '@vueuse/core';
import { computed, useTemplateRef } from 'vue';
import { useInSight } from '../painting/useInSight.ts';
import { useTurn } from '../painting/useTurn.ts';
import { useFiguresStore } from './figures.ts';
import { canFilm } from './filmWork.ts';
import FigureFilm from './FigureFilm.vue';
import FigurePicture from './FigurePicture.vue';
import type { Shot } from './figureShot.ts';
import { keyMoment } from './figureTime.ts';

/**
 * The figure of a rung of a drill, at the tempo of its dose: moving by itself, held at its telling moment, or at the moment
 * that somebody else keeps. It is held for people who ask for less motion. Says nothing to a screen reader: the words beside it do.
 * Its place stays empty until figures are there, and while it is far out of sight: a library's worth of drawings would slow
 * every frame.
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
  /** Seconds into the motion, where somebody else keeps the time. */
  at?: Seconds | null;
  aspect?: number;
}>();
const figures = useFiguresStore();
const near = useInSight(useTemplateRef<HTMLElement>('place'), 500);
void figures.load();

const motion = computed(() => (near.value ? figures.motionOf(drill, variant ?? baseOf(drill)) : undefined));
const beat = computed(() => motion.value && beatOf(motion.value, dose ?? drill.usual.dose));
/** The first drawing of one takes a phone a while: they come one after the other. */
const drawn = useTurn(computed(() => motion.value !== undefined));
const prepared = computed(() => preparedParts(drill.targets));
/** A motion of one side takes turns where the dose does. */
const alternates = computed(() => (sides ?? drill.usual.sides) === 'alternate' && motion.value?.reps === 1);
const less = usePreferredReducedMotion();
const held = computed(() => still || at !== null || less.value === 'reduce' || !canFilm);
/** What both ways of drawing it ask for; undefined while there are no figures, or far out of sight. */
const shot = computed((): Shot | undefined => {
  if (!drawn.value || !motion.value || !beat.value) return undefined;
  return {
    motion: motion.value,
    beat: beat.value,
    camera: motion.value.view ?? drill.view,
    side,
    alternates: alternates.value,
    prepared: prepared.value,
    build: buildFor(drill.id),
    aspect,
  };
});
const cut = computed(() => shot.value && { shot: shot.value, speed });
const moment = computed(() => {
  if (at !== null && less.value !== 'reduce') return at;
  return motion.value && beat.value ? keyMoment(motion.value, beat.value) : 0;
});
</script>

<template>
  <div ref="place" class="place" :style="{ aspectRatio: aspect }">
    <FigurePicture v-if="shot && held" :shot="shot" :at="moment" />
    <FigureFilm v-else-if="cut" :cut="cut" />
  </div>
</template>
