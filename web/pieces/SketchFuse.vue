<script setup lang="ts">
import { sketchedSegments, type FuseSegment, type FuseSketch } from '@prompt-spark/core/timeline/fuseSketch';
import type { Effort, Seconds } from '@prompt-spark/core/units';
import { computed } from 'vue';
import TimeFuse from './TimeFuse.vue';
import VerdictLine from './VerdictLine.vue';
import { verdictOn } from './verdict.ts';

/** The fuse of a circuit in a list, from its sketch, with how it stands against the time there is. */
const { fuse, seconds, available } = defineProps<{ fuse: FuseSketch; seconds: Seconds; available: Seconds }>();
const segments = computed(() => sketchedSegments(fuse));
const efforts = computed(() => new Map<FuseSegment, Effort>(segments.value.map((one) => [one, one.effort])));
const effortOf = computed(() => {
  const known = efforts.value;
  return (segment: FuseSegment): Effort => known.get(segment) ?? 0;
});
const verdict = computed(() => verdictOn(seconds, available));
</script>

<template>
  <div class="strip">
    <TimeFuse :segments="segments" :effort-of="effortOf" :available="available" />
    <VerdictLine :verdict="verdict" class="small" />
  </div>
</template>

<style scoped>
.strip {
  display: grid;
  gap: 0.35rem;
}
</style>
