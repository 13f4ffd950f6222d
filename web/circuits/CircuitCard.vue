<script setup lang="ts">
import { mdiContentCopy } from '@mdi/js';
import type { CircuitSummary } from '@prompt-spark/contract/circuit';
import { computed } from 'vue';
import { clock } from '../wording/clock.ts';
import CloseButton from '../shell/CloseButton.vue';
import IconButton from '../shell/IconButton.vue';
import SketchFuse from '../fuse/SketchFuse.vue';
import { usePlacesStore } from '../library/places.ts';
import { say } from './say.ts';

/** A circuit in the list. */
const { circuit } = defineProps<{ circuit: CircuitSummary }>();
const emit = defineEmits<{ copy: []; takeOut: [] }>();
const places = usePlacesStore();
const about = computed(() => {
  const { drills, groupId, purpose, available, tags } = circuit;
  const parts = [places.groupOf(groupId)?.name, purpose, say.circuitCard.drills(drills)];
  const time = available ? say.circuitCard.inTime(clock(available)) : '';
  return [...parts, time, tags.join(', ')].filter(Boolean).join(' · ');
});
</script>

<template>
  <article class="card">
    <div class="top">
      <h2>
        <RouterLink :to="`/circuits/${circuit.id}`">{{ circuit.title }}</RouterLink>
      </h2>
      <IconButton
        class="copy"
        :path="mdiContentCopy"
        :label="say.circuitCard.copyCircuit(circuit.title)"
        @click="emit('copy')"
      />
      <CloseButton :label="say.circuitCard.removeCircuit(circuit.title)" @click="emit('takeOut')" />
    </div>
    <p class="soft small">{{ about }}</p>
    <SketchFuse :fuse="circuit.fuse" :seconds="circuit.seconds" :available="circuit.available" />
  </article>
</template>

<style scoped>
.card {
  position: relative;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.4rem;
  padding: 0.9rem 1.25rem 1rem;
  border: 1px solid var(--line);
  border-radius: 14px;
  background: var(--card);
  /* A long list lays out and paints only the cards near the window. */
  content-visibility: auto;
  contain-intrinsic-height: auto 9rem;
}
.card:hover {
  border-color: var(--soft);
}
.top {
  padding-right: 5.25rem;
}
h2 {
  font-size: 1.2rem;
}
h2 a {
  color: inherit;
  font-weight: inherit;
  text-decoration: none;
}
h2 a::after {
  position: absolute;
  inset: 0;
  content: '';
}
.top .close,
.top .copy {
  position: absolute;
  top: 0.35rem;
  right: 0.35rem;
  z-index: 1;
}
.top .copy {
  right: calc(0.35rem + 44px);
}
</style>
