<script setup lang="ts">
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
import { seenIn, type Seen } from '@prompt-spark/core/people/seen';
import { techniqueIn, VERSIONS_TAKEN, withTechnique, type Technique } from '@prompt-spark/core/people/technique';
import { computed, ref, watch } from 'vue';
import TapRow from '../fields/TapRow.vue';
import { useLibraryStore } from '../library/library.ts';
import { usePeopleStore } from '../people/people.ts';
import { useAction } from '../shell/useAction.ts';
import { blankSeen } from './blankSeen.ts';
import { noteSeen } from './noteSeen.ts';
import ReachedCount from './ReachedCount.vue';
import { say } from './say.ts';

/** What each of a group reached in a drill and how they did it, in taps. Only those this coach coaches. */
const { run, groupId, turns } = defineProps<{ run: RunSummary; groupId: string; turns: readonly RunTurn[] }>();
const people = usePeopleStore();
const library = useLibraryStore();
const { act } = useAction();
const UNITS = REACHED_UNITS.map((value) => ({ value, title: value === 's' ? say.runDrill.seconds : value }));

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
      technique: techniqueIn(seenIn(all, run.id), of.drillId),
      before: reachedBefore(all, { runId: run.id, day }, of),
    };
  }),
);

/** How somebody did it beside what is planned, as the taps say it. */
const VERSION_WORDS = VERSIONS_TAKEN.map((version) => say.runDrill.version(version));
const fault = computed(() => library.drillOf(drillId.value ?? '')?.fault.seen ?? '');
const onIn = (technique: Technique | undefined): readonly string[] =>
  technique ? [technique.fault, technique.version === null ? '' : say.runDrill.version(technique.version)] : [];

/** A tap says it, and a tap again takes it back. */
function did(record: PersonRecord, word: string): Promise<boolean> {
  return noteOf(record, (seen, drill) => {
    const now = techniqueIn(seen, drill.drillId) ?? { ...drill, fault: '', version: null };
    const tapped = VERSIONS_TAKEN.find((version) => word === say.runDrill.version(version));
    const next = tapped
      ? { ...now, version: now.version === tapped ? null : tapped }
      : { ...now, fault: now.fault === word ? '' : word };
    return withTechnique(seen, next);
  });
}

/** Where a first tap begins: at the last time, else at what is usual. */
function start(before: number | undefined): number {
  if (before !== undefined) return before;
  const dose = usual.value;
  if (dose?.kind === 'reps' && unit.value === 'reps') return dose.count.low;
  return unit.value === 's' ? 20 : 1;
}

const stepOf = computed(() => (unit.value === 's' || unit.value === 'cm' ? 5 : 1));

const set = (record: PersonRecord, amount: number | null) =>
  noteOf(record, (seen, drill) =>
    amount === null ? withoutReached(seen, drill.drillId) : withReached(seen, { ...drill, amount, unit: unit.value }),
  );

/** Notes something of somebody in the drill that is chosen. */
function noteOf(
  record: PersonRecord,
  make: (seen: Seen, drill: Pick<Technique, 'drillId' | 'drillName'>) => Seen,
): Promise<boolean> {
  const [id = '', name = ''] = drills.value.find(([one]) => one === drillId.value) ?? [];
  return act(() => noteSeen(people, record.id, run, (seen) => make(seen, { drillId: id, drillName: name })));
}
</script>

<template>
  <section v-if="there.length" class="reached" :aria-label="say.runDrill.drillByDrill">
    <div class="of">
      <v-select v-model="drillId" :label="say.runDrill.drillByDrill" :items="choices" clearable hide-details />
      <v-select
        v-if="drillId"
        v-model="unit"
        class="unit"
        :label="say.runDrill.countedIn"
        :items="UNITS"
        hide-details
      />
    </div>
    <ul v-if="drillId">
      <li v-for="{ record, reached, technique, before } in rows" :key="record.id">
        <span>{{ record.document.name }}</span>
        <ReachedCount
          :name="record.document.name"
          :reached="reached"
          :begin="start(before?.amount)"
          :step="stepOf"
          @set="(amount) => set(record, amount)"
        />
        <TapRow
          :label="say.runDrill.howDid(record.document.name)"
          :words="[...(fault ? [fault] : []), ...VERSION_WORDS]"
          :on="onIn(technique)"
          :single="false"
          grave=""
          @tap="(word) => did(record, word)"
        />
        <span class="soft small">{{ before ? say.runDrill.lastTime(before.amount) : '' }}</span>
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
  max-width: 56rem;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 9rem) auto minmax(0, 1fr) auto;
  align-items: center;
  gap: 0.5rem;
  min-height: 52px;
  border-top: 1px solid var(--line);
}
@media (max-width: 700px) {
  li {
    grid-template-columns: minmax(0, 1fr) auto;
    padding: 0.3rem 0;
  }
  li > :nth-child(n + 3) {
    grid-column: 1 / -1;
  }
}
</style>
