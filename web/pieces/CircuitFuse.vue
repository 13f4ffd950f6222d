<script setup lang="ts">
import { timeCircuit, type Circuit } from '@prompt-spark/core';
import type { Seconds } from '@prompt-spark/core/units';
import { computed } from 'vue';
import { useLibraryStore } from '../stores/library.ts';
import TimeFuse from './TimeFuse.vue';
import VerdictLine from './VerdictLine.vue';
import { verdictOn } from './verdict.ts';

/** A circuit's fuse with how it stands against the time there is. */
const {
  circuit,
  available,
  siteId = null,
} = defineProps<{ circuit: Circuit; available: Seconds; siteId?: string | null }>();
const library = useLibraryStore();
const timeline = computed(() => timeCircuit(circuit, library.settingAt(siteId)));
const verdict = computed(() => verdictOn(timeline.value.total.plan, available));
</script>

<template>
  <div class="strip">
    <TimeFuse :segments="timeline.segments" :effort-of="library.effortOf" :available="available" />
    <VerdictLine :verdict="verdict" class="small" />
  </div>
</template>

<style scoped>
.strip {
  display: grid;
  gap: 0.35rem;
}
</style>
