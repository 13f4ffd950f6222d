<script setup lang="ts">
import type { SessionSummary } from '@prompt-spark/contract/session';
import { addDays, startOfDay } from 'date-fns';
import { computed, defineAsyncComponent, ref, shallowRef } from 'vue';
import { useAction } from '../shell/useAction.ts';
import { useGradually } from '../loading/useGradually.ts';
import { useLoading } from '../loading/useLoading.ts';
import { dayName } from '../wording/clock.ts';
import LoadingGate from '../loading/LoadingGate.vue';
import UnreadableNote from '../loading/UnreadableNote.vue';
import { usePlacesStore } from '../library/places.ts';
import { useSessionsStore } from './sessions.ts';
import SessionCard from './SessionCard.vue';
import { daysAhead } from './sessionTime.ts';
import { useOpenQuestions } from './useOpenQuestions.ts';
import WeekAhead from './WeekAhead.vue';

const BookForm = defineAsyncComponent(() => import('./BookForm.vue'));
const UndoNotice = defineAsyncComponent(() => import('../shell/UndoNotice.vue'));

/** What is on today, in order of time, and the week ahead. */
const places = usePlacesStore();
const sessions = useSessionsStore();
const { act } = useAction();
const now = new Date();
const booking = ref(false);
/** What was last taken out of the book, until it is forgotten. */
const gone = shallowRef<Pick<SessionSummary, 'id' | 'title'> | null>(null);

async function takeOut({ id, title }: Pick<SessionSummary, 'id' | 'title'>): Promise<void> {
  if (await act(() => sessions.takeOut(id))) gone.value = { id, title };
}
async function putBack(id: string): Promise<void> {
  if (await act(() => sessions.bringBack(id))) gone.value = null;
}

const loading = useLoading(() => {
  const from = startOfDay(now);
  return Promise.all([places.load(), sessions.load(addDays(from, -1), addDays(from, 8))]);
});

const today = computed(() => sessions.sessions.filter((session) => daysAhead(session, now) === 0));
const ahead = computed(() => sessions.sessions.filter((session) => daysAhead(session, now) > 0));
const drawn = useGradually(today);
/** The days to come are drawn once today is. */
const week = computed(() => (drawn.value.length === today.value.length ? ahead.value : []));
const people = computed(() =>
  today.value.reduce((sum, session) => sum + (places.groupOf(session.groupId)?.people ?? session.people), 0),
);
const { words: openQuestions, findAgain } = useOpenQuestions(today);
</script>

<template>
  <section class="page">
    <header>
      <h1>{{ dayName(now) }}</h1>
      <p v-if="today.length" class="soft">
        {{ today.length }} warm-up{{ today.length === 1 ? '' : 's' }}, {{ people }} people
      </p>
      <v-btn class="book" variant="outlined" @click="booking = !booking">Add a session</v-btn>
    </header>
    <BookForm v-if="booking" @done="booking = false" />
    <LoadingGate :loading="loading">
      <UnreadableNote
        what="session"
        :unreadable="sessions.unreadable"
        @take-out="(id) => takeOut({ id, title: 'The session' })"
      />
      <ol v-if="today.length" class="cards">
        <li v-for="session in drawn" :key="session.id">
          <SessionCard
            :session="session"
            :open-question="openQuestions.get(session.id)"
            @take-out="takeOut(session)"
            @roster-changed="findAgain"
          />
        </li>
      </ol>
      <div v-else class="empty">
        <h2>Nothing on today</h2>
        <p class="soft">
          A session is a circuit on a date, for a group, at a place. Write a circuit first, then add it to the schedule.
        </p>
        <v-btn to="/circuits">Go to the circuits</v-btn>
      </div>
      <WeekAhead v-if="week.length" :sessions="week" @take-out="takeOut" />
    </LoadingGate>
    <UndoNotice
      v-if="gone"
      :key="gone.id"
      :words="`“${gone.title}” removed from the schedule.`"
      undo="Put it back"
      @undo="putBack(gone.id)"
      @close="gone = null"
    />
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
