<script setup lang="ts">
import type { Slot } from '@prompt-spark/core/circuit/circuit';
import { changeSlot } from '@prompt-spark/core/circuit/edit';
import { withDrill } from '@prompt-spark/core/circuit/slot';
import { UNKNOWN_PERSON } from '@prompt-spark/core/people/person';
import { instructed, instructionName, slotPlaces } from '@prompt-spark/core/swaps/swap';
import { swapsFor } from '@prompt-spark/core/swaps/swapsFor';
import { computed } from 'vue';
import DrillFigure from '../../figure/DrillFigure.vue';
import { useLibraryStore } from '../../library/library.ts';
import { useSheetStore } from '../store/sheet.ts';
import { reasonWords } from '../../wording/reasonWords.ts';
import { say } from '../say.ts';

/** Three things that could be done in this row instead, for everybody: with a figure, and why. */
const { slotLine } = defineProps<{ slotLine: Slot }>();
const emit = defineEmits<{ done: [] }>();
const sheet = useSheetStore();
const library = useLibraryStore();
const SHOWN = 3;

const offers = computed(() => {
  const { circuit, occasion } = sheet.laid;
  const places = slotPlaces(circuit, occasion);
  const place = places.find(({ slot }) => slot.id === slotLine.id);
  if (!place) return [];
  const { swaps } = swapsFor(place, { id: '', ...UNKNOWN_PERSON }, occasion, places);
  return swaps.slice(0, SHOWN).flatMap((swap) => {
    const found = instructed(library.library, swap);
    return found ? [{ ...found, why: reasonWords(swap.reasons) }] : [];
  });
});

function take({ drill, rung }: (typeof offers.value)[number]): void {
  const rungId = rung.rung === 0 ? '' : rung.id;
  sheet.changeCircuit((circuit) => changeSlot(circuit, slotLine.id, (slot) => withDrill(slot, drill, rungId)));
  emit('done');
}
</script>

<template>
  <div class="swaps" role="group" :aria-label="say.rowSwaps.swapFor">
    <button
      v-for="offer in offers"
      :key="`${offer.drill.id} ${offer.rung.id}`"
      type="button"
      class="offer"
      @click="take(offer)"
    >
      <DrillFigure class="figure" :drill="offer.drill" :variant="offer.rung" still :aspect="1" />
      <span>
        <strong>{{ instructionName(offer.drill, offer.rung) }}</strong>
        <span class="soft small">{{ offer.why }}</span>
      </span>
    </button>
    <p v-if="!offers.length" class="soft small">{{ say.rowSwaps.nothingElse }}</p>
  </div>
</template>

<style scoped>
.swaps {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(13rem, 1fr));
  gap: 0.5rem;
}
.offer {
  display: flex;
  align-items: center;
  gap: 0.6rem;
  min-height: 64px;
  padding: 0.4rem 0.6rem;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: none;
  color: var(--ink);
  font: 400 0.9375rem/1.25 var(--text);
  text-align: left;
  cursor: pointer;
}
.offer:hover {
  border-color: var(--damson);
}
.offer > span {
  display: grid;
}
.figure {
  flex: none;
  width: 48px;
}
</style>
