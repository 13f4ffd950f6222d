<script setup lang="ts">
import type { FuseSegment } from '@prompt-spark/core/timeline/fuseSketch';
import type { Seconds } from '@prompt-spark/core/units';
import { computed } from 'vue';
import TimeFuse from './TimeFuse.vue';
import VerdictLine from './VerdictLine.vue';
import { verdictOn } from './verdict.ts';

/** A fuse with how it stands against the time there is. */
const { segments, seconds, available } = defineProps<{
  segments: readonly FuseSegment[];
  seconds: Seconds;
  available: Seconds;
}>();
const verdict = computed(() => verdictOn(seconds, available));
</script>

<template>
  <div class="strip">
    <TimeFuse :segments="segments" :available="available" />
    <VerdictLine :verdict="verdict" class="small" />
  </div>
</template>

<style scoped>
.strip {
  display: grid;
  gap: 0.35rem;
}
</style>
