<script setup lang="ts">
import type { Measure } from '@prompt-spark/core/measures/measure';
import type { Measured } from '@prompt-spark/core/people/measured';
import { computed, ref } from 'vue';
import { usePeopleStore } from '../people/people.ts';
import { useAction } from '../shell/useAction.ts';
import CloseButton from '../shell/CloseButton.vue';
import { calendarDayName } from '../wording/clock.ts';
import MeasureChart from './MeasureChart.vue';
import { changeWords, differenceWords, needsALook, UNIT_WORDS } from './measureWords.ts';
import { say } from './say.ts';

/** One measure over time: the sides as lines, a table beside it, and what the last one says. */
const { personId, measure, series } = defineProps<{
  personId: string;
  measure: Measure;
  /** The first day first. */
  series: readonly Measured[];
}>();
const emit = defineEmits<{ again: [] }>();
const people = usePeopleStore();
const { act } = useAction();
const FIRST = 5;
const all = ref(false);
const rows = computed(() => (all.value ? series.toReversed() : series.toReversed().slice(0, FIRST)));
const last = computed(() => series.at(-1));
const said = computed(() => [last.value ? differenceWords(measure, last.value) : '', changeWords(measure, series)]);
const shown = (amount: number | null): string => (amount === null ? '–' : String(amount));

const remove = (gone: string) =>
  act(() =>
    people.change(personId, (document) => ({
      ...document,
      measured: document.measured.filter(({ id }) => id !== gone),
    })),
  );
</script>

<template>
  <section class="card" :aria-label="measure.name">
    <header>
      <h2>{{ measure.name }}</h2>
      <v-btn variant="text" @click="emit('again')">{{ say.measureCard.measureAgain }}</v-btn>
    </header>
    <p v-for="words in said.filter(Boolean)" :key="words">{{ words }}</p>
    <p v-if="needsALook(measure, series)" class="look">
      {{ say.measureCard.largeDifference }}
    </p>
    <div class="both">
      <MeasureChart v-if="series.length > 1" :measure="measure" :series="series" />
      <table>
        <thead>
          <tr>
            <th>{{ say.measureCard.day }}</th>
            <template v-if="measure.sided">
              <th>{{ say.measureCard.left }}</th>
              <th>{{ say.measureCard.right }}</th>
            </template>
            <th v-else>{{ say.measureCard.result }}</th>
            <th>
              <span class="visually-hidden">{{ say.measureCard.remove }}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in rows" :key="one.id">
            <td>{{ calendarDayName(one.day) }}</td>
            <template v-if="measure.sided">
              <td>{{ shown(one.left) }}</td>
              <td>{{ shown(one.right) }}</td>
            </template>
            <td v-else>{{ shown(one.once) }}</td>
            <td>
              <CloseButton
                :label="say.measureCard.removeOf(measure.name, calendarDayName(one.day))"
                @click="remove(one.id)"
              />
            </td>
          </tr>
        </tbody>
        <caption class="soft small">
          {{
            say.measureCard.unit(UNIT_WORDS[measure.unit], measure.better)
          }}
        </caption>
      </table>
    </div>
    <v-btn v-if="series.length > FIRST && !all" variant="text" size="small" @click="all = true">{{
      say.measureCard.showAll(series.length)
    }}</v-btn>
  </section>
</template>

<style scoped>
.card {
  display: grid;
  gap: 0.5rem;
  padding: 1rem 1.25rem;
  border: 1px solid var(--line);
  border-radius: 14px;
  background: var(--card);
}
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 1rem;
}
h2 {
  font-size: 1.15rem;
}
.look {
  color: var(--brick);
  font-weight: 500;
}
.both {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(18rem, 1fr));
  gap: 1rem 2rem;
  align-items: start;
}
table {
  border-collapse: collapse;
  font-feature-settings: 'tnum';
}
th,
td {
  padding: 0.1rem 0.75rem 0.1rem 0;
  border-top: 1px solid var(--line);
  text-align: left;
}
th {
  border-top: 0;
  font-weight: 500;
}
caption {
  caption-side: bottom;
  padding-top: 0.35rem;
  text-align: left;
}
</style>
