<script setup lang="ts">
import type { Seen } from '@prompt-spark/core/people/seen';
import { everythingSeen } from '@prompt-spark/core/people/seenWords';
import { computed, ref } from 'vue';
import { calendarDayName } from '../wording/clock.ts';
import { say } from './say.ts';

/** What was seen of somebody in sessions, the last one first. */
const { seen, personId, groups } = defineProps<{
  seen: readonly Seen[];
  personId: string;
  /** The groups they are in. */
  groups: readonly { readonly id: string; readonly name: string }[];
}>();
const FIRST = 6;
const all = ref(false);
const shown = computed(() => (all.value ? seen : seen.slice(0, FIRST)));
const there = computed(() => seen.filter(({ state }) => state !== 'not there').length);
</script>

<template>
  <section v-if="seen.length" class="seen" :aria-label="say.seenList.seenInSessions">
    <h2>{{ say.seenList.inSessions }}</h2>
    <p class="soft small">
      {{ say.seenList.there(there, seen.length) }}
      <template v-for="group in groups" :key="group.id">
        ·
        <RouterLink :to="{ name: 'group', params: { id: group.id }, query: { person: personId } }">{{
          say.seenList.prepared(group.name)
        }}</RouterLink></template
      >
    </p>
    <ul>
      <li v-for="one in shown" :key="one.runId">
        <span class="soft">{{ calendarDayName(one.day) }}</span>
        <span>{{ one.title }}</span>
        <span>{{ everythingSeen(one) }}</span>
      </li>
    </ul>
    <v-btn v-if="seen.length > FIRST && !all" variant="text" size="small" @click="all = true">{{
      say.seenList.showAll(seen.length)
    }}</v-btn>
  </section>
</template>

<style scoped>
.seen {
  display: grid;
  gap: 0.25rem;
}
h2 {
  font-size: 1.15rem;
}
ul {
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 13rem minmax(0, 14rem) minmax(0, 1fr);
  gap: 0.5rem;
  padding: 0.4rem 0;
  border-top: 1px solid var(--line);
}
@media (max-width: 700px) {
  li {
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
  }
}
</style>
