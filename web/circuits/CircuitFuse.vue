<script setup lang="ts">
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import type { Seconds } from '@prompt-spark/core/units';
import { computed } from 'vue';
import { useOccasionsStore } from '../occasion/occasions.ts';
import FuseStrip from '../fuse/FuseStrip.vue';

/** A circuit's fuse with how it stands against the time there is. */
const {
  circuit,
  available,
  siteId = null,
} = defineProps<{ circuit: Circuit; available: Seconds; siteId?: string | null }>();
const occasions = useOccasionsStore();
const timeline = computed(() => timeCircuit(circuit, occasions.at({ groupId: null, siteId })));
</script>

<template>
  <FuseStrip :segments="timeline.segments" :seconds="timeline.total.plan" :available="available" />
</template>
