<script setup lang="ts">
import type { Drill } from '@prompt-spark/core/drills/drill';
import { usualSlot } from '@prompt-spark/core/circuit/slot';
import { slotWork } from '@prompt-spark/core/coverage/coverageOf';
import { floorOf } from '@prompt-spark/core/occasion/floor';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { baseOf } from '@prompt-spark/core/drills/drill';
import { LIMITATIONS } from '@prompt-spark/core/people/limitations';
import type { Limit } from '@prompt-spark/core/people/limitation';
import { UNKNOWN_PERSON } from '@prompt-spark/core/people/person';
import { instructed, instructionName, type SlotPlace } from '@prompt-spark/core/swaps/swap';
import { swapsFor } from '@prompt-spark/core/swaps/swapsFor';
import { computed, ref } from 'vue';
import DrillFigure from '../figure/DrillFigure.vue';
import { useLibraryStore } from '../library/library.ts';
import { reasonWords } from '../wording/reasonWords.ts';
import { say } from './say.ts';

/** What takes a drill's place for anybody with a limitation. */
const { drill } = defineProps<{ drill: Drill }>();
const library = useLibraryStore();
const limitationId = ref('no-floor');
const items = LIMITATIONS.map(({ id, name }) => ({ value: id, title: name }));

const offer = computed(() => {
  const occasion = occasionOf({ library: library.library });
  const slot = usualSlot(drill, 'usual');
  const [phase] = drill.phases;
  const place: SlotPlace = {
    slot,
    drill,
    rung: baseOf(drill),
    phase,
    seconds: slotWork(slot, floorOf({ people: 0, lanes: 0 }, occasion)),
    before: undefined,
    after: undefined,
  };
  const limit: Limit = { kind: 'known', limitationId: limitationId.value, severity: 'avoid', side: 'both', until: '' };
  const person = { ...UNKNOWN_PERSON, id: '', limits: [limit] };
  const found = swapsFor(place, person, occasion);
  return {
    fits: found.conflicts.length === 0,
    swaps: found.swaps.slice(0, 3).flatMap((swap) => {
      const as = instructed(library.library, swap);
      return as ? [{ ...swap, ...as }] : [];
    }),
  };
});
</script>

<template>
  <div class="replaces">
    <v-select v-model="limitationId" :label="say.drillReplaces.forSomeone" :items="items" />
    <p v-if="offer.fits" class="soft">{{ say.drillReplaces.fineAs }}</p>
    <ul v-else>
      <li v-for="swap in offer.swaps" :key="`${swap.drillId} ${swap.variantId}`">
        <DrillFigure class="figure" :drill="swap.drill" :variant="swap.rung" still :aspect="1" />
        <span>
          <RouterLink :to="`/drills/${swap.drillId}`">{{ instructionName(swap.drill, swap.rung) }}</RouterLink>
          <span class="soft small">{{
            reasonWords(swap.reasons.filter(({ kind }) => kind !== 'keeps the time'))
          }}</span>
        </span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.replaces {
  display: grid;
  gap: 0.5rem;
  max-width: 28rem;
  padding-top: 0.5rem;
}
ul {
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 3.4rem minmax(0, 1fr);
  align-items: center;
  gap: 0.6rem;
}
li span {
  display: grid;
}
</style>
