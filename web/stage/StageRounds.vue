<script setup lang="ts">
import type { OpenRound } from '@prompt-spark/core/session/openRounds';
import { say } from './say.ts';

/** One more round, or enough? Asked where the plan leaves it open. */
const { open } = defineProps<{ open: OpenRound }>();
const emit = defineEmits<{ more: []; enough: [] }>();
</script>

<template>
  <section class="rounds" role="group" :aria-label="say.stageRounds.afterRound(open.round)">
    <p>
      {{ say.stageRounds.roundOf(open.round, open.rounds.low, open.rounds.high)
      }}<span class="soft">{{ say.stageRounds.askOneMore }}</span>
    </p>
    <v-btn size="x-large" height="64" @click="emit('more')">{{ say.stageRounds.oneMore }}</v-btn>
    <v-btn size="x-large" height="64" variant="outlined" @click="emit('enough')">{{
      say.stageRounds.thatsEnough
    }}</v-btn>
  </section>
</template>

<style scoped>
.rounds {
  position: absolute;
  bottom: clamp(1rem, 3vw, 2rem);
  left: 50%;
  z-index: 2;
  transform: translateX(-50%);
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: center;
  gap: 0.75rem 1.25rem;
  width: max-content;
  max-width: calc(100% - 2rem);
  padding: 1rem 1.5rem;
  border-radius: 28px;
  background: var(--card);
  box-shadow: 0 10px 40px rgb(0 0 0 / 45%);
  font-size: clamp(1.2rem, 2vw, 1.8rem);
  font-weight: 600;
}
</style>
