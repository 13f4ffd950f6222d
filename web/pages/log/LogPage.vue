<script setup lang="ts">
import { useLoading } from '../../composables/useLoading.ts';
import LoadingGate from '../../pieces/LoadingGate.vue';
import { useRunsStore } from '../../stores/runs.ts';
import RunEntry from './RunEntry.vue';

/** Sessions as they were run, last first. */
const runs = useRunsStore();
const loading = useLoading(runs.load);
</script>

<template>
  <section class="page">
    <header>
      <h1>Log</h1>
      <p v-if="runs.waiting" class="waiting" role="status">
        {{ runs.waiting }} record{{ runs.waiting === 1 ? '' : 's' }} kept in this browser until the server can be
        reached
      </p>
    </header>
    <LoadingGate :loading="loading">
      <ol v-if="runs.runs.length">
        <li v-for="(run, index) in runs.runs" :key="run.id"><RunEntry :run="run" :first="index === 0" /></li>
      </ol>
      <div v-else class="empty">
        <h2>Nothing has been run yet</h2>
        <p class="soft">Start a circuit; when it ends, what every slot really took is kept here beside the plan.</p>
        <v-btn to="/today">Go to Today</v-btn>
      </div>
    </LoadingGate>
  </section>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0.5rem 1.5rem;
  margin-bottom: 1.25rem;
}
.waiting {
  font-weight: 600;
  color: var(--brick);
}
ol {
  display: grid;
  list-style: none;
}
.empty {
  display: grid;
  gap: 0.75rem;
  justify-items: start;
}
</style>
