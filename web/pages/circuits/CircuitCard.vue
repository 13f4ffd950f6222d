<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import type { CircuitRecord } from '@prompt-spark/contract/circuit';
import { allSlots } from '@prompt-spark/core/circuit/circuit';
import { computed } from 'vue';
import CircuitFuse from '../../pieces/CircuitFuse.vue';
import { clock } from '../../pieces/clock.ts';
import { useLibraryStore } from '../../stores/library.ts';

/** A circuit in the list. */
const { record } = defineProps<{ record: CircuitRecord }>();
const emit = defineEmits<{ takeOut: [] }>();
const library = useLibraryStore();
const about = computed(() => {
  const { circuit, groupId } = record;
  const drills = allSlots(circuit).length;
  const parts = [library.groupOf(groupId)?.name, circuit.purpose, `${drills} drill${drills === 1 ? '' : 's'}`];
  const time = circuit.available ? `in ${clock(circuit.available)}` : '';
  return [...parts, time, circuit.tags.join(', ')].filter(Boolean).join(' · ');
});
</script>

<template>
  <article class="card">
    <div class="top">
      <h2>
        <RouterLink :to="`/circuits/${record.id}`">{{ record.circuit.title }}</RouterLink>
      </h2>
      <v-btn
        :icon="mdiClose"
        variant="text"
        size="small"
        :aria-label="`Take out ${record.circuit.title}`"
        @click="emit('takeOut')"
      />
    </div>
    <p class="soft small">{{ about }}</p>
    <CircuitFuse :circuit="record.circuit" :available="record.circuit.available" />
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
}
.card:hover {
  border-color: var(--soft);
}
.top {
  padding-right: 2.5rem;
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
.top .v-btn {
  position: absolute;
  top: 0.35rem;
  right: 0.35rem;
  z-index: 1;
}
</style>
