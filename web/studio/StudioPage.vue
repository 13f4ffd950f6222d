<script setup lang="ts">
import { ref } from 'vue';
import { useRoute } from 'vue-router';
import { useLoading } from '../loading/useLoading.ts';
import LoadingGate from '../loading/LoadingGate.vue';
import { useLibraryStore } from '../library/library.ts';
import { useStandardsStore } from '../library/standards.ts';
import ApproachList from './ApproachList.vue';
import ClockForm from './ClockForm.vue';
import MeasureList from './MeasureList.vue';
import PronunciationList from './PronunciationList.vue';
import SessionList from './SessionList.vue';
import SiteList from './SiteList.vue';
import TimesForm from './TimesForm.vue';
import WordList from './WordList.vue';
import { say } from './say.ts';

/** What the studio holds to: its approaches, what its main sessions need, what it measures, its sites, its words, and the seconds it counts with. */
const loading = useLoading(() => Promise.all([useStandardsStore().load(), useLibraryStore().load()]));
const part = ref<'approaches' | 'sessions' | 'measures' | 'sites' | 'words' | 'seconds' | 'clock'>(
  useRoute().query['part'] === 'measures' ? 'measures' : 'approaches',
);
</script>

<template>
  <section class="page">
    <h1>{{ say.studioPage.studio }}</h1>
    <v-tabs v-model="part" color="primary">
      <v-tab value="approaches">{{ say.studioPage.approaches }}</v-tab>
      <v-tab value="sessions">{{ say.studioPage.mainSessions }}</v-tab>
      <v-tab value="measures">{{ say.studioPage.measures }}</v-tab>
      <v-tab value="sites">{{ say.studioPage.places }}</v-tab>
      <v-tab value="words">{{ say.studioPage.ourWords }}</v-tab>
      <v-tab value="seconds">{{ say.studioPage.seconds }}</v-tab>
      <v-tab value="clock">{{ say.studioPage.dates }}</v-tab>
    </v-tabs>
    <LoadingGate :loading="loading">
      <ApproachList v-if="part === 'approaches'" />
      <SessionList v-else-if="part === 'sessions'" />
      <MeasureList v-else-if="part === 'measures'" />
      <SiteList v-else-if="part === 'sites'" />
      <template v-else-if="part === 'words'">
        <WordList />
        <PronunciationList />
      </template>
      <TimesForm v-else-if="part === 'seconds'" />
      <ClockForm v-else />
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
