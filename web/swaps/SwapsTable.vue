<script setup lang="ts">
import { painFreeIn } from '@prompt-spark/core/people/painFree';
import type { Person } from '@prompt-spark/core/people/person';
import { useMediaQuery } from '@vueuse/core';
import { computed, ref, useTemplateRef } from 'vue';
import DrillFigure from '../figure/DrillFigure.vue';
import { useGroupTracksStore } from '../sheet/store/groupTracks.ts';
import SwapCell from './SwapCell.vue';
import { minding } from './swapWords.ts';
import { say } from './say.ts';

/** Rows are the circuit's slots, columns the people for whom something changes or who stop short of pain; the others do everything as planned. */
const opened = defineModel<{ readonly slotId: string; readonly personId: string } | null>('opened', { required: true });
const { onlyOpen } = defineProps<{ onlyOpen: boolean }>();
const groupTracks = useGroupTracksStore();
const table = useTemplateRef<HTMLElement>('table');

const needing = computed(
  () => new Map(groupTracks.tracks.map((slot) => [slot.slotId, new Set(groupTracks.needing(slot))])),
);
const changed = (person: Person) =>
  groupTracks.places.some(
    (place) =>
      groupTracks.assignment(place, person).kind !== 'as planned' ||
      painFreeIn(place.rung, person, groupTracks.day).length > 0,
  );
const needful = computed(() => groupTracks.people.filter(changed));
/** A phone has room for one of them at a time. */
const phone = useMediaQuery('(max-width: 700px)');
const chosenId = ref('');
const chosen = computed(() => needful.value.find(({ id }) => id === chosenId.value) ?? needful.value[0]);
const choices = computed(() =>
  needful.value.map((person) => ({ value: person.id, title: person.name, subtitle: minding(person, groupTracks.day) })),
);
const columns = computed(() =>
  phone.value ? needful.value.filter((person) => person === chosen.value) : needful.value,
);
const rest = computed(() => (phone.value ? 0 : groupTracks.people.length - needful.value.length));
const rows = computed(() =>
  groupTracks.places.filter(({ slot }) => !onlyOpen || (needing.value.get(slot.id)?.size ?? 0) > 0),
);

/** Arrows go from cell to cell. */
function walk(event: KeyboardEvent): void {
  const step = { ArrowRight: [0, 1], ArrowLeft: [0, -1], ArrowDown: [1, 0], ArrowUp: [-1, 0] }[event.key];
  const cell = event.target instanceof HTMLElement ? event.target.closest('button[data-cell]') : null;
  const [row, column] = (cell?.getAttribute('data-cell') ?? '').split(' ').map(Number);
  if (!step || row === undefined || column === undefined || Number.isNaN(row)) return;
  const next = `${row + (step[0] ?? 0)} ${column + (step[1] ?? 0)}`;
  const target = table.value?.querySelector<HTMLElement>(`button[data-cell="${next}"]`);
  if (!target) return;
  event.preventDefault();
  target.focus();
}
</script>

<template>
  <v-select
    v-if="phone && chosen && needful.length > 1"
    class="who"
    :label="say.swapsTable.whoseSwaps"
    :items="choices"
    item-props
    :model-value="chosen.id"
    @update:model-value="(id: string) => (chosenId = id)"
  />
  <div class="scroll" tabindex="0" role="region" :aria-label="say.swapsTable.whoDoesWhat">
    <table
      ref="table"
      :style="{ minWidth: phone ? '0' : `${12.5 + 7.75 * columns.length + (rest ? 5 : 0)}rem` }"
      @keydown="walk"
    >
      <thead>
        <tr>
          <th scope="col" class="drill">
            <span class="visually-hidden">{{ say.swapsTable.drill }}</span>
          </th>
          <th v-for="person in columns" :key="person.id" scope="col">
            {{ person.name.split(' ')[0] }}
            <span class="soft mind">{{ minding(person, groupTracks.day) }}</span>
          </th>
          <th v-if="rest" scope="col" class="rest">
            {{ say.swapsTable.more(rest) }} <span class="soft mind">{{ say.swapsTable.asPlanned }}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(place, row) in rows" :key="place.slot.id">
          <th scope="row" class="drill">
            <DrillFigure class="figure" :drill="place.drill" :dose="place.slot.dose" still :aspect="1" />
            {{ place.drill.name }}
          </th>
          <td v-for="(person, column) in columns" :key="person.id">
            <SwapCell
              :data-cell="`${row} ${column}`"
              :place="place"
              :person="person"
              :on="opened?.slotId === place.slot.id && opened.personId === person.id"
              :open="needing.get(place.slot.id)?.has(person.id) ?? false"
              @click="opened = { slotId: place.slot.id, personId: person.id }"
            />
          </td>
          <td v-if="rest" class="rest soft">·</td>
        </tr>
      </tbody>
    </table>
    <p v-if="!needful.length" class="soft none">{{ say.swapsTable.everyoneCanDoEverything }}</p>
    <p v-else-if="!rows.length" class="soft none">{{ say.swapsTable.everythingIsDecided }}</p>
  </div>
</template>

<style scoped>
/* Placed, so that words only for a screen reader scroll with the table and do not widen the page. */
.scroll {
  position: relative;
  overflow-x: auto;
}
table {
  width: 100%;
  table-layout: fixed;
  border-collapse: collapse;
}
thead th {
  padding: 0.5rem 0.4rem;
  font-size: 1rem;
  font-weight: 600;
  text-align: left;
  vertical-align: bottom;
}
.mind {
  display: block;
  font-size: var(--size-small);
  font-weight: 400;
}
tbody tr {
  border-top: 1px solid var(--line);
}
td {
  padding: 0.25rem 0.3rem;
}
.drill {
  position: sticky;
  left: 0;
  z-index: 1;
  width: 12.5rem;
  background: var(--ground);
  font-weight: 600;
  text-align: left;
}
tbody .drill {
  display: flex;
  align-items: center;
  gap: 0.6rem;
  padding: 0.15rem 0.5rem 0.15rem 0;
}
.figure {
  flex: 0 0 2.9rem;
}
.rest {
  width: 5rem;
  text-align: center;
}
.none {
  padding: 1.5rem 0;
}
.who {
  margin-top: 0.75rem;
}
@media (max-width: 700px) {
  .drill {
    width: 10.5rem;
  }
}
</style>
