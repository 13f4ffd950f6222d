<script setup lang="ts">
import { changeSlot } from '@prompt-spark/core/circuit/edit';
import { allInFor } from '@prompt-spark/core/limits/allIn';
import type { Person } from '@prompt-spark/core/limits/person';
import type { SlotPlace } from '@prompt-spark/core/limits/swap';
import { computed, onBeforeUnmount, ref, shallowRef } from 'vue';
import { useLoading } from '../../composables/useLoading.ts';
import LoadingGate from '../../pieces/LoadingGate.vue';
import { useCrewStore } from '../../stores/crew.ts';
import { usePeopleStore } from '../../stores/people.ts';
import { useSheetStore } from '../../stores/sheet.ts';
import AllInTable from './AllInTable.vue';
import SupposeField from './SupposeField.vue';
import SwapPanel from './SwapPanel.vue';
import SwapsTable from './SwapsTable.vue';
import TracksCard from './TracksCard.vue';

/** Slots against people: who does something else, and what; tracks are proposed, and one action accepts them. */
const { id } = defineProps<{ id: string }>();
const sheet = useSheetStore();
const people = usePeopleStore();
const crew = useCrewStore();
const loading = useLoading(() => Promise.all([sheet.open(id), people.load()]));
const onlyOpen = ref(false);
const everybody = ref(false);
const opened = shallowRef<{ readonly slotId: string; readonly personId: string } | null>(null);

const place = computed<SlotPlace | undefined>(() => crew.places.find(({ slot }) => slot.id === opened.value?.slotId));
const person = computed<Person | undefined>(() => crew.crew.find((one) => one.id === opened.value?.personId));
const allIn = computed(() =>
  everybody.value ? crew.places.map((one) => ({ place: one, allIn: allInFor(one, crew.crew, crew.setting) })) : [],
);

/** Closes the panel and goes back to the cell it was opened from. */
function close(): void {
  const { slotId, personId } = opened.value ?? { slotId: '', personId: '' };
  opened.value = null;
  document.querySelector<HTMLElement>(`[data-swap="${CSS.escape(`${slotId} ${personId}`)}"]`)?.focus();
}

/** What the tracks do goes into the circuit, without the people on them. */
function accept(): void {
  sheet.changeCircuit((circuit) =>
    crew.tracks.reduce(
      (so, { slotId, tracks }) =>
        changeSlot(so, slotId, (slot) => ({
          ...slot,
          tracks: tracks.map(({ track, drillId, variantId }) => ({ track, drillId, variantId })),
        })),
      circuit,
    ),
  );
}

function acceptAllIn(): void {
  sheet.changeCircuit((circuit) =>
    allIn.value.reduce((so, { place: { slot, drill, rung }, allIn: one }) => {
      const same = one?.drillId === drill.id && one.variantId === rung.id;
      const tracks =
        one && !same ? [{ track: 'everybody' as const, drillId: one.drillId, variantId: one.variantId }] : [];
      return changeSlot(so, slot.id, (old) => ({ ...old, tracks }));
    }, circuit),
  );
  everybody.value = false;
}

onBeforeUnmount(() => {
  crew.supposed = null;
  sheet.close();
});
</script>

<template>
  <section class="swaps">
    <LoadingGate :loading="loading">
      <div class="main">
        <header>
          <h1>Swaps</h1>
          <p class="soft">
            <RouterLink :to="`/circuits/${id}`">{{ sheet.circuit.title }}</RouterLink>
            <template v-if="sheet.group"> · {{ sheet.group.name }}</template>
          </p>
        </header>
        <template v-if="crew.own.length">
          <TracksCard v-model:only-open="onlyOpen" v-model:everybody="everybody" @accept="accept" />
          <SupposeField />
          <AllInTable v-if="everybody" :rows="allIn" @accept="acceptAllIn" />
          <SwapsTable v-else v-model:opened="opened" :only-open="onlyOpen" />
        </template>
        <div v-else class="empty">
          <h2>Nobody to swap for</h2>
          <p class="soft">
            {{
              sheet.group
                ? `You coach nobody in ${sheet.group.name} yet, or do not coach that group.`
                : 'This circuit names no group.'
            }}
            People and what to mind of them are under <RouterLink to="/people">People</RouterLink>; a circuit’s group is
            set on its sheet.
          </p>
        </div>
      </div>
      <SwapPanel
        v-if="place && person && !everybody"
        :key="`${place.slot.id} ${person.id}`"
        :place="place"
        :person="person"
        @close="close"
      />
    </LoadingGate>
  </section>
</template>

<style scoped>
.swaps {
  display: flex;
  align-items: stretch;
  min-height: calc(100vh - var(--banner, 0px));
}
.main {
  flex: 1;
  min-width: 0;
  padding: 1.5rem 1.75rem;
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 1rem;
  margin-bottom: 0.75rem;
}
.empty {
  display: grid;
  gap: 0.5rem;
  max-width: 36rem;
  padding: 2rem 0;
}
@media (max-width: 1080px) {
  .swaps {
    display: block;
  }
  .main {
    padding: 1rem;
  }
}
</style>
