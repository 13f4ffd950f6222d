<script setup lang="ts">
import { sketchedSegments, type FuseSketch } from '@prompt-spark/core/timeline/fuseSketch';
import type { Seconds } from '@prompt-spark/core/units';
import { computed } from 'vue';
import FuseStrip from './FuseStrip.vue';

/** The fuse of a circuit in a list, from its sketch, with how it stands against the time there is. */
const { fuse, seconds, available } = defineProps<{ fuse: FuseSketch; seconds: Seconds; available: Seconds }>();
const segments = computed(() => sketchedSegments(fuse));
</script>

<template>
  <FuseStrip :segments="segments" :seconds="seconds" :available="available" />
</template>
