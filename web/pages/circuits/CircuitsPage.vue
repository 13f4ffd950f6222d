<script setup lang="ts">
import type { Circuit } from '@prompt-spark/core';
import { allSlots, emptyCircuit } from '@prompt-spark/core/circuit/circuit';
import MiniSearch from 'minisearch';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { useLoading } from '../../composables/useLoading.ts';
import LoadingGate from '../../pieces/LoadingGate.vue';
import { useCircuitsStore } from '../../stores/circuits.ts';
import { useLibraryStore } from '../../stores/library.ts';
import { useStandardsStore } from '../../stores/standards.ts';
import StartFrom from './StartFrom.vue';
import CircuitCard from './CircuitCard.vue';

/** Every circuit of the studio, with its fuse; a new one begins here. */
const library = useLibraryStore();
const standards = useStandardsStore();
const circuits = useCircuitsStore();
const router = useRouter();
const wanted = ref('');
const gone = ref<{ id: string; title: string } | null>(null);
const trouble = ref('');
const starting = ref(false);
const loading = useLoading(() => Promise.all([library.load(), standards.load(), circuits.load()]));

const index = computed(() => {
  const search = new MiniSearch<{ id: string; text: string }>({
    fields: ['text'],
    searchOptions: { prefix: true, fuzzy: 0.2, combineWith: 'AND' },
  });
  search.addAll(
    circuits.records.map(({ id, groupId, circuit }) => ({
      id,
      text: [
        circuit.title,
        circuit.purpose,
        ...circuit.tags,
        library.groupOf(groupId)?.name ?? '',
        ...allSlots(circuit).map(({ drillId }) => library.drillOf(drillId)?.name ?? ''),
      ].join(' '),
    })),
  );
  return search;
});
const tags = computed(() => [...new Set(circuits.records.flatMap(({ circuit }) => circuit.tags))].toSorted());
const tag = ref('');
const shown = computed(() => {
  const tagged = circuits.records.filter(({ circuit }) => tag.value === '' || circuit.tags.includes(tag.value));
  if (wanted.value.trim() === '') return tagged;
  const found = new Set(index.value.search(wanted.value).map(({ id }) => String(id)));
  return tagged.filter(({ id }) => found.has(id));
});

function showAll(): void {
  wanted.value = '';
  tag.value = '';
}

function write(): Promise<void> {
  return keep(emptyCircuit('New circuit'), library.places.sites[0]?.id ?? null);
}

async function keep(circuit: Circuit, siteId: string | null): Promise<void> {
  trouble.value = '';
  try {
    const record = await circuits.add({ circuit, groupId: null, siteId });
    await router.push(`/circuits/${record.id}`);
  } catch (error) {
    trouble.value = error instanceof Error ? error.message : 'The circuit could not be made.';
  }
}

async function takeOut(id: string, title: string): Promise<void> {
  await circuits.takeOut(id);
  gone.value = { id, title };
}

async function bringBack(): Promise<void> {
  if (gone.value) await circuits.bringBack(gone.value.id);
  gone.value = null;
}
</script>

<template>
  <section class="page">
    <header>
      <h1>Circuits</h1>
      <v-text-field
        v-model="wanted"
        class="search"
        label="Find by title, purpose, group, tag or drill"
        clearable
        density="compact"
        @click:clear="wanted = ''"
      />
      <v-btn variant="outlined" :aria-expanded="starting" @click="starting = !starting">Start from an approach</v-btn>
      <v-btn @click="write">Write a new circuit</v-btn>
    </header>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <LoadingGate :loading="loading">
      <StartFrom v-if="starting" @take="keep" @close="starting = false" />
      <p v-if="tags.length" class="tags" role="group" aria-label="Tags">
        <v-chip
          v-for="one in tags"
          :key="one"
          tag="button"
          size="large"
          :variant="tag === one ? 'flat' : 'outlined'"
          :color="tag === one ? 'primary' : undefined"
          :aria-pressed="tag === one"
          @click="tag = tag === one ? '' : one"
          >{{ one }}</v-chip
        >
      </p>
      <ul v-if="shown.length" class="cards">
        <li v-for="record in shown" :key="record.id">
          <CircuitCard :record="record" @take-out="takeOut(record.id, record.circuit.title)" />
        </li>
      </ul>
      <div v-else-if="circuits.records.length" class="empty">
        <h2>No circuit answers to “{{ wanted || tag }}”</h2>
        <v-btn variant="outlined" @click="showAll">Show them all</v-btn>
      </div>
      <div v-else class="empty">
        <h2>No circuits yet</h2>
        <p class="soft">Type one as you would write it on the board; the clock is reckoned as you go.</p>
        <v-btn @click="write">Write a new circuit</v-btn>
      </div>
    </LoadingGate>
    <v-snackbar :model-value="gone !== null" :timeout="8000" @update:model-value="gone = null">
      “{{ gone?.title }}” is taken out.
      <template #actions
        ><v-btn variant="text" color="on-surface-variant" @click="bringBack">Bring it back</v-btn></template
      >
    </v-snackbar>
  </section>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.75rem 1.25rem;
  margin-bottom: 1.5rem;
}
.search {
  flex: 1 1 16rem;
  max-width: 24rem;
  margin-left: auto;
}
.tags {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  margin-bottom: 1rem;
}
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(26rem, 100%), 1fr));
  gap: 1rem;
  list-style: none;
}
.empty {
  display: grid;
  gap: 0.75rem;
  justify-items: start;
}
.trouble {
  color: var(--brick);
}
</style>
