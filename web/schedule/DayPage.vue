<script setup lang="ts">
import { mdiChevronLeft, mdiChevronRight } from '@mdi/js';
import { clashesOf } from '@prompt-spark/core/schedule/clashes';
import { addDays, isValid, parseISO } from 'date-fns';
import { computed, defineAsyncComponent, watch } from 'vue';
import LoadingGate from '../loading/LoadingGate.vue';
import { useLoading } from '../loading/useLoading.ts';
import { usePlacesStore } from '../library/places.ts';
import { useAccountStore } from '../shell/account.ts';
import { useAction } from '../shell/useAction.ts';
import { calendarDay, calendarDayName } from '../wording/clock.ts';
import BookingDialog from './BookingDialog.vue';
import { clashLines } from './clashWords.ts';
import { dayTable } from './dayTable.ts';
import MonthSession from './MonthSession.vue';
import { useSessionsStore } from './sessions.ts';
import { sessionsByDay } from './sessionTime.ts';
import { useBooking } from './useBooking.ts';
import { inBook } from './useClashes.ts';
import { useTakenOut } from './useTakenOut.ts';
import { say } from './say.ts';

const UndoNotice = defineAsyncComponent(() => import('../shell/UndoNotice.vue'));

/** One day of the schedule, every coach's beside the others', with what is held twice. */
const { day } = defineProps<{
  /** YYYY-MM-DD; null for today. */
  day: string | null;
}>();
const sessions = useSessionsStore();
const places = usePlacesStore();
const account = useAccountStore();
const { act } = useAction();
const taken = useTakenOut();
const today = calendarDay(new Date());
const booking = useBooking(today);
const { open, changed, day: bookedDay } = booking;

const date = computed(() => {
  const asked = parseISO(day ?? today);
  return isValid(asked) ? asked : parseISO(today);
});
const shown = computed(() => calendarDay(date.value));
const other = (by: number) => calendarDay(addDays(date.value, by));
/** A site may be a day ahead of the browser, or behind it. */
const load = () => sessions.load(addDays(date.value, -1), addDays(date.value, 2));
const loading = useLoading(() => Promise.all([places.load(), load()]));
watch(shown, () => act(load));

const on = computed(() => sessionsByDay(sessions.sessions).get(shown.value) ?? []);
const table = computed(() => dayTable(on.value, places.places.coaches, account.account?.coachId ?? ''));
/** What stands in the way of each session, by its id. */
const clashes = computed(() => {
  const book = on.value.map(inBook);
  return new Map(
    book.map((one) => {
      const lines = clashLines({ held: clashesOf(one, book), tooClose: [] }, (id) => places.siteOf(id)?.name);
      return [one.id, lines] as const;
    }),
  );
});
</script>

<template>
  <section class="page">
    <header>
      <h1>{{ calendarDayName(shown) }}</h1>
      <p class="soft">{{ say.dayPage.sessions(on.length) }}</p>
      <nav :aria-label="say.dayPage.days">
        <RouterLink :to="{ query: { day: other(-1) } }" class="turn" :aria-label="say.dayPage.dayBefore">
          <v-icon :icon="mdiChevronLeft" />
        </RouterLink>
        <v-btn variant="text" :active="false" :to="{ query: {} }">{{ say.dayPage.today }}</v-btn>
        <RouterLink :to="{ query: { day: other(1) } }" class="turn" :aria-label="say.dayPage.dayAfter">
          <v-icon :icon="mdiChevronRight" />
        </RouterLink>
      </nav>
      <v-btn variant="text" :to="{ name: 'schedule', query: { month: shown.slice(0, 7) } }">{{
        say.dayPage.month
      }}</v-btn>
      <v-btn variant="outlined" @click="booking.add(shown)">{{ say.dayPage.addASession }}</v-btn>
    </header>
    <LoadingGate :loading="loading">
      <p v-if="on.length === 0" class="soft">{{ say.dayPage.nothingIsBooked }}</p>
      <div v-else class="scroll">
        <table>
          <thead>
            <tr>
              <th scope="col">
                <span class="visually-hidden">{{ say.dayPage.startsAt }}</span>
              </th>
              <th v-for="coach in table.coaches" :key="coach.id" scope="col">{{ coach.name }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in table.rows" :key="row.time">
              <th scope="row" class="clock">{{ row.time }}</th>
              <td v-for="(cell, at) in row.cells" :key="table.coaches[at]?.id">
                <div v-for="session in cell" :key="session.id" class="held">
                  <MonthSession :session="session" @click="booking.change(session)" />
                  <p v-for="line in clashes.get(session.id)" :key="line.id" class="clash small">{{ line.words }}</p>
                </div>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </LoadingGate>
    <BookingDialog v-if="open" v-model="open" :session="changed" :day="bookedDay" @take-out="taken.takeOut" />
    <UndoNotice v-if="taken.undo.last.value" :undo="taken.undo" />
  </section>
</template>

<style scoped src="./scheduleHead.css"></style>
<style scoped>
.scroll {
  position: relative;
  overflow-x: auto;
}
table {
  min-width: 100%;
  border-collapse: collapse;
  table-layout: fixed;
}
th,
td {
  width: 16rem;
  padding: 0.5rem;
  border-top: 1px solid var(--line);
  text-align: left;
  vertical-align: top;
}
thead th {
  border-top: 0;
  font-weight: 600;
}
tr > :first-child {
  width: 5rem;
}
.held + .held {
  margin-top: 0.4rem;
}
.clash {
  color: var(--brick);
  font-weight: 500;
}
</style>
