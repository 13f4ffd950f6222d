<script setup lang="ts">
import { MOST_TRACKS } from '@prompt-spark/core/swaps/tracksFor';
import { computed } from 'vue';
import { useGroupTracksStore } from '../sheet/store/groupTracks.ts';
import { say } from './say.ts';

/** What the proposed tracks come to, and the one action that accepts them. */
const onlyOpen = defineModel<boolean>('onlyOpen', { required: true });
const everybody = defineModel<boolean>('everybody', { required: true });
const emit = defineEmits<{ accept: [] }>();
const groupTracks = useGroupTracksStore();

const most = computed(() => Math.max(0, ...groupTracks.tracks.map(({ tracks }) => tracks.length)) + 1);
const served = computed(() => {
  const swapping = new Set(groupTracks.tracks.flatMap(({ tracks }) => tracks.flatMap(({ people }) => people)));
  const alone = new Set(groupTracks.tracks.flatMap(({ oneToOne }) => oneToOne));
  return {
    swapping: swapping.size,
    alone: alone.size,
    main: groupTracks.people.length - new Set([...swapping, ...alone]).size,
  };
});
const headline = computed(() => {
  const { alone } = served.value;
  return say.tracksCard.headline(Math.min(most.value, MOST_TRACKS + 1), alone);
});
const open = computed(() => groupTracks.toDecide.size);
</script>

<template>
  <div class="card">
    <p class="words">
      <strong>{{ headline }}</strong>
      <span class="soft">
        {{ say.tracksCard.howMany(served.main, served.swapping) }}
        <template v-if="served.alone"> {{ say.tracksCard.oneToOne(served.alone) }}</template>
      </span>
    </p>
    <v-checkbox v-model="onlyOpen" :label="say.tracksCard.onlyWhatIsStill" density="compact" hide-details />
    <v-btn variant="text" @click="everybody = !everybody">{{
      everybody ? say.tracksCard.backToSuggestions : say.tracksCard.oneDrillForEveryone
    }}</v-btn>
    <v-btn v-if="open" @click="emit('accept')">{{ say.tracksCard.useThese }}</v-btn>
    <p v-else class="done small" role="status">{{ say.tracksCard.inUse }}</p>
  </div>
</template>

<style scoped>
.card {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem 1rem;
  padding: 0.75rem 1rem;
  border: 1px solid var(--line);
  border-radius: 12px;
  background: var(--card);
}
.words {
  display: grid;
  flex: 1 1 100%;
}
.done {
  font-weight: 600;
  color: var(--moss);
}
</style>
