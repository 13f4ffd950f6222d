<script setup lang="ts">
import type { SessionSummary } from '@prompt-spark/contract/session';
import { sketchedSegments } from '@prompt-spark/core/timeline/fuseSketch';
import { computed } from 'vue';
import TimeFuse from '../fuse/TimeFuse.vue';
import { usePlacesStore } from '../library/places.ts';
import { sessionTime } from './sessionTime.ts';

/** A session in the month: when, what, for whom, and its fuse. */
const { session } = defineProps<{ session: SessionSummary }>();
const places = usePlacesStore();
const segments = computed(() => sketchedSegments(session.fuse));
const about = computed(() =>
  [places.groupOf(session.groupId)?.name, session.coachName, session.runId ? 'done' : ''].filter(Boolean).join(' · '),
);
</script>

<template>
  <button type="button" :class="{ run: session.runId }">
    <span class="clock">{{ sessionTime(session) }}</span>
    <span class="title">{{ session.title }}</span>
    <TimeFuse class="fuse" :segments="segments" :available="session.minutes * 60" />
    <span class="about soft">{{ about }}</span>
  </button>
</template>

<style scoped>
button {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 0.15rem 0.4rem;
  width: 100%;
  min-height: 44px;
  padding: 0.3rem 0.4rem;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--ground);
  font: 400 var(--size-small) var(--text);
  color: var(--ink);
  text-align: left;
  cursor: pointer;
}
button:hover {
  border-color: var(--soft);
}
.run {
  border-color: transparent;
  background: none;
}
.clock {
  font-weight: 600;
}
.title,
.about {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.fuse,
.about {
  grid-column: 1 / -1;
}
</style>
