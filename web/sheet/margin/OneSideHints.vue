<script setup lang="ts">
import { changeSlot } from '@prompt-spark/core/circuit/edit';
import { stifferSides } from '@prompt-spark/core/measures/compare';
import { moreFor } from '@prompt-spark/core/measures/oneSide';
import { computed } from 'vue';
import { useStandardsStore } from '../../library/standards.ts';
import { extraWords } from '../../wording/extraWords.ts';
import { useGroupTracksStore } from '../store/groupTracks.ts';
import { useSheetStore } from '../store/sheet.ts';
import { say } from '../say.ts';

/** Drills in which somebody's stiffer or weaker side should have a little more; put in by a press where they train alone. */
const groupTracks = useGroupTracksStore();
const sheet = useSheetStore();
const standards = useStandardsStore();
const alone = computed(() => groupTracks.own.length === 1);
const hints = computed(() =>
  groupTracks.own.flatMap((person) => {
    const sides = stifferSides(person, standards.measures);
    return groupTracks.places.flatMap(({ slot, drill }) => {
      const extra = moreFor(slot, drill, sides);
      if (!extra) return [];
      const more = extraWords(extra, slot);
      return [
        {
          key: person.id + slot.id,
          who: person.name.split(' ')[0] ?? '',
          slot,
          extra,
          words: `${drill.name}: ${more}`,
        },
      ];
    });
  }),
);
</script>

<template>
  <ul v-if="hints.length" class="hints" :aria-label="say.oneSideHints.stifferSides">
    <li v-for="hint in hints" :key="hint.key">
      {{ hint.who }}, {{ hint.words }}
      <button
        v-if="alone"
        type="button"
        @click="
          sheet.changeCircuit((circuit) =>
            changeSlot(circuit, hint.slot.id, (slot) => ({ ...slot, extra: hint.extra })),
          )
        "
      >
        {{ say.oneSideHints.putIt }}
      </button>
    </li>
  </ul>
</template>

<style scoped>
.hints {
  display: grid;
  gap: 0.4rem;
  list-style: none;
}
button {
  min-height: var(--tap);
  padding: 0;
  border: 0;
  background: none;
  font: 600 0.9375rem var(--text);
  color: var(--damson);
  cursor: pointer;
}
</style>
