<script setup lang="ts">
import { sketchedSegments, type FuseSegment, type FuseSketch } from '@prompt-spark/core/timeline/fuseSketch';
import type { Effort, Seconds } from '@prompt-spark/core/units';
import { computed } from 'vue';
import FuseStrip from './FuseStrip.vue';

/** The fuse of a circuit in a list, from its sketch, with how it stands against the time there is. */
const { fuse, seconds, available } = defineProps<{ fuse: FuseSketch; seconds: Seconds; available: Seconds }>();
const segments = computed(() => sketchedSegments(fuse));
const efforts = computed(() => new Map<FuseSegment, Effort>(segments.value.map((one) => [one, one.effort])));
const effortOf = computed(() => {
  const known = efforts.value;
  return (segment: FuseSegment): Effort => known.get(segment) ?? 0;
});
</script>

<template>
  <FuseStrip :segments="segments" :effort-of="effortOf" :seconds="seconds" :available="available" />
</template>
