<script setup lang="ts">
import type { Site, SiteDetails } from '@prompt-spark/contract/studio';
import { computed, defineAsyncComponent, ref } from 'vue';
import { usePlacesStore } from '../library/places.ts';
import { useAction } from '../shell/useAction.ts';
import { say } from './say.ts';

const SiteForm = defineAsyncComponent(() => import('../studio/SiteForm.vue'));

/** Asks a new studio once what there is at its one place: nothing is planned then that it lacks. */
const { site } = defineProps<{ site: Site }>();
const places = usePlacesStore();
const { busy, act } = useAction();
const telling = ref(false);
const start = computed((): SiteDetails => {
  const { id: _, version: __, ...details } = site;
  return details;
});

/** Saved as it is, it has been looked at, and is not asked about again. */
const leave = () => act(() => places.keepSite(site.id, start.value));
</script>

<template>
  <section class="first" aria-labelledby="first-place">
    <h2 id="first-place">{{ say.firstPlace.whatIsThereWhere }}</h2>
    <template v-if="telling">
      <SiteForm :id="site.id" :start="start" @done="telling = false" />
    </template>
    <template v-else>
      <p class="soft">
        {{ say.firstPlace.matsBandsLanes }}
      </p>
      <p class="acts">
        <v-btn @click="telling = true">{{ say.firstPlace.sayWhatIsThere }}</v-btn>
        <v-btn variant="text" :loading="busy" @click="leave">{{ say.firstPlace.notNow }}</v-btn>
      </p>
    </template>
  </section>
</template>

<style scoped>
.first {
  display: grid;
  gap: 0.75rem;
  padding: 1.25rem;
  margin-bottom: 1.5rem;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--card);
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
</style>
