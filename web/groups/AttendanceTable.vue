<script setup lang="ts">
import type { Attendance, HeldSession, Presence } from '@prompt-spark/core/people/attendance';
import { computed } from 'vue';
import { calendarDayName, shortMonth } from '../wording/clock.ts';
import { say } from './say.ts';

/** Who of a group came to which session. It says nothing of how they were. */
const { sessions, attendance } = defineProps<{
  sessions: readonly HeldSession[];
  attendance: readonly Attendance[];
}>();

/** From this many sessions in a row on, that somebody stayed away is worth a call. Common practice, no source. */
const WORTH_A_CALL = 3;
const MARKS: Readonly<Record<Presence, string>> = { there: '●', 'not there': '○', 'not noted': '·' };
const noted = computed(() => attendance.some((one) => one.noted > 0));
/** The month is named where it begins. */
const opensMonth = (at: number): boolean => sessions[at]?.day.slice(0, 7) !== sessions[at - 1]?.day.slice(0, 7);
</script>

<template>
  <section :aria-label="say.attendanceTable.whoCame">
    <h2>{{ say.attendanceTable.whoCame }}</h2>
    <p v-if="!noted" class="soft">{{ say.attendanceTable.nobodyWasNotedYet }}</p>
    <template v-else>
      <p class="soft small">{{ say.attendanceTable.thereNotThere }}</p>
      <div class="wide" tabindex="0" role="region" :aria-label="say.attendanceTable.whoCameSession">
        <table>
          <thead>
            <tr>
              <th scope="col">{{ say.attendanceTable.name }}</th>
              <th scope="col" class="number">{{ say.attendanceTable.there }}</th>
              <th v-for="(one, at) in sessions" :key="one.runId" scope="col" class="mark">
                <abbr :title="calendarDayName(one.day)"
                  >{{ Number(one.day.slice(8))
                  }}<template v-if="opensMonth(at)"><br />{{ shortMonth(one.day) }}</template></abbr
                >
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in attendance" :key="one.personId">
              <th scope="row">
                <RouterLink :to="`/people/${one.personId}`">{{ one.name }}</RouterLink>
                <span v-if="one.missedLately >= WORTH_A_CALL" class="away small">{{
                  say.attendanceTable.awayTheLast(one.missedLately)
                }}</span>
              </th>
              <td class="number clock">{{ one.noted ? say.attendanceTable.thereOf(one.there, one.noted) : '–' }}</td>
              <td
                v-for="(presence, at) in one.presences"
                :key="sessions[at]?.runId ?? at"
                class="mark"
                :class="{ missing: presence === 'not there' }"
              >
                <span aria-hidden="true">{{ MARKS[presence] }}</span><span class="visually-hidden">{{ presence }}</span>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>
  </section>
</template>

<style scoped src="../theme/plainTable.css"></style>
<style scoped>
section {
  display: grid;
  /* However many sessions there were, they are scrolled inside. */
  grid-template-columns: minmax(0, 1fr);
  gap: 0.5rem;
}
.wide {
  /* Words for readers alone are placed in it, not in the page. */
  position: relative;
  overflow-x: auto;
}
table {
  width: auto;
}
th {
  vertical-align: top;
}
th[scope='row'] {
  padding: 0.3rem 1.25rem 0.3rem 0;
  border-top: 1px solid var(--line);
  font-size: 0.9375rem;
  color: var(--ink);
  white-space: nowrap;
}
.number {
  white-space: nowrap;
}
.mark {
  min-width: 1.6rem;
  padding-right: 0.25rem;
  text-align: center;
}
.mark abbr {
  text-decoration: none;
}
.missing {
  color: var(--brick);
}
.away {
  margin-left: 0.5rem;
  color: var(--brick);
}
</style>
