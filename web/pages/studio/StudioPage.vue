<script setup lang="ts">
import { ref } from 'vue';
import { useLoading } from '../../composables/useLoading.ts';
import LoadingGate from '../../pieces/LoadingGate.vue';
import { useLibraryStore } from '../../stores/library.ts';
import { useStandardsStore } from '../../stores/standards.ts';
import ApproachList from './ApproachList.vue';
import SessionList from './SessionList.vue';
import SiteList from './SiteList.vue';

/** What the studio holds to: its approaches, what its main sessions need, and its sites. */
const loading = useLoading(() => Promise.all([useStandardsStore().load(), useLibraryStore().load()]));
const part = ref<'approaches' | 'sessions' | 'sites'>('approaches');
</script>

<template>
  <section class="page">
    <h1>Studio</h1>
    <v-tabs v-model="part" color="primary">
      <v-tab value="approaches">Approaches</v-tab>
      <v-tab value="sessions">Main sessions</v-tab>
      <v-tab value="sites">Sites</v-tab>
    </v-tabs>
    <LoadingGate :loading="loading">
      <ApproachList v-if="part === 'approaches'" />
      <SessionList v-else-if="part === 'sessions'" />
      <SiteList v-else />
    </LoadingGate>
  </section>
</template>

<style scoped>
.page {
  display: grid;
  gap: 1rem;
  align-content: start;
}
</style>
