<script setup lang="ts">
import type { RunSummary, RunTurn } from '@prompt-spark/contract/run';
import { comparedTurns } from '@prompt-spark/core/session/comparedTurns';
import { resultsOver, type ResultsInDrill } from '@prompt-spark/core/people/results';
import { computed, onMounted, ref, shallowRef, watch } from 'vue';
import { call } from '../api/call.ts';
import { usePeopleStore } from '../people/people.ts';
import { useAction } from '../shell/useAction.ts';
import { clock, dayName, timeOfDay } from '../wording/clock.ts';
import RunsChart from './RunsChart.vue';
import { useRunsStore } from './runs.ts';
import { say } from './say.ts';

/** A circuit with a group from time to time: as a line, and the run beside an earlier one, drill by drill. */
const { run, turns } = defineProps<{ run: RunSummary; turns: readonly RunTurn[] }>();
const runs = useRunsStore();
const people = usePeopleStore();
const { act } = useAction();
/** This run and those before it, the first one first. */
const all = shallowRef<readonly RunSummary[]>([]);
const earlier = computed(() => all.value.filter(({ id }) => id !== run.id).toReversed());
const other = ref<string | null>(null);
const otherTurns = shallowRef<readonly RunTurn[]>([]);
const compared = computed(() => comparedTurns(otherTurns.value, turns));
const choices = computed(() => earlier.value.map((one) => ({ value: one.id, title: titleOf(one) })));

/** What was counted of the people whom this coach coaches, drill by drill. */
const results = computed(() =>
  resultsOver(
    people.records.map(({ document }) => document),
    all.value.map(({ id }) => id),
  ),
);
const counted = ref<string | null>(null);
const keyOf = ({ drillId, unit }: ResultsInDrill): string => `${drillId} ${unit}`;
const drills = computed(() =>
  results.value.map((one) => ({ value: keyOf(one), title: `${one.drillName}, ${one.unit}` })),
);
const result = computed(() => results.value.find((one) => keyOf(one) === counted.value) ?? null);
const resultWords = computed(() => {
  if (!result.value) return '';
  const each = result.value.runs.map(({ mean, people: many }) => `${String(mean)} (${String(many)})`);
  return say.runOverTime.onAverage(each.join(', '), result.value.unit);
});

const titleOf = ({ startedAt, timeZone }: RunSummary): string =>
  `${dayName(startedAt, timeZone ?? undefined)}, ${timeOfDay(startedAt, timeZone ?? undefined)}`;

onMounted(() =>
  act(async () => {
    const group = run.groupId === null ? {} : { group: run.groupId };
    const page = await call('runs', { query: { circuit: run.circuitId, ...group } });
    all.value = page.runs.filter(({ startedAt }) => startedAt <= run.startedAt).toReversed();
    other.value = earlier.value[0]?.id ?? null;
    if (run.groupId !== null) await people.load();
  }),
);
watch(other, (id) =>
  act(async () => {
    const found = id === null ? [] : await runs.turnsOf(id);
    if (other.value === id) otherTurns.value = found;
  }),
);

function difference(before: number | null, after: number | null): string {
  if (before === null || after === null) return before === null ? say.runOverTime.new : say.runOverTime.leftOut;
  // Of what is shown: a column that does not add up is read twice.
  const seconds = Math.round(after) - Math.round(before);
  if (seconds === 0) return '';
  return seconds > 0 ? `+${clock(seconds)}` : `−${clock(-seconds)}`;
}
</script>

<template>
  <section class="over" :aria-label="say.runOverTime.overTime">
    <p v-if="all.length === 1" class="soft">{{ say.runOverTime.thisIsTheFirst }}</p>
    <template v-if="all.length > 1">
      <RunsChart :runs="all" :result="result" />
      <template v-if="results.length">
        <v-select
          v-model="counted"
          class="choice"
          :label="say.runOverTime.whatTheyReached"
          :items="drills"
          clearable
          hide-details
        />
        <p v-if="result" class="small">{{ resultWords }}</p>
      </template>
      <v-select v-model="other" class="choice" :label="say.runOverTime.beside" :items="choices" hide-details />
      <table>
        <thead>
          <tr>
            <th>{{ say.runOverTime.drill }}</th>
            <th class="number">{{ say.runOverTime.then }}</th>
            <th class="number">{{ say.runOverTime.thisTime }}</th>
            <th class="number">
              <span class="visually-hidden">{{ say.runOverTime.difference }}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ turn, before, after } in compared" :key="`${turn.slotId} ${turn.round} ${turn.drillId}`">
            <td>{{ turn.drillName }}{{ turn.round > 1 ? say.runOverTime.round(turn.round) : '' }}</td>
            <td class="number clock">{{ before === null ? '–' : clock(before) }}</td>
            <td class="number clock">{{ after === null ? '–' : clock(after) }}</td>
            <td class="number clock soft">{{ difference(before, after) }}</td>
          </tr>
        </tbody>
      </table>
    </template>
  </section>
</template>

<style scoped src="../theme/plainTable.css"></style>
<style scoped>
.over {
  display: grid;
  gap: 0.75rem;
  padding: 0.5rem 0;
}
.choice {
  max-width: 22rem;
}
table {
  max-width: 40rem;
}
</style>
