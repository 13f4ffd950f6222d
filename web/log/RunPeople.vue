<script setup lang="ts">
import type { PersonRecord } from '@prompt-spark/contract/person';
import type { RunSummary } from '@prompt-spark/contract/run';
import { REGIONS, type Region } from '@prompt-spark/core/people/region';
import {
  inState,
  isTrouble,
  SEEN_SIDES,
  SEEN_STATES,
  seenIn,
  type Seen,
  type SeenSide,
  type SeenState,
} from '@prompt-spark/core/people/seen';
import { computed, ref } from 'vue';
import TapRow from '../fields/TapRow.vue';
import LoadingGate from '../loading/LoadingGate.vue';
import { useLoading } from '../loading/useLoading.ts';
import { usePeopleStore } from '../people/people.ts';
import { useAction } from '../shell/useAction.ts';
import { noteSeen } from './noteSeen.ts';
import RunEach from './RunEach.vue';
import { say } from './say.ts';

/** Who was there, and how each came through it: a tap a person, and where it hurt. Only those this coach coaches. */
const { run, groupId } = defineProps<{ run: RunSummary; groupId: string }>();
const people = usePeopleStore();
const loading = useLoading(people.load);
const { busy, act } = useAction();
const PAINS = Array.from({ length: 11 }, (_, value) => value);

const rows = computed(() =>
  people.records
    .filter(({ groupIds }) => groupIds.includes(groupId))
    .map((record) => ({ record, seen: seenIn(record.document.seen, run.id) })),
);
const open = computed(() => rows.value.filter(({ seen }) => !seen));
const there = computed(() => rows.value.filter(({ seen }) => seen?.state !== 'not there').map(({ record }) => record));
/** How hard it was and how warm they were is asked of each where the coach wants to. */
const each = ref(false);

function note(record: PersonRecord, make: (seen: Seen) => Seen): Promise<boolean> {
  return act(() => noteSeen(people, record.id, run, make));
}

const state = (record: PersonRecord, to: SeenState) => note(record, (seen) => inState(seen, to));
const where = (record: PersonRecord, to: Region) =>
  note(record, (seen) => ({ ...seen, where: seen.where === to ? null : to }));
const side = (record: PersonRecord, to: SeenSide) =>
  note(record, (seen) => ({ ...seen, side: seen.side === to ? null : to }));
const pain = (record: PersonRecord, to: number | null) => note(record, (seen) => ({ ...seen, pain: to }));

/** Everybody of whom nothing is noted yet was there and is fine. */
async function restFine(): Promise<void> {
  await act(async () => {
    for (const { record } of open.value) {
      await noteSeen(people, record.id, run, (seen) => seen);
    }
  });
}
</script>

<template>
  <section class="people" :aria-label="say.runPeople.whoWasThere">
    <LoadingGate :loading="loading">
      <template v-if="rows.length">
        <div class="top">
          <h3>{{ say.runPeople.ask }}</h3>
          <v-btn v-if="open.length" variant="outlined" size="small" :loading="busy" @click="restFine">{{
            open.length === rows.length ? say.runPeople.allThereAllFine : say.runPeople.othersFine
          }}</v-btn>
          <v-btn v-if="there.length" variant="text" size="small" :aria-expanded="each" @click="each = !each">{{
            say.runPeople.effortAndWarmthEach
          }}</v-btn>
        </div>
        <RunEach v-if="each" :run="run" :records="there" />
        <ul>
          <li v-for="{ record, seen } in rows" :key="record.id">
            <RouterLink :to="`/people/${record.id}`">{{ record.document.name }}</RouterLink>
            <div class="said">
              <TapRow
                :label="say.runPeople.howCameThrough(record.document.name)"
                :words="SEEN_STATES"
                :on="seen ? [seen.state] : []"
                single
                grave=""
                @tap="(to) => state(record, to)"
              />
              <template v-if="seen && isTrouble(seen)">
                <TapRow
                  :label="say.runPeople.whereFelt(record.document.name)"
                  :words="REGIONS"
                  :on="seen.where ? [seen.where] : []"
                  :single="false"
                  grave=""
                  @tap="(to) => where(record, to)"
                />
                <div class="how">
                  <TapRow
                    :label="say.runPeople.whichSide(record.document.name)"
                    :words="SEEN_SIDES"
                    :on="seen.side ? [seen.side] : []"
                    :single="false"
                    grave=""
                    @tap="(to) => side(record, to)"
                  />
                  <v-select
                    class="pain"
                    :label="say.runPeople.pain010"
                    :items="PAINS"
                    :model-value="seen.pain"
                    clearable
                    @update:model-value="(value: number | null) => pain(record, value)"
                  />
                </div>
              </template>
            </div>
          </li>
        </ul>
        <p class="soft small">
          {{ say.runPeople.onlyThoseWhoCoach }}
        </p>
      </template>
    </LoadingGate>
  </section>
</template>

<style scoped>
.people {
  display: grid;
  gap: 0.5rem;
}
.top {
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: 0.25rem 1rem;
}
h3 {
  font-size: 1rem;
}
ul {
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 10rem minmax(0, 1fr);
  align-items: start;
  gap: 0.25rem 1rem;
  padding: 0.25rem 0;
  border-top: 1px solid var(--line);
}
li a {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
}
.how {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
}
.pain {
  flex: none;
  width: 11rem;
}
@media (max-width: 700px) {
  li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
