<script setup lang="ts">
import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import { pickedIn, pickingBlocks, type BlockPick } from '@prompt-spark/core/circuit/pick';
import { computed } from 'vue';
import { clock } from '../wording/clock.ts';
import { useLibraryStore } from '../library/library.ts';
import { say } from './say.ts';

/** Whose turn it is today in the blocks that pick, and the next ones in their place. */
const { circuit, picks } = defineProps<{
  /** With what waits. */
  circuit: Circuit;
  picks: readonly BlockPick[];
}>();
const emit = defineEmits<{ turn: [blockId: string] }>();
const library = useLibraryStore();
const turns = computed(() =>
  pickingBlocks(circuit)
    .map((block) => ({
      blockId: block.id,
      all: block.lines.filter(({ kind }) => kind === 'slot').length,
      within: block.pickWithin,
      names: pickedIn(block, picks).map(({ drillId }) => library.drillOf(drillId)?.name ?? drillId),
    }))
    .filter(({ all, names }) => names.length < all),
);
</script>

<template>
  <section class="turns" :aria-label="say.stageTurns.todaysTurn">
    <p v-for="{ blockId, all, within, names } in turns" :key="blockId">
      <span class="soft">{{
        say.stageTurns.today(within === null ? '' : say.stageTurns.inTime(clock(within)), names.length, all)
      }}</span>
      <strong>{{ names.join(', ') }}</strong>
      <v-btn variant="text" @click="emit('turn', blockId)">{{ say.stageTurns.takeTheNextOnes }}</v-btn>
    </p>
  </section>
</template>

<style scoped>
.turns {
  flex-basis: 100%;
  display: grid;
  justify-items: center;
}
p {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: center;
  gap: 0 0.6rem;
}
</style>
