<script setup lang="ts">
import type { MainSession } from '@prompt-spark/core/approach/mainSession';
import { TARGETS } from '@prompt-spark/core/drills/target';
import { targetWords } from '../wording/targetWords.ts';
import { ref } from 'vue';
import { useStandardsStore } from '../library/standards.ts';
import SessionForm from './SessionForm.vue';
import StandardList from './StandardList.vue';
import { say } from './say.ts';

/** The main sessions: what each needs a warm-up to prepare. */
const standards = useStandardsStore();
const editing = ref<MainSession | null>(null);

/** The first few needs, the greatest first. */
function needs({ needs: of }: MainSession): string {
  const ranked = TARGETS.filter((target) => (of[target] ?? 0) > 0).toSorted((a, b) => (of[b] ?? 0) - (of[a] ?? 0));
  const more = ranked.length > 5 ? say.sessionList.andMore(ranked.length - 5) : '';
  return ranked.slice(0, 5).map(targetWords).join(', ') + more;
}

const blank = (id: string): MainSession => ({ id, name: '', words: [], needs: {}, holds: 'usual' });
</script>

<template>
  <StandardList
    v-model="editing"
    kind="main session"
    :standards="standards.sessions"
    :unreadable="standards.unreadable.sessions"
    copied
    :blank="blank"
    :take-out="standards.takeOutSession"
  >
    <template #form="{ start, done }"><SessionForm :key="start.id" :start="start" @done="done" /></template>
    <template #about>
      {{ say.sessionList.whatASessionNeeds }}
    </template>
    <template #row="{ one }">
      <h2>{{ one.name }}</h2>
      <p>{{ needs(one) }}</p>
      <p class="soft small">{{ say.sessionList.knownBy(one.words.join(', ')) }}</p>
    </template>
  </StandardList>
</template>

<style scoped src="./list.css"></style>
