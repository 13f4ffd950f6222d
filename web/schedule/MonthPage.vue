<script setup lang="ts">
import { mdiChevronLeft, mdiChevronRight, mdiPlus } from '@mdi/js';
import type { SessionSummary } from '@prompt-spark/contract/session';
import { addDays, parseISO } from 'date-fns';
import { computed, defineAsyncComponent, watch } from 'vue';
import { useAction } from '../shell/useAction.ts';
import { useLoading } from '../loading/useLoading.ts';
import LoadingGate from '../loading/LoadingGate.vue';
import BinLink from '../shell/BinLink.vue';
import { download } from '../fields/download.ts';
import IconButton from '../shell/IconButton.vue';
import { usePlacesStore } from '../library/places.ts';
import { calendarDay, calendarDayName, firstWeekday, monthName, weekdayNames } from '../wording/clock.ts';
import MonthSession from './MonthSession.vue';
import { monthFrom, monthGrid } from './monthDays.ts';
import BookingDialog from './BookingDialog.vue';
import { useBooking } from './useBooking.ts';
import { useSessionsStore } from './sessions.ts';
import { sessionsByDay } from './sessionTime.ts';
import { useTakenOut } from './useTakenOut.ts';
import { say } from './say.ts';

const UndoNotice = defineAsyncComponent(() => import('../shell/UndoNotice.vue'));

/** The book a month at a time: every day with its sessions, to be looked at, moved and added to. */
const { month } = defineProps<{
  /** YYYY-MM; null for this month. */
  month: string | null;
}>();
const sessions = useSessionsStore();
const places = usePlacesStore();
const { act } = useAction();
const taken = useTakenOut();
const now = new Date();
const today = calendarDay(now);

const grid = computed(() => monthGrid(month, now, firstWeekday()));
const title = computed(() => monthName(grid.value.first.getFullYear(), grid.value.first.getMonth() + 1));
/** A site may be a day ahead of the browser, or behind it. */
function load(): Promise<void> {
  const { days } = grid.value;
  const [first = today, last = today] = [days[0]?.day, days.at(-1)?.day];
  return sessions.load(addDays(parseISO(first), -1), addDays(parseISO(last), 2));
}
const loading = useLoading(() => Promise.all([places.load(), load()]));
watch(grid, () => act(load));

const byDay = computed(() => sessionsByDay(sessions.sessions));
const total = computed(() => grid.value.days.reduce((sum, { day, inside }) => sum + (inside ? on(day).length : 0), 0));
const on = (day: string): readonly SessionSummary[] => byDay.value.get(day) ?? [];

/** The sessions of the month for another calendar to take in. */
async function toCalendar(): Promise<void> {
  const { calendarFile } = await import('./calendarFile.ts');
  const own = grid.value.days.filter(({ inside }) => inside).flatMap(({ day }) => on(day));
  const text = calendarFile(own, ({ groupId, siteId }) => ({
    group: places.groupOf(groupId)?.name ?? '',
    site: places.siteOf(siteId)?.name ?? '',
  }));
  download(`${title.value}.ics`, new Blob([text], { type: 'text/calendar' }));
}

const booking = useBooking(today);
const { open, changed, day } = booking;
</script>

<template>
  <section class="page">
    <header>
      <h1>{{ title }}</h1>
      <p class="soft">{{ say.monthPage.sessions(total) }}</p>
      <nav :aria-label="say.monthPage.months">
        <RouterLink
          :to="{ query: { month: monthFrom(grid.first, -1) } }"
          class="turn"
          :aria-label="say.monthPage.monthBefore"
        >
          <v-icon :icon="mdiChevronLeft" />
        </RouterLink>
        <v-btn variant="text" :active="false" :to="{ query: {} }">{{ say.monthPage.thisMonth }}</v-btn>
        <RouterLink
          :to="{ query: { month: monthFrom(grid.first, 1) } }"
          class="turn"
          :aria-label="say.monthPage.monthAfter"
        >
          <v-icon :icon="mdiChevronRight" />
        </RouterLink>
      </nav>
      <v-btn v-if="total > 0" variant="text" @click="act(toCalendar)">{{ say.monthPage.calendarFile }}</v-btn>
      <BinLink />
      <v-btn variant="outlined" @click="booking.add()">{{ say.monthPage.addASession }}</v-btn>
    </header>
    <LoadingGate :loading="loading">
      <div class="grid">
        <p v-for="name in weekdayNames()" :key="name" class="weekday soft small" aria-hidden="true">{{ name }}</p>
        <section
          v-for="one in grid.days"
          :key="one.day"
          class="day"
          :class="{ outside: !one.inside, today: one.day === today, none: on(one.day).length === 0 }"
          :aria-label="calendarDayName(one.day)"
        >
          <div class="head">
            <RouterLink
              class="number"
              :to="{ name: 'day', query: { day: one.day } }"
              :aria-label="say.monthPage.coachByCoach(calendarDayName(one.day))"
              ><span>{{ one.number }}</span></RouterLink
            >
            <RouterLink class="name" :to="{ name: 'day', query: { day: one.day } }">{{
              calendarDayName(one.day)
            }}</RouterLink>
            <IconButton
              class="add"
              :path="mdiPlus"
              :label="say.monthPage.addASessionOn(calendarDayName(one.day))"
              @click="booking.add(one.day)"
            />
          </div>
          <ul>
            <li v-for="session in on(one.day)" :key="session.id">
              <MonthSession :session="session" @click="booking.change(session)" />
            </li>
          </ul>
        </section>
      </div>
    </LoadingGate>
    <BookingDialog v-if="open" v-model="open" :session="changed" :day="day" @take-out="taken.takeOut" />
    <UndoNotice v-if="taken.undo.last.value" :undo="taken.undo" />
  </section>
</template>

<style scoped src="./scheduleHead.css"></style>
<style scoped>
.grid {
  display: grid;
  grid-template-columns: repeat(7, minmax(0, 1fr));
  border: solid var(--line);
  border-width: 1px 0 0 1px;
  background: var(--card);
}
.weekday {
  padding: 0.4rem 0.5rem;
  border: solid var(--line);
  border-width: 0 1px 1px 0;
}
.day {
  min-height: 5rem;
  padding: 0 0.35rem 0.4rem;
  border: solid var(--line);
  border-width: 0 1px 1px 0;
}
.outside {
  background: var(--ground);
}
.outside .number {
  color: var(--soft);
}
.head {
  display: flex;
  align-items: center;
  justify-content: space-between;
  margin-right: -0.35rem;
}
.number,
.name {
  min-height: 44px;
  align-items: center;
  color: inherit;
  font-weight: inherit;
  text-decoration: none;
}
.number {
  display: inline-flex;
  min-width: 44px;
}
.number > span {
  min-width: 1.75rem;
  padding: 0 0.25rem;
  line-height: 1.75rem;
}
.number:hover,
.name:hover {
  text-decoration: underline;
}
.today .number > span {
  border-radius: 50%;
  background: var(--damson);
  color: var(--card);
  text-align: center;
  font-weight: 600;
}
.name {
  display: none;
}
.add {
  opacity: 0.45;
}
.day:hover .add,
.add:focus-visible {
  opacity: 1;
}
ul {
  display: grid;
  gap: 0.3rem;
  list-style: none;
}
@media (max-width: 900px) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
  .weekday,
  .none.outside,
  .number {
    display: none;
  }
  .day {
    min-height: 0;
  }
  .name {
    display: inline-flex;
    font-weight: 500;
  }
  .none .name {
    color: var(--soft);
    font-weight: 400;
  }
  .today .name {
    color: var(--damson);
  }
}
</style>
