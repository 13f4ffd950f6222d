<script setup lang="ts">
import { PHASES, type Phase } from '@prompt-spark/core/drills/phase';
import MiniSearch from 'minisearch';
import { computed, ref } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { phaseName } from '../../pieces/fuseShape.ts';
import { useDeskStore } from '../../stores/desk.ts';
import { useLibraryStore } from '../../stores/library.ts';

/** Drills to put in: found by name or alias, narrowed by phase; dragged, clicked, or put in with Enter. */
const emit = defineEmits<{ inserted: [] }>();
const library = useLibraryStore();
const desk = useDeskStore();
const wanted = ref('');
const phase = ref<Phase | null>(null);
const phases = PHASES.map((value) => ({ value, title: phaseName(value) }));

const index = computed(() => {
  const search = new MiniSearch<{ id: string; name: string; aliases: string }>({
    fields: ['name', 'aliases'],
    searchOptions: { prefix: true, fuzzy: 0.25, combineWith: 'AND', boost: { name: 2 } },
  });
  search.addAll(library.library.drills.map(({ id, name, aliases }) => ({ id, name, aliases: aliases.join(', ') })));
  return search;
});
const found = computed(() => {
  const all =
    wanted.value.trim() === ''
      ? library.library.drills
      : index.value.search(wanted.value).flatMap(({ id }) => library.drillOf(String(id)) ?? []);
  return all.filter((drill) => phase.value === null || drill.phases.includes(phase.value));
});

function insert(id: string): void {
  desk.insertDrill(id);
  emit('inserted');
}

function insertFirst(): void {
  const [first] = found.value;
  if (first) insert(first.id);
}
</script>

<template>
  <aside class="drawer" aria-label="Drills">
    <div class="search">
      <v-text-field
        v-model="wanted"
        label="Find a drill"
        density="compact"
        clearable
        @click:clear="wanted = ''"
        @keydown.enter.prevent="insertFirst"
      />
      <v-select v-model="phase" label="Phase" density="compact" :items="phases" clearable />
    </div>
    <VueDraggable
      class="list"
      tag="ul"
      :model-value="[...found]"
      :group="{ name: 'lines', pull: 'clone', put: false }"
      :sort="false"
      :animation="120"
    >
      <li v-for="drill in found" :key="drill.id" :data-drill="drill.id">
        <button type="button" class="drill" @click="insert(drill.id)">
          {{ drill.name }}
          <span class="soft small">{{ drill.phases.map(phaseName).join(', ') }}</span>
        </button>
      </li>
    </VueDraggable>
    <p v-if="!found.length" class="soft small none">No drill answers to that. Try another word, or another phase.</p>
  </aside>
</template>

<style scoped>
.drawer {
  display: flex;
  flex-direction: column;
  border-right: 1px solid var(--line);
}
.search {
  position: sticky;
  top: 0;
  z-index: 1;
  display: grid;
  gap: 0.6rem;
  padding: 0.9rem 0.9rem 0.6rem;
  background: var(--ground);
}
.list {
  list-style: none;
  padding: 0 0.5rem 1rem;
}
.drill {
  display: grid;
  width: 100%;
  min-height: 44px;
  padding: 0.3rem 0.5rem;
  border: 0;
  border-radius: 8px;
  background: none;
  font: 500 0.9375rem/1.3 var(--text);
  color: var(--ink);
  text-align: left;
  cursor: grab;
}
.drill:hover {
  background: var(--card);
}
.none {
  padding: 0 1rem;
}
</style>
