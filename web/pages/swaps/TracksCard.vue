<script setup lang="ts">
import { MOST_TRACKS } from '@prompt-spark/core/limits/tracksFor';
import { computed } from 'vue';
import { useCrewStore } from '../../stores/crew.ts';

/** What the proposed tracks come to, and the one action that accepts them. */
const onlyOpen = defineModel<boolean>('onlyOpen', { required: true });
const everybody = defineModel<boolean>('everybody', { required: true });
const emit = defineEmits<{ accept: [] }>();
const crew = useCrewStore();

const most = computed(() => Math.max(0, ...crew.tracks.map(({ tracks }) => tracks.length)) + 1);
const served = computed(() => {
  const swapping = new Set(crew.tracks.flatMap(({ tracks }) => tracks.flatMap(({ people }) => people)));
  const alone = new Set(crew.tracks.flatMap(({ oneToOne }) => oneToOne));
  return { swapping: swapping.size, alone: alone.size, main: crew.crew.length - new Set([...swapping, ...alone]).size };
});
const WORDS = ['Nothing', 'One instruction', 'Two instructions', 'Three instructions'] as const;
const headline = computed(() => {
  const { alone } = served.value;
  const who = alone === 0 ? 'everybody' : alone === 1 ? 'all but one' : `all but ${alone}`;
  return `${WORDS[Math.min(most.value, MOST_TRACKS + 1)] ?? ''} a drill at most serve${most.value === 1 ? 's' : ''} ${who}.`;
});
const open = computed(() => crew.undecided.size);
</script>

<template>
  <div class="card">
    <p class="words">
      <strong>{{ headline }}</strong>
      <span class="soft">
        {{ served.main }} as planned throughout · {{ served.swapping }} on another track somewhere
        <template v-if="served.alone"> · {{ served.alone }} to be seen one-to-one</template>
      </span>
    </p>
    <v-checkbox v-model="onlyOpen" label="Only what is not accepted yet" density="compact" hide-details />
    <v-btn variant="text" @click="everybody = !everybody">{{
      everybody ? 'Tracks again' : 'One drill for everybody'
    }}</v-btn>
    <v-btn v-if="open" @click="emit('accept')">Accept the tracks</v-btn>
    <p v-else class="done small" role="status">Accepted</p>
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
  flex: 1 1 20rem;
}
.done {
  font-weight: 600;
  color: var(--moss);
}
</style>
