<script setup lang="ts">
import type { Person } from '@prompt-spark/core/people/person';
import { painFreeIn } from '@prompt-spark/core/people/painFree';
import type { SlotPlace } from '@prompt-spark/core/swaps/swap';
import { computed } from 'vue';
import { useGroupTracksStore } from '../sheet/store/groupTracks.ts';
import { useLibraryStore } from '../library/library.ts';
import { cellWords } from './swapWords.ts';
import { say } from './say.ts';

/** What one person does in one slot. `open`: it differs from what the circuit's accepted tracks have. */
const { place, person } = defineProps<{ place: SlotPlace; person: Person; on: boolean; open: boolean }>();
const groupTracks = useGroupTracksStore();
const library = useLibraryStore();
const doing = computed(() => groupTracks.assignment(place, person));
const painFree = computed(() => painFreeIn(place.rung, person, groupTracks.day));
const cell = computed(() => cellWords(doing.value, place, library.library, painFree.value));
const own = computed(() => doing.value.kind === 'instead' && doing.value.own);
</script>

<template>
  <button
    :data-swap="`${place.slot.id} ${person.id}`"
    type="button"
    :class="['cell', cell.kind === 'drill' ? 'other-drill' : cell.kind.replaceAll(' ', '-'), { on, open }]"
    :aria-pressed="on"
  >
    <span class="visually-hidden">{{ person.name }}, {{ place.drill.name }}: </span>
    <span class="sign" aria-hidden="true">{{ cell.sign }}</span>
    <span :class="{ 'visually-hidden': cell.kind === 'as planned' }">{{ cell.words }}</span>
    <span v-if="own" class="visually-hidden">{{ say.swapCell.chosenForThem }}</span>
    <span v-else-if="open" class="visually-hidden">{{ say.swapCell.toDecide }}</span>
  </button>
</template>

<style scoped>
.cell {
  width: 100%;
  min-height: 44px;
  padding: 0.25rem 0.5rem;
  border: 1px solid transparent;
  border-radius: 8px;
  background: none;
  font: 500 0.875rem/1.25 var(--text);
  color: var(--ink);
  text-align: left;
  cursor: pointer;
}
.as-planned {
  color: var(--soft);
  text-align: center;
}
.pain-free {
  border-color: var(--line);
}
.rung {
  background: color-mix(in oklch, var(--straw) 55%, var(--card));
}
.other-drill {
  background: var(--damson);
  color: var(--card);
}
.one-to-one {
  border-color: var(--brick);
  color: var(--brick);
}
.open:not(.one-to-one) {
  border: 1px dashed var(--ink);
}
.other-drill.open {
  border-color: var(--spark);
}
.sign {
  margin-right: 0.3rem;
}
.cell:hover {
  border-color: var(--soft);
}
.on {
  outline: 3px solid var(--spark);
  outline-offset: 1px;
}
</style>
