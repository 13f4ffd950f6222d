<script setup lang="ts">
import { timeCircuit, type Circuit } from '@prompt-spark/core';
import type { Seconds } from '@prompt-spark/core/units';
import { computed } from 'vue';
import { useLibraryStore } from '../stores/library.ts';
import FuseStrip from './FuseStrip.vue';

/** A circuit's fuse with how it stands against the time there is. */
const {
  circuit,
  available,
  siteId = null,
} = defineProps<{ circuit: Circuit; available: Seconds; siteId?: string | null }>();
const library = useLibraryStore();
const timeline = computed(() => timeCircuit(circuit, library.settingAt(siteId)));
</script>

<template>
  <FuseStrip
    :segments="timeline.segments"
    :effort-of="library.effortOf"
    :seconds="timeline.total.plan"
    :available="available"
  />
</template>
