<script setup lang="ts">
import { PHASES, type Phase } from '@prompt-spark/core/drills/phase';
import { useInfiniteScroll } from '@vueuse/core';
import { computed, ref, useTemplateRef, watch } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useDrillSearch } from '../../library/useDrillSearch.ts';
import DrillFigure from '../../figure/DrillFigure.vue';
import { phaseName } from '../../wording/phases.ts';
import { useEditingStore } from '../store/editing.ts';
import { say } from '../say.ts';

/** Drills to put in: found by name or alias, narrowed by phase; dragged, clicked, or put in with Enter. */
const emit = defineEmits<{ inserted: [] }>();
const editing = useEditingStore();
const { words, wish, found } = useDrillSearch();
/** Drills at hand, more as they are scrolled to: a whole library in the page would slow every letter on the sheet. */
const BATCH = 40;
const most = ref(BATCH);
const shown = computed(() => found.value.slice(0, most.value));
function showMore(): void {
  most.value += BATCH;
}
const drawer = useTemplateRef<HTMLElement>('drawer');
useInfiniteScroll(drawer, showMore, { distance: 600, canLoadMore: () => most.value < found.value.length });
watch(found, () => (most.value = BATCH));
const phases = PHASES.map((value) => ({ value, title: phaseName(value) }));

function setPhase(phase: Phase | null): void {
  wish.value = phase === null ? {} : { phase };
}

function insert(id: string): void {
  editing.insertDrill(id);
  emit('inserted');
}

function insertFirst(): void {
  const [first] = found.value;
  if (first) insert(first.id);
}
</script>

<template>
  <aside ref="drawer" class="drawer" :aria-label="say.drillDrawer.drills">
    <div class="search">
      <v-text-field
        v-model="words"
        :label="say.drillDrawer.findADrill"
        density="compact"
        clearable
        @click:clear="words = ''"
        @keydown.enter.prevent="insertFirst"
      />
      <v-select
        :label="say.drillDrawer.phase"
        density="compact"
        clearable
        :items="phases"
        :model-value="wish.phase ?? null"
        @update:model-value="setPhase"
      />
    </div>
    <VueDraggable
      class="list"
      tag="ul"
      :model-value="[...shown]"
      :group="{ name: 'lines', pull: 'clone', put: false }"
      :sort="false"
      :animation="120"
    >
      <li v-for="drill in shown" :key="drill.id" :data-drill="drill.id">
        <button type="button" class="drill" @click="insert(drill.id)">
          <DrillFigure class="figure" :drill="drill" still :aspect="1.15" />
          <span class="words">
            {{ drill.name }}
            <span class="soft small">{{ drill.phases.map(phaseName).join(', ') }}</span>
          </span>
        </button>
      </li>
    </VueDraggable>
    <button v-if="shown.length < found.length" class="more" type="button" @click="showMore">
      {{ say.drillDrawer.more(found.length - shown.length) }}
    </button>
    <p v-if="!found.length" class="soft small none">{{ say.drillDrawer.noDrillsMatchTry }}</p>
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
  grid-template-columns: 3.2rem minmax(0, 1fr);
  align-items: center;
  gap: 0.6rem;
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
.words {
  display: grid;
}
.drill:hover {
  background: var(--card);
}
.more {
  min-height: 44px;
  border: 0;
  background: none;
  font: 600 var(--size-small) var(--text);
  color: var(--damson);
  cursor: pointer;
}
.none {
  padding: 0 1rem;
}
</style>
