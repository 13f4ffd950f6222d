<script setup lang="ts">
import { mdiClose, mdiMinus, mdiPlus } from '@mdi/js';
import type { PersonRecord } from '@prompt-spark/contract/person';
import type { RunSummary, RunTurn } from '@prompt-spark/contract/run';
import {
  REACHED_UNITS,
  reachedBefore,
  reachedIn,
  unitOf,
  withoutReached,
  withReached,
  type ReachedUnit,
} from '@prompt-spark/core/people/reached';
import { seenIn, withSeen } from '@prompt-spark/core/people/seen';
import { computed, ref, watch } from 'vue';
import { useLibraryStore } from '../library/library.ts';
import { usePeopleStore } from '../people/people.ts';
import { useAction } from '../shell/useAction.ts';
import { blankSeen } from './blankSeen.ts';

/** What each of a group reached in a drill: a tap more or less from the last time. Only those this coach coaches. */
const { run, groupId, turns } = defineProps<{ run: RunSummary; groupId: string; turns: readonly RunTurn[] }>();
const people = usePeopleStore();
const library = useLibraryStore();
const { act } = useAction();
const UNITS = REACHED_UNITS.map((value) => ({ value, title: value === 's' ? 'seconds' : value }));

const drills = computed(() => [...new Map(turns.map((turn) => [turn.drillId, turn.drillName]))]);
const choices = computed(() => drills.value.map(([value, title]) => ({ value, title })));
const drillId = ref<string | null>(null);
const unit = ref<ReachedUnit>('reps');
const usual = computed(() => library.drillOf(drillId.value ?? '')?.usual.dose);
watch(drillId, async () => {
  await act(() => library.load());
  const counted = rows.value.find(({ reached }) => reached)?.reached;
  unit.value = counted?.unit ?? (usual.value ? unitOf(usual.value) : 'reps');
});

const there = computed(() =>
  people.records.filter(
    ({ groupIds, document }) => groupIds.includes(groupId) && seenIn(document.seen, run.id)?.state !== 'not there',
  ),
);
const rows = computed(() =>
  there.value.map((record) => {
    const all = record.document.seen;
    const of = { drillId: drillId.value ?? '', unit: unit.value };
    const { day } = blankSeen(run);
    return {
      record,
      reached: reachedIn(seenIn(all, run.id), of.drillId),
      before: reachedBefore(all, { runId: run.id, day }, of),
    };
  }),
);

/** Where a first tap begins: at the last time, else at what is usual. */
function start(before: number | undefined): number {
  if (before !== undefined) return before;
  const dose = usual.value;
  if (dose?.kind === 'reps' && unit.value === 'reps') return dose.count.low;
  return unit.value === 's' ? 20 : 1;
}

const stepOf = computed(() => (unit.value === 's' || unit.value === 'cm' ? 5 : 1));

function set(record: PersonRecord, amount: number | null): Promise<boolean> {
  const [id, name] = drills.value.find(([one]) => one === drillId.value) ?? ['', ''];
  return act(() =>
    people.change(record.id, (document) => {
      const seen = seenIn(document.seen, run.id) ?? blankSeen(run);
      const next =
        amount === null
          ? withoutReached(seen, id)
          : withReached(seen, { drillId: id, drillName: name, amount: Math.max(0, amount), unit: unit.value });
      return { ...document, seen: withSeen(document.seen, next) };
    }),
  );
}
</script>

<template>
  <section v-if="there.length" class="reached" aria-label="What each reached">
    <div class="of">
      <v-select v-model="drillId" label="What each reached in" :items="choices" clearable hide-details />
      <v-select v-if="drillId" v-model="unit" class="unit" label="Counted in" :items="UNITS" hide-details />
    </div>
    <ul v-if="drillId">
      <li v-for="{ record, reached, before } in rows" :key="record.id">
        <span>{{ record.document.name }}</span>
        <span v-if="!reached" class="taps">
          <v-btn variant="outlined" size="small" @click="set(record, start(before?.amount))">
            {{ start(before?.amount) }}<span class="visually-hidden"> by {{ record.document.name }}</span>
          </v-btn>
        </span>
        <span v-else class="taps">
          <v-btn
            :icon="mdiMinus"
            variant="text"
            :aria-label="`Less by ${record.document.name}`"
            @click="set(record, reached.amount - stepOf)"
          />
          <output class="clock">{{ reached.amount }}</output>
          <v-btn
            :icon="mdiPlus"
            variant="text"
            :aria-label="`More by ${record.document.name}`"
            @click="set(record, reached.amount + stepOf)"
          />
          <v-btn
            :icon="mdiClose"
            variant="text"
            :aria-label="`Not counted: ${record.document.name}`"
            @click="set(record, null)"
          />
        </span>
        <span class="soft small">{{ before ? `last time ${before.amount}` : '' }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.reached {
  display: grid;
  gap: 0.5rem;
}
.of {
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem;
}
.of > * {
  flex: 0 1 18rem;
}
.of > .unit {
  flex-basis: 9rem;
}
ul {
  list-style: none;
  max-width: 40rem;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 7rem;
  align-items: center;
  gap: 0.5rem;
  min-height: 52px;
  border-top: 1px solid var(--line);
}
.taps {
  display: flex;
  align-items: center;
  gap: 0.15rem;
}
.taps > .v-btn:not(.v-btn--icon) {
  min-height: 44px;
}
output {
  min-width: 2.5rem;
  text-align: center;
}
@media (max-width: 700px) {
  li {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  li > .small {
    grid-column: 1 / -1;
  }
}
</style>
