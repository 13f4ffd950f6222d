<script setup lang="ts">
import { computed } from 'vue';
import DayField from '../fields/DayField.vue';
import TapRow from '../fields/TapRow.vue';
import { calendarDayName, weekdayNames } from '../wording/clock.ts';
import { repeatedDays, type Repeating } from './repeats.ts';
import { say } from './say.ts';

/** How a new session repeats: not at all, every day, or on days of the week up to a day. */
const { day } = defineProps<{
  /** The day of the first, YYYY-MM-DD. */
  day: string;
}>();
const repeating = defineModel<Repeating>({ required: true });

const EVERY: readonly { readonly value: Repeating['every']; readonly title: string }[] = [
  { value: 'never', title: say.repeatFields.doesNotRepeat },
  { value: 'day', title: say.repeatFields.everyDay },
  { value: 'week', title: say.repeatFields.everyWeek },
  { value: 'two weeks', title: say.repeatFields.everyTwoWeeks },
];
const ENGLISH = [
  say.repeatFields.sunday,
  say.repeatFields.monday,
  say.repeatFields.tuesday,
  say.repeatFields.wednesday,
  say.repeatFields.thursday,
  say.repeatFields.friday,
  say.repeatFields.saturday,
];
/** The day of the week of the first session is one of them by itself. */
const own = computed(() => new Date(`${day}T12:00:00`).getDay());
const chosen = computed(() => [...repeating.value.weekdays, own.value].map((one) => ENGLISH[one] ?? ''));
const days = computed(() => repeatedDays(day, repeating.value));
const total = computed(() => {
  const last = days.value.at(-1) ?? day;
  if (days.value.length < 2) return say.repeatFields.chooseTheLastDay;
  return say.repeatFields.howMany(days.value.length, calendarDayName(last));
});

function toggle(name: string): void {
  const weekday = ENGLISH.indexOf(name);
  const { weekdays } = repeating.value;
  const without = weekdays.filter((one) => one !== weekday);
  repeating.value = {
    ...repeating.value,
    weekdays: without.length < weekdays.length ? without : [...weekdays, weekday],
  };
}
</script>

<template>
  <v-select
    :label="say.repeatFields.repeats"
    :items="EVERY"
    :model-value="repeating.every"
    @update:model-value="(every) => (repeating = { ...repeating, every })"
  />
  <DayField
    v-if="repeating.every !== 'never'"
    :label="say.repeatFields.lastDay"
    :least="day"
    :model-value="repeating.until"
    @update:model-value="(until) => (repeating = { ...repeating, until })"
  />
  <TapRow
    v-if="repeating.every === 'week' || repeating.every === 'two weeks'"
    class="whole"
    :label="say.repeatFields.daysOfTheWeek"
    :words="weekdayNames()"
    :on="chosen"
    :single="false"
    grave=""
    @tap="toggle"
  />
  <p v-if="repeating.every !== 'never'" class="whole soft" role="status">{{ total }}</p>
</template>

<style scoped>
.whole {
  grid-column: 1 / -1;
}
</style>
