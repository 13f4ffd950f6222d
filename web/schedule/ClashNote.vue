<script setup lang="ts">
import type { SessionSummary } from '@prompt-spark/contract/session';
import type { Clash, Held } from '@prompt-spark/core/schedule/clashes';
import { computed } from 'vue';
import { usePlacesStore } from '../library/places.ts';
import { calendarDayName } from '../wording/clock.ts';
import { sessionDay, sessionTime } from './sessionTime.ts';

/** What else is on at the times of a session: the first few, and how many more there are. */
const { clashes } = defineProps<{ clashes: readonly Clash<Held & { readonly session: SessionSummary }>[] }>();
const places = usePlacesStore();
const MOST = 3;

const lines = computed(() =>
  clashes.slice(0, MOST).map(({ with: { session }, of }) => {
    const site = places.siteOf(session.siteId)?.name ?? 'The place';
    const busy = of === 'site' ? `${site} is taken` : `${session.coachName} is busy`;
    const when = `${calendarDayName(sessionDay(session))} at ${sessionTime(session)}`;
    return { id: session.id, words: `${busy}: “${session.title}”, ${when}, ${String(session.minutes)} minutes.` };
  }),
);
</script>

<template>
  <div v-if="lines.length" class="clashes" role="status">
    <p v-for="line in lines" :key="line.id">{{ line.words }}</p>
    <p v-if="clashes.length > MOST">And {{ clashes.length - MOST }} more.</p>
  </div>
</template>

<style scoped>
.clashes {
  grid-column: 1 / -1;
  color: var(--brick);
  font-weight: 500;
}
</style>
