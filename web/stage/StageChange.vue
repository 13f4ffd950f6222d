<script setup lang="ts">
import { mdiDebugStepOver, mdiReload } from '@mdi/js';
import type { CircuitDraft } from '@prompt-spark/contract/circuit';
import type { Slot } from '@prompt-spark/core/circuit/circuit';
import { UNKNOWN_PERSON } from '@prompt-spark/core/people/person';
import { withDrillSwapped, type Swapped } from '@prompt-spark/core/session/changedCourse';
import { instructed, instructionName, slotPlaces } from '@prompt-spark/core/swaps/swap';
import { swapsFor } from '@prompt-spark/core/swaps/swapsFor';
import { computed } from 'vue';
import DrillFigure from '../figure/DrillFigure.vue';
import { useLibraryStore } from '../library/library.ts';
import { useOccasionsStore } from '../occasion/occasions.ts';
import type { StageConductor } from './useStageRun.ts';
import { say } from './say.ts';

/** What else can be done with the drill of the moment while the class runs: again, not today, or something else. */
const { run, draft, planned } = defineProps<{
  run: StageConductor;
  /** The circuit as it is run. */
  draft: CircuitDraft;
  /** The slot of the moment, as it is run. */
  planned: Slot;
}>();
const emit = defineEmits<{ swap: [swapped: Swapped]; leaveOut: [] }>();
const open = defineModel<boolean>({ required: true });
const library = useLibraryStore();
const occasions = useOccasionsStore();
const SHOWN = 3;
/** Nobody's limits are asked for on a shared screen. */
const occasion = computed(() => ({ ...occasions.of(draft), ceilings: null }));
const offers = computed(() => {
  const places = slotPlaces(draft.circuit, occasion.value);
  const place = places.find((one) => one.slot.id === planned.id);
  if (!place) return [];
  const { swaps } = swapsFor(place, { id: '', ...UNKNOWN_PERSON }, occasion.value, places);
  return swaps.slice(0, SHOWN).flatMap((swap) => instructed(library.library, swap) ?? []);
});

function take({ drill, rung }: (typeof offers.value)[number]): void {
  run.look();
  const swapped = withDrillSwapped(
    { circuit: draft.circuit, slot: planned, id: crypto.randomUUID() },
    { drill, rungId: rung.rung === 0 ? '' : rung.id },
    run.segments.value,
    run.position.value,
    occasion.value,
  );
  open.value = false;
  if (swapped) emit('swap', swapped);
}

function again(): void {
  open.value = false;
  run.again();
}

function leaveOut(): void {
  open.value = false;
  emit('leaveOut');
}
</script>

<template>
  <div v-if="open" class="change" role="group" :aria-label="say.stageChange.changeThisDrill">
    <div class="acts">
      <v-btn variant="outlined" size="large" :prepend-icon="mdiReload" @click="again">{{
        say.stageChange.fromTheStartAgain
      }}</v-btn>
      <v-btn variant="outlined" size="large" :prepend-icon="mdiDebugStepOver" @click="leaveOut">{{
        say.stageChange.leaveItOutToday
      }}</v-btn>
      <v-btn variant="text" size="large" @click="open = false">{{ say.stageChange.close }}</v-btn>
    </div>
    <p v-if="offers.length" class="soft">{{ say.stageChange.orDoThisInstead }}</p>
    <div class="offers">
      <button
        v-for="offer in offers"
        :key="`${offer.drill.id} ${offer.rung.id}`"
        type="button"
        class="offer"
        @click="take(offer)"
      >
        <DrillFigure class="figure" :drill="offer.drill" :variant="offer.rung" still :aspect="1" />
        <strong>{{ instructionName(offer.drill, offer.rung) }}</strong>
      </button>
    </div>
  </div>
</template>

<style scoped>
.change {
  position: absolute;
  top: clamp(5rem, 12vh, 7rem);
  left: 50%;
  z-index: 2;
  display: grid;
  gap: 0.75rem;
  width: max-content;
  max-width: min(60rem, 94vw);
  padding: 1rem;
  transform: translateX(-50%);
  border-radius: 28px;
  background: var(--card);
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
.offers {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(13rem, 1fr));
  gap: 0.5rem;
}
.offer {
  display: flex;
  align-items: center;
  gap: 0.75rem;
  min-height: 72px;
  padding: 0.4rem 0.8rem;
  border: 1px solid var(--line);
  border-radius: 16px;
  background: none;
  font: 500 1.1rem/1.25 var(--text);
  color: var(--ink);
  text-align: left;
  cursor: pointer;
}
.offer:hover,
.offer:focus-visible {
  border-color: var(--ink);
}
.figure {
  flex: none;
  width: 56px;
}
/* Where the thumb is. */
@media (max-width: 700px) {
  .change {
    position: fixed;
    top: auto;
    bottom: 1rem;
    width: 94vw;
  }
}
</style>
