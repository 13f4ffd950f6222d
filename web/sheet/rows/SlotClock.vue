<script setup lang="ts">
import { timeOfDay } from '@prompt-spark/core/circuit/wallClock';
import { computed } from 'vue';
import { clock } from '../../wording/clock.ts';
import { useSheetStore } from '../store/sheet.ts';

/** When a slot begins. By itself, because every change moves the clocks of all rows below it, and seldom the rows. */
const { slotId } = defineProps<{ slotId: string }>();
const sheet = useSheetStore();
const start = computed(() => sheet.slotTimes.get(slotId)?.start);
const wall = computed(() =>
  start.value !== undefined && sheet.begins !== undefined ? timeOfDay(sheet.begins + start.value) : '',
);
</script>

<template>
  <span class="clock at"
    >{{ start === undefined ? '–' : clock(start) }}<span v-if="wall" class="wall">{{ wall }}</span></span
  >
</template>

<style scoped>
.at {
  padding-top: 0.95rem;
  text-align: right;
  font-weight: 500;
  font-size: 0.9375rem;
  color: var(--soft);
}
.wall {
  display: block;
  font-size: var(--size-small);
  font-weight: 400;
}
@media (max-width: 700px) {
  .at {
    font-size: var(--size-small);
  }
}
</style>
