<script setup lang="ts">
import { changeSlot } from '@prompt-spark/core/circuit/edit';
import { oneForEverybody } from '@prompt-spark/core/swaps/oneForEverybody';
import type { Person } from '@prompt-spark/core/people/person';
import type { SlotPlace } from '@prompt-spark/core/swaps/swap';
import { computed, onBeforeUnmount, ref, shallowRef } from 'vue';
import { useLoading } from '../loading/useLoading.ts';
import LoadingGate from '../loading/LoadingGate.vue';
import { useGroupTracksStore } from '../sheet/store/groupTracks.ts';
import { usePeopleStore } from '../people/people.ts';
import { useSheetStore } from '../sheet/store/sheet.ts';
import EverybodyTable from './EverybodyTable.vue';
import SupposeField from './SupposeField.vue';
import SwapPanel from './SwapPanel.vue';
import SwapsTable from './SwapsTable.vue';
import TracksCard from './TracksCard.vue';
import { say } from './say.ts';

/** Slots against people: who does something else, and what; tracks are proposed, and one action accepts them. */
const { id } = defineProps<{ id: string }>();
const sheet = useSheetStore();
const people = usePeopleStore();
const groupTracks = useGroupTracksStore();
const loading = useLoading(() => Promise.all([sheet.open(id), people.load()]));
const onlyOpen = ref(false);
const everybody = ref(false);
const opened = shallowRef<{ readonly slotId: string; readonly personId: string } | null>(null);

const place = computed<SlotPlace | undefined>(() =>
  groupTracks.places.find(({ slot }) => slot.id === opened.value?.slotId),
);
const person = computed<Person | undefined>(() => groupTracks.people.find((one) => one.id === opened.value?.personId));
const forEverybody = computed(() =>
  everybody.value
    ? groupTracks.places.map((one) => ({
        place: one,
        forEverybody: oneForEverybody(one, groupTracks.people, groupTracks.occasion),
      }))
    : [],
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
    groupTracks.tracks.reduce(
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
    forEverybody.value.reduce((so, { place: { slot, drill, rung }, forEverybody: one }) => {
      const same = one?.drillId === drill.id && one.variantId === rung.id;
      const tracks =
        one && !same ? [{ track: 'everybody' as const, drillId: one.drillId, variantId: one.variantId }] : [];
      return changeSlot(so, slot.id, (old) => ({ ...old, tracks }));
    }, circuit),
  );
  everybody.value = false;
}

onBeforeUnmount(() => {
  groupTracks.supposed = null;
  sheet.close();
});
</script>

<template>
  <section :class="['swaps', { opened: place && person && !everybody }]">
    <LoadingGate :loading="loading">
      <div class="main">
        <header>
          <h1>{{ say.swapsPage.swaps }}</h1>
          <p class="soft">
            <RouterLink :to="`/circuits/${id}`">{{ sheet.circuit.title }}</RouterLink>
            <template v-if="sheet.group"> · {{ sheet.group.name }}</template>
          </p>
        </header>
        <template v-if="groupTracks.own.length">
          <TracksCard v-model:only-open="onlyOpen" v-model:everybody="everybody" @accept="accept" />
          <SupposeField />
          <EverybodyTable v-if="everybody" :rows="forEverybody" @accept="acceptAllIn" />
          <SwapsTable v-else v-model:opened="opened" :only-open="onlyOpen" />
        </template>
        <div v-else class="empty">
          <h2>{{ say.swapsPage.nobodyToSwap }}</h2>
          <p class="soft">
            {{
              say.swapsPage.peopleWithTheirInjuries(
                sheet.group ? say.swapsPage.youCoachNobody(sheet.group.name) : say.swapsPage.thisCircuitNamesNo,
              )
            }}
            <RouterLink to="/people">{{ say.swapsPage.people }}</RouterLink>{{ say.swapsPage.circuitsGroupIsSet }}
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
  /* The last rows can be scrolled out from under the panel. */
  .opened .main {
    padding-bottom: 64vh;
  }
}
</style>
