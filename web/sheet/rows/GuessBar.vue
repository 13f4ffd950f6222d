<script setup lang="ts">
import type { Slot } from '@prompt-spark/core/circuit/circuit';
import { instructionName } from '@prompt-spark/core/swaps/swap';
import { baseOf } from '@prompt-spark/core/drills/drill';
import type { Named } from '@prompt-spark/core/reading/nameIndex';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useLibraryStore } from '../../library/library.ts';
import { guessOf } from './guessOf.ts';
import { useTeaching } from './useTeaching.ts';
import { say } from '../say.ts';

const MakeItOurs = defineAsyncComponent(() => import('./MakeItOurs.vue'));

/** A row whose drill was guessed at: what was written, whether that is right, and what else it may mean. */
const { slotLine } = defineProps<{ slotLine: Slot }>();
const library = useLibraryStore();
const teaching = useTeaching();
const making = ref(false);

const may = computed(() => guessOf(slotLine, library.library));
const nameOf = ({ drill, rungId }: Named): string =>
  instructionName(drill, drill.ladder.find(({ id }) => id === rungId) ?? baseOf(drill));
</script>

<template>
  <div class="guess" role="group" :aria-label="say.guessBar.isThatWhat(slotLine.guess)" @click.stop>
    <span class="soft said">{{ say.guessBar.isThat(slotLine.guess) }}</span>
    <v-btn
      v-if="may.guessed"
      size="small"
      density="comfortable"
      variant="tonal"
      :title="say.guessBar.yWithTheRow"
      aria-keyshortcuts="y"
      @click="teaching.yes(slotLine.id, slotLine.guess, may.guessed)"
      >{{ say.guessBar.yes }}</v-btn
    >
    <v-btn
      v-for="(other, at) in may.others"
      :key="`${other.drill.id} ${other.rungId}`"
      size="small"
      density="comfortable"
      variant="outlined"
      :title="say.guessBar.withTheRowChosen(at + 1)"
      :aria-keyshortcuts="String(at + 1)"
      @click="teaching.means(slotLine.id, slotLine.guess, other)"
      >{{ nameOf(other) }}</v-btn
    >
    <v-btn size="small" density="comfortable" variant="text" :aria-expanded="making" @click="making = !making">{{
      say.guessBar.noneOfThese
    }}</v-btn>
    <MakeItOurs v-if="making" class="ours" :line-id="slotLine.id" :typed="slotLine.guess" @done="making = false" />
  </div>
</template>

<style scoped>
.guess {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.35rem 0.5rem;
  padding: 0.35rem 0.25rem 0.15rem;
  font-size: 0.9375rem;
}
.ours {
  flex: 1 0 100%;
}
</style>
