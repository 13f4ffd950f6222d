<script setup lang="ts">
import TapRow from '../fields/TapRow.vue';
import { dayName, timeOfDay } from '../wording/clock.ts';
import { chooseClockStyle, clockStyle, type ClockStyle } from '../wording/clockStyle.ts';
import { say } from './say.ts';

/** How times and dates are written in this browser, with the present moment as an example. */
const HOURS: Readonly<Record<string, ClockStyle['hours']>> = { '18:30': 24, '6:30 pm': 12 };
const FIRST: Readonly<Record<string, ClockStyle['first']>> = {
  '26 November, weeks from Monday': 'day',
  'November 26, weeks from Sunday': 'month',
};
const now = new Date();
const wordsFor = <Value,>(table: Readonly<Record<string, Value>>, value: Value): string[] =>
  Object.keys(table).filter((words) => table[words] === value);

function setHours(words: string): void {
  chooseClockStyle({ ...clockStyle.value, hours: HOURS[words] ?? 24 });
}
function setFirst(words: string): void {
  chooseClockStyle({ ...clockStyle.value, first: FIRST[words] ?? 'day' });
}
</script>

<template>
  <section class="clock-form" aria-labelledby="clock-style">
    <h2 id="clock-style">{{ say.clockForm.timesAndDates }}</h2>
    <TapRow
      :label="say.clockForm.times"
      :words="Object.keys(HOURS)"
      :on="wordsFor(HOURS, clockStyle.hours)"
      single
      grave=""
      @tap="setHours"
    />
    <TapRow
      :label="say.clockForm.dates"
      :words="Object.keys(FIRST)"
      :on="wordsFor(FIRST, clockStyle.first)"
      single
      grave=""
      @tap="setFirst"
    />
    <p class="soft">{{ say.clockForm.itIs(timeOfDay(now), dayName(now)) }}</p>
  </section>
</template>

<style scoped>
.clock-form {
  display: grid;
  gap: 0.5rem;
  justify-items: start;
}
h2 {
  font-size: 1.1rem;
}
</style>
