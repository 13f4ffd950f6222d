<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { withChoice } from '@prompt-spark/core/swaps/assignment';
import { mayBeAnsweredFor } from '@prompt-spark/core/swaps/chosen';
import { painFreeIn } from '@prompt-spark/core/people/painFree';
import { choiceFor, type Choice, type Person } from '@prompt-spark/core/people/person';
import type { Instruction, SlotPlace } from '@prompt-spark/core/swaps/swap';
import { instructed, instructionName } from '@prompt-spark/core/swaps/swap';
import { swapsFor } from '@prompt-spark/core/swaps/swapsFor';
import { computed, onMounted, ref, useTemplateRef } from 'vue';
import DrillFigure from '../figure/DrillFigure.vue';
import { useGroupTracksStore } from '../sheet/store/groupTracks.ts';
import { useLibraryStore } from '../library/library.ts';
import { usePeopleStore } from '../people/people.ts';
import { useAccountStore } from '../shell/account.ts';
import { useSheetStore } from '../sheet/store/sheet.ts';
import { becauseWords, limitName } from '../wording/limitWords.ts';
import { reasonWords } from '../wording/reasonWords.ts';
import { say } from './say.ts';

/** What one person could do in one slot: why not as planned, and what instead, with figures and reasons. */
const { place, person } = defineProps<{ place: SlotPlace; person: Person }>();
const emit = defineEmits<{ close: [] }>();
const groupTracks = useGroupTracksStore();
const library = useLibraryStore();
const account = useAccountStore();
const people = usePeopleStore();
const sheet = useSheetStore();
const panel = useTemplateRef<HTMLElement>('panel');
const picked = ref('');
const trouble = ref('');
const SHOWN = 6;

const offer = computed(() => swapsFor(place, person, groupTracks.occasion, groupTracks.places));
const shown = computed(() =>
  offer.value.swaps.slice(0, SHOWN).flatMap((swap) => {
    const found = instructed(library.library, swap);
    return found ? [{ ...swap, ...found, key: `${swap.drillId} ${swap.variantId}` }] : [];
  }),
);
const chosen = computed(() => shown.value.find(({ key }) => key === picked.value) ?? shown.value[0]);
const before = computed(() => choiceFor(person, sheet.id, place.slot.id, groupTracks.day));
const why = computed(() => [
  ...new Set(offer.value.conflicts.map(({ capped, because }) => `${capped} (${becauseWords(because)})`)),
]);

/** What they mind in it without needing anything else. */
const painFree = computed(() => painFreeIn(place.rung, person, groupTracks.day));
/** What is planned can be kept for somebody whose limits speak against it, if the coach says so by name. */
const mayAnswer = computed(() => why.value.length > 0 && mayBeAnsweredFor(person, groupTracks.day));
const asPlanned = computed(() => ({
  drillId: place.drill.id,
  variantId: place.rung.id,
  answeredBy: account.account?.coachName ?? '',
  answeredOn: groupTracks.day,
}));

// Opened by keyboard, the focus goes to the candidates; Escape leads back.
onMounted(() => panel.value?.querySelector<HTMLElement>('input, button')?.focus());

type Chosen = Instruction & Partial<Pick<Choice, 'answeredBy' | 'answeredOn'>>;

async function choose(instruction: Chosen | null, day: string): Promise<void> {
  trouble.value = '';
  try {
    await people.change(person.id, (document) => {
      const { id: _, ...changed } = withChoice(
        { id: person.id, ...document },
        sheet.id,
        place.slot.id,
        instruction,
        day,
      );
      return changed;
    });
  } catch (error) {
    trouble.value = error instanceof Error ? error.message : say.swapPanel.itCouldNot;
  }
}
</script>

