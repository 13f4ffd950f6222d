<script setup lang="ts">
import type { OneForEverybody } from '@prompt-spark/core/swaps/oneForEverybody';
import { instructed, instructionName, type SlotPlace } from '@prompt-spark/core/swaps/swap';
import { computed } from 'vue';
import DrillFigure from '../figure/DrillFigure.vue';
import { useLibraryStore } from '../library/library.ts';
import { say } from './say.ts';

/** One drill for everybody in every slot, and what the strong ones lose by it. */
const { rows } = defineProps<{
  rows: readonly { readonly place: SlotPlace; readonly forEverybody: OneForEverybody | undefined }[];
}>();
const emit = defineEmits<{ accept: [] }>();
const library = useLibraryStore();

const shown = computed(() =>
  rows.map(({ place, forEverybody }) => {
    const found = forEverybody && instructed(library.library, forEverybody);
    return { place, found, words: forEverybody && found ? lostWords(forEverybody) : say.everybodyTable.nothingThatAll };
  }),
);

function lostWords({ lost, easier }: OneForEverybody): string {
  const purpose = lost > 0.005 ? say.everybodyTable.ofItsPurpose(Math.round(lost * 100)) : '';
  const effort = easier > 0 ? say.everybodyTable.ofEffort(easier) : '';
  const parts = [purpose, effort].filter(Boolean);
  return parts.length > 0 ? say.everybodyTable.strongOnesLose(parts.join(' and ')) : say.everybodyTable.nothingIsLost;
}
</script>

<template>
  <ul>
    <li v-for="{ place, found, words } in shown" :key="place.slot.id">
      <span class="was">{{ place.drill.name }}</span>
      <DrillFigure v-if="found" class="figure" :drill="found.drill" :variant="found.rung" still :aspect="1" />
      <span v-else class="figure" />
      <span>
        <strong>{{ found ? instructionName(found.drill, found.rung) : say.everybodyTable.seeThem }}</strong>
        <span class="soft small lost">{{ words }}</span>
      </span>
    </li>
  </ul>
  <v-btn @click="emit('accept')">{{ say.everybodyTable.useTheseForEveryone }}</v-btn>
</template>

<style scoped>
ul {
  margin: 0.5rem 0 1rem;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 12rem 3.2rem minmax(0, 1fr);
  align-items: center;
  gap: 0.75rem;
  padding: 0.25rem 0;
  border-top: 1px solid var(--line);
}
.was {
  color: var(--soft);
}
.lost {
  display: block;
}
@media (max-width: 700px) {
  li {
    grid-template-columns: 3.2rem minmax(0, 1fr);
  }
  .was {
    grid-column: 1 / -1;
  }
}
</style>
