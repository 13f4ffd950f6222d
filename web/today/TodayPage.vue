<script setup lang="ts">
import { addDays, startOfDay } from 'date-fns';
import { computed, defineAsyncComponent } from 'vue';
import { useAction } from '../shell/useAction.ts';
import { useGradually } from '../loading/useGradually.ts';
import { useLoading } from '../loading/useLoading.ts';
import { calendarDay, dayName } from '../wording/clock.ts';
import LoadingGate from '../loading/LoadingGate.vue';
import UnreadableNote from '../loading/UnreadableNote.vue';
import { usePlacesStore } from '../library/places.ts';
import { useSessionsStore } from '../schedule/sessions.ts';
import SessionCard from './SessionCard.vue';
import { daysAhead } from '../schedule/sessionTime.ts';
import { useBooking } from '../schedule/useBooking.ts';
import { useTakenOut } from '../schedule/useTakenOut.ts';
import { useFoundToday } from './useFoundToday.ts';
import WeekAhead from './WeekAhead.vue';
import { say } from './say.ts';

const BookingDialog = defineAsyncComponent(() => import('../schedule/BookingDialog.vue'));
const FirstPlace = defineAsyncComponent(() => import('./FirstPlace.vue'));
const UndoNotice = defineAsyncComponent(() => import('../shell/UndoNotice.vue'));

/** What is on today, in order of time, and the week ahead. */
const places = usePlacesStore();
const sessions = useSessionsStore();
const now = new Date();
const booking = useBooking(calendarDay(now));
const { open, changed, day } = booking;
const taken = useTakenOut();

const loading = useLoading(() => Promise.all([places.load(), loadWeek()]));
function loadWeek(): Promise<void> {
  const from = startOfDay(now);
  return sessions.load(addDays(from, -1), addDays(from, 8));
}

const today = computed(() => sessions.sessions.filter((session) => daysAhead(session, now) === 0));
const ahead = computed(() => sessions.sessions.filter((session) => daysAhead(session, now) > 0));
const drawn = useGradually(today);
/** The days to come are drawn once today is. */
const week = computed(() => (drawn.value.length === today.value.length ? ahead.value : []));
const people = computed(() =>
  today.value.reduce((sum, session) => sum + (places.groupOf(session.groupId)?.people ?? session.people), 0),
);
/** A studio opens with one place, of which nobody has said yet what is there. */
const firstPlace = computed(() => {
  const [only, ...others] = places.places.sites;
  return others.length === 0 && only?.version === 1 ? only : undefined;
});
const { found, findAgain } = useFoundToday(today);
const { act } = useAction();
</script>

<template>
  <section class="page">
    <header>
      <h1>{{ dayName(now) }}</h1>
      <p v-if="today.length" class="soft">
        {{ say.todayPage.howMany(today.length, people) }}
      </p>
      <div class="acts">
        <v-btn v-if="places.places.coaches.length > 1" variant="text" to="/schedule/day">{{
          say.todayPage.byCoach
        }}</v-btn>
        <v-btn variant="text" to="/schedule">{{ say.todayPage.month }}</v-btn>
        <v-btn variant="outlined" @click="booking.add()">{{ say.todayPage.addASession }}</v-btn>
      </div>
    </header>
    <BookingDialog v-if="open" v-model="open" :session="changed" :day="day" @take-out="taken.takeOut" />
    <LoadingGate :loading="loading">
      <FirstPlace v-if="firstPlace" :site="firstPlace" />
      <UnreadableNote
        :what="say.todayPage.session"
        :unreadable="sessions.unreadable"
        @take-out="(id) => taken.takeOut({ id, title: say.todayPage.theSession })"
      />
      <ol v-if="today.length" class="cards">
        <li v-for="session in drawn" :key="session.id">
          <SessionCard
            :session="session"
            :found="found.get(session.id)"
            @change="booking.change(session)"
            @take-out="taken.takeOut(session)"
            @made="act(loadWeek)"
            @changed="findAgain"
          />
        </li>
      </ol>
      <div v-else class="empty">
        <h2>{{ say.todayPage.nothingOnToday }}</h2>
        <p class="soft">
          {{ say.todayPage.sessionIsACircuit }}
        </p>
        <v-btn to="/circuits">{{ say.todayPage.goToTheCircuits }}</v-btn>
      </div>
      <WeekAhead v-if="week.length" :sessions="week" @change="booking.change" @take-out="taken.takeOut" />
    </LoadingGate>
    <UndoNotice v-if="taken.undo.last.value" :undo="taken.undo" />
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
.acts {
  display: flex;
  gap: 0.25rem;
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
