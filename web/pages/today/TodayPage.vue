<script setup lang="ts">
import type { PlannedSession } from '@prompt-spark/contract/session';
import { addDays, startOfDay } from 'date-fns';
import { computed, ref, shallowRef } from 'vue';
import { useLoading } from '../../composables/useLoading.ts';
import { calendarDay, dayName } from '../../pieces/clock.ts';
import LoadingGate from '../../pieces/LoadingGate.vue';
import { useCircuitsStore } from '../../stores/circuits.ts';
import { useLibraryStore } from '../../stores/library.ts';
import { usePeopleStore } from '../../stores/people.ts';
import { useSessionsStore } from '../../stores/sessions.ts';
import { useStandardsStore } from '../../stores/standards.ts';
import BookForm from './BookForm.vue';
import SessionCard from './SessionCard.vue';
import WeekAhead from './WeekAhead.vue';

/** What is on today, in order of time, and the week ahead. */
const library = useLibraryStore();
const sessions = useSessionsStore();
const circuits = useCircuitsStore();
const clients = usePeopleStore();
const standards = useStandardsStore();
const now = new Date();
const booking = ref(false);
/** What was last taken out of the book, until it is forgotten. */
const gone = shallowRef<PlannedSession | null>(null);
const trouble = ref('');

async function tried(change: () => Promise<void>): Promise<void> {
  trouble.value = '';
  try {
    await change();
  } catch (error) {
    trouble.value = error instanceof Error ? error.message : 'The book could not be changed.';
  }
}
const takeOut = (session: PlannedSession) =>
  tried(async () => {
    await sessions.takeOut(session.id);
    gone.value = session;
  });
const putBack = (session: PlannedSession) =>
  tried(async () => {
    await sessions.putBack(session);
    gone.value = null;
  });

const loading = useLoading(async () => {
  const from = startOfDay(now);
  await Promise.all([
    library.load(),
    sessions.load(addDays(from, -1), addDays(from, 8)),
    circuits.load(),
    clients.load(),
    standards.load(),
  ]);
});

const zoneOf = (siteId: string | null) => library.siteOf(siteId)?.timeZone;
const dayOf = (session: { startsAt: string; siteId: string | null }) =>
  calendarDay(session.startsAt, zoneOf(session.siteId));
const today = computed(() =>
  sessions.sessions.filter((session) => dayOf(session) === calendarDay(now, zoneOf(session.siteId))),
);
const ahead = computed(() =>
  sessions.sessions.filter((session) => dayOf(session) > calendarDay(now, zoneOf(session.siteId))),
);
const people = computed(() =>
  today.value.reduce(
    (sum, { groupId, circuit }) => sum + (library.groupOf(groupId)?.people ?? circuit.circuit.people),
    0,
  ),
);
</script>

<template>
  <section class="page">
    <header>
      <h1>{{ dayName(now) }}</h1>
      <p v-if="today.length" class="soft">
        {{ today.length }} warm-up{{ today.length === 1 ? '' : 's' }}, {{ people }} people
      </p>
      <v-btn class="book" variant="outlined" @click="booking = !booking">Put a session in the book</v-btn>
    </header>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <BookForm v-if="booking" @done="booking = false" />
    <LoadingGate :loading="loading">
      <ol v-if="today.length" class="cards">
        <li v-for="session in today" :key="session.id">
          <SessionCard :session="session" @take-out="takeOut(session)" />
        </li>
      </ol>
      <div v-else class="empty">
        <h2>Nothing in the book for today</h2>
        <p class="soft">
          A session is a circuit on a date, for a group, at a site. Write a circuit first, then put it in the book.
        </p>
        <v-btn to="/circuits">Go to the circuits</v-btn>
      </div>
      <WeekAhead v-if="ahead.length" :sessions="ahead" @take-out="takeOut" />
    </LoadingGate>
    <v-snackbar :model-value="gone !== null" :timeout="8000" @update:model-value="gone = null">
      “{{ gone?.circuit.circuit.title }}” is out of the book.
      <template #actions>
        <v-btn v-if="gone" variant="text" color="on-surface-variant" @click="putBack(gone)">Put it back</v-btn>
      </template>
    </v-snackbar>
  </section>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0.5rem 1rem;
  margin-bottom: 1.5rem;
}
.book {
  margin-left: auto;
}
.trouble {
  margin-bottom: 1rem;
  color: var(--brick);
}
.cards {
  display: grid;
  gap: 1rem;
  list-style: none;
}
.empty {
  display: grid;
  gap: 0.75rem;
  justify-items: start;
  padding: 1.5rem 0 2.5rem;
}
</style>
