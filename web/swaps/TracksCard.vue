<script setup lang="ts">
import { MOST_TRACKS } from '@prompt-spark/core/swaps/tracksFor';
import { computed } from 'vue';
import { useGroupTracksStore } from '../sheet/store/groupTracks.ts';

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
const WORDS = ['no', 'one thing', 'two things', 'three things'] as const;
const headline = computed(() => {
  const { alone } = served.value;
  const who = alone === 0 ? 'everyone' : alone === 1 ? 'all but one' : `all but ${alone}`;
  return `At most ${WORDS[Math.min(most.value, MOST_TRACKS + 1)] ?? ''} to call at a time, and ${who} can join in.`;
});
const open = computed(() => groupTracks.toDecide.size);
</script>

<template>
  <div class="card">
    <p class="words">
      <strong>{{ headline }}</strong>
      <span class="soft">
        {{ served.main }} as planned throughout · {{ served.swapping }} do something else somewhere
        <template v-if="served.alone"> · {{ served.alone }} to be seen one-to-one</template>
      </span>
    </p>
    <v-checkbox v-model="onlyOpen" label="Only what is still to decide" density="compact" hide-details />
    <v-btn variant="text" @click="everybody = !everybody">{{
      everybody ? 'Back to suggestions' : 'One drill for everyone'
    }}</v-btn>
    <v-btn v-if="open" @click="emit('accept')">Use these</v-btn>
    <p v-else class="done small" role="status">In use</p>
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
