<script setup lang="ts">
import type { CircuitSummary } from '@prompt-spark/contract/circuit';
import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import { emptyCircuit } from '@prompt-spark/core/circuit/circuit';
import { useDebounceFn } from '@vueuse/core';
import { computed, defineAsyncComponent, ref, shallowRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { useAction } from '../shell/useAction.ts';
import { useUndo } from '../shell/useUndo.ts';
import { useGradually } from '../loading/useGradually.ts';
import { useLoading } from '../loading/useLoading.ts';
import LoadingGate from '../loading/LoadingGate.vue';
import MoreBelow from '../loading/MoreBelow.vue';
import UnreadableNote from '../loading/UnreadableNote.vue';
import { useCircuitsStore } from './circuits.ts';
import BinLink from '../shell/BinLink.vue';
import { call } from '../api/call.ts';
import { usePlacesStore } from '../library/places.ts';
import CircuitCard from './CircuitCard.vue';
import { say } from './say.ts';

const StartFrom = defineAsyncComponent(() => import('./StartFrom.vue'));
const CopyDialog = defineAsyncComponent(() => import('./CopyDialog.vue'));
const UndoNotice = defineAsyncComponent(() => import('../shell/UndoNotice.vue'));

/** Every circuit of the studio, with its fuse; a new one begins here. */
const places = usePlacesStore();
const circuits = useCircuitsStore();
const router = useRouter();
const { busy, act } = useAction();
const wanted = ref('');
const tag = ref('');
const undo = useUndo();
const starting = ref(false);
/** The circuit that a copy is asked of. */
const copying = shallowRef<CircuitSummary | null>(null);
const stored = () => call('circuit', { id: copying.value?.id ?? '' });
const loading = useLoading(() => Promise.all([places.load(), circuits.load({ find: '', tag: '' })]));
/** Cards that are in the page at first, and more each time its end is come to: a fuse has much to draw. */
const CARDS = 24;
const cards = ref(CARDS);
const drawn = useGradually(
  computed(() => circuits.circuits.slice(0, cards.value)),
  2,
  2,
);
async function more(): Promise<void> {
  if (cards.value >= circuits.circuits.length) await circuits.more();
  cards.value += CARDS;
}
const searched = computed(() => circuits.search.find !== '' || circuits.search.tag !== '');

const search = () => act(() => circuits.load({ find: wanted.value, tag: tag.value }));
watch(wanted, useDebounceFn(search, 250));
watch(tag, search);

function showAll(): void {
  wanted.value = '';
  tag.value = '';
}

function write(): Promise<boolean> {
  return keep(emptyCircuit(say.circuitsPage.newCircuit), places.places.sites[0]?.id ?? null);
}

function keep(circuit: Circuit, siteId: string | null): Promise<boolean> {
  return act(async () => {
    const id = await circuits.add({ circuit, groupId: null, siteId });
    await router.push(`/circuits/${id}`);
  });
}

async function takeOut(id: string, title: string): Promise<void> {
  if (!(await act(() => circuits.takeOut(id)))) return;
  const words = say.circuitsPage.removed(title);
  undo.offer({ key: id, words, undo: say.circuitsPage.restoreIt, back: () => circuits.bringBack(id) });
  // The schedule keeps what was booked; that it does is said once it is known.
  const count = await circuits.sessionsAhead(id).catch(() => 0);
  if (count > 0) undo.reword(id, say.circuitsPage.removedInUse(title, count));
}
</script>

<template>
  <section class="page">
    <header>
      <h1>{{ say.circuitsPage.circuits }}</h1>
      <v-text-field
        v-model="wanted"
        class="search"
        :label="say.circuitsPage.findByTitlePurpose"
        clearable
        density="compact"
        @click:clear="wanted = ''"
      />
      <BinLink />
      <v-btn variant="outlined" :aria-expanded="starting" @click="starting = !starting">{{
        say.circuitsPage.startFromAnApproach
      }}</v-btn>
      <v-btn :disabled="busy" @click="write">{{ say.circuitsPage.writeANewCircuit }}</v-btn>
    </header>
    <LoadingGate :loading="loading">
      <StartFrom v-if="starting" @take="keep" @close="starting = false" />
      <UnreadableNote
        :what="say.circuitsPage.circuit"
        :unreadable="circuits.unreadable"
        @take-out="takeOut($event, say.circuitsPage.theCircuit)"
      />
      <p v-if="circuits.tags.length" class="tags" role="group" :aria-label="say.circuitsPage.tags">
        <v-chip
          v-for="one in circuits.tags"
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
      <ul v-if="circuits.circuits.length" class="cards">
        <li v-for="circuit in drawn" :key="circuit.id">
          <CircuitCard :circuit="circuit" @copy="copying = circuit" @take-out="takeOut(circuit.id, circuit.title)" />
        </li>
      </ul>
      <div v-else-if="searched" class="empty">
        <h2>{{ say.circuitsPage.noCircuitsMatch(wanted || tag) }}</h2>
        <v-btn variant="outlined" @click="showAll">{{ say.circuitsPage.showAll }}</v-btn>
      </div>
      <div v-else class="empty">
        <h2>{{ say.circuitsPage.noCircuitsYet }}</h2>
        <p class="soft">{{ say.circuitsPage.typeOne }}</p>
        <v-btn :disabled="busy" @click="write">{{ say.circuitsPage.writeANewCircuit }}</v-btn>
      </div>
      <MoreBelow v-if="circuits.next || cards < circuits.circuits.length" :more="more" />
    </LoadingGate>
    <CopyDialog
      v-if="copying"
      :model-value="true"
      :circuit="copying"
      :standing="stored"
      @update:model-value="copying = null"
    />
    <UndoNotice v-if="undo.last.value" :undo="undo" />
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
</style>