<template>
  <aside ref="panel" class="panel" :aria-label="`${person.name}, ${place.drill.name}`" @keydown.esc="emit('close')">
    <header>
      <h2>{{ person.name.split(' ')[0] }}, {{ place.drill.name.toLowerCase() }}</h2>
      <v-btn :icon="mdiClose" variant="text" :aria-label="say.swapPanel.close" @click="emit('close')" />
    </header>
    <div class="planned">
      <DrillFigure class="figure" :drill="place.drill" :dose="place.slot.dose" still :aspect="1" />
      <p>
        <strong>{{ place.drill.name }}</strong>
        <span v-if="why.length" class="soft">{{ say.swapPanel.doesNotFit(why.join('; ')) }}</span>
        <span v-else class="soft">{{ say.swapPanel.fitsAsPlanned }}</span>
        <span v-if="painFree.length">{{ say.swapPanel.onlyAsFar(painFree.map(limitName).join('; ')) }}</span>
      </p>
    </div>
    <p v-if="offer.nothingFits" class="bad">
      {{ say.swapPanel.nothingWithTheSame }}
    </p>
    <div role="radiogroup" :aria-label="say.swapPanel.instead" class="offers">
      <label v-for="swap in shown" :key="swap.key" :class="['offer', { chosen: swap.key === chosen?.key }]">
        <input
          class="visually-hidden"
          type="radio"
          name="swap"
          :checked="swap.key === chosen?.key"
          @change="picked = swap.key"
        />
        <DrillFigure
          class="figure"
          :drill="swap.drill"
          :variant="swap.rung"
          :still="swap.key !== chosen?.key"
          :aspect="1"
        />
        <span>
          <strong>{{ instructionName(swap.drill, swap.rung) }}</strong>
          <span class="soft">
            {{ swap.side === 'both' ? '' : say.swapPanel.onlyOn(swap.side) }}{{ reasonWords(swap.reasons) }}.
          </span>
        </span>
      </label>
    </div>
    <p class="acts">
      <template v-if="chosen">
        <v-btn @click="choose(chosen, groupTracks.day)">{{ say.swapPanel.forToday }}</v-btn>
        <v-btn variant="outlined" @click="choose(chosen, '')">{{ say.swapPanel.fromNow }}</v-btn>
      </template>
      <v-btn v-if="before" variant="text" @click="choose(null, before.day)">{{ say.swapPanel.asSuggested }}</v-btn>
    </p>
    <p v-if="mayAnswer" class="answer small">
      <v-btn variant="text" size="small" @click="choose(asPlanned, groupTracks.day)">{{
        say.swapPanel.keepAsPlannedToday
      }}</v-btn>
      <span class="soft">{{ say.swapPanel.againstStayWithThem(why.join('; ')) }}</span>
    </p>
    <p v-else-if="why.length" class="soft small">
      {{ say.swapPanel.heldToLightEffort }}
    </p>
    <p v-if="before?.answeredBy" class="small">
      {{ say.swapPanel.keptAsPlanned(before.answeredBy, before.answeredOn) }}
    </p>
    <p v-if="trouble" class="bad" role="alert">{{ trouble }}</p>
  </aside>
</template>

<style scoped>
.panel {
  flex: 0 0 21rem;
  display: grid;
  align-content: start;
  gap: 0.6rem;
  padding: 1.25rem 1rem;
  border-left: 1px solid var(--line);
  background: var(--card);
}
header {
  display: flex;
  align-items: start;
  justify-content: space-between;
}
h2 {
  font-size: 1.25rem;
}
.planned,
.offer {
  display: grid;
  grid-template-columns: 4rem minmax(0, 1fr);
  align-items: center;
  gap: 0.6rem;
}
.planned p,
.offer > span {
  display: grid;
  font-size: 0.9375rem;
}
.offers {
  display: grid;
  gap: 0.5rem;
}
.offer {
  padding: 0.4rem 0.6rem;
  border: 1px solid var(--line);
  border-radius: 10px;
  cursor: pointer;
}
.offer.chosen {
  border-color: var(--damson);
  box-shadow: 0 0 0 1px var(--damson);
}
.offer:focus-within {
  outline: 3px solid var(--damson);
  outline-offset: 2px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
.bad {
  color: var(--brick);
}
/* Where there is no room beside the table, it comes up from below, under the thumb. */
@media (max-width: 1080px) {
  .panel {
    position: fixed;
    inset: auto 0 0 76px;
    z-index: 9;
    width: auto;
    max-height: 62vh;
    overflow-y: auto;
    border: 1px solid var(--line);
    border-width: 1px 0 0;
    border-radius: 14px 14px 0 0;
    box-shadow: 0 -6px 24px rgb(0 0 0 / 0.16);
  }
}
@media (max-width: 700px) {
  .panel {
    inset: auto 0 58px;
  }
}
</style>
