<script setup lang="ts">
import type { PersonRecord } from '@prompt-spark/contract/person';
import type { RunSummary } from '@prompt-spark/contract/run';
import { seenIn, WARM_SIGNS, type Seen, type WarmSign } from '@prompt-spark/core/people/seen';
import { computed } from 'vue';
import TapRow from '../fields/TapRow.vue';
import { usePeopleStore } from '../people/people.ts';
import { useAction } from '../shell/useAction.ts';
import { noteSeen } from './noteSeen.ts';
import { say } from './say.ts';

/** How hard it was for each, and by what they were seen to be warm: in taps, for everybody at once or one by one. */
const { run, records } = defineProps<{
  run: RunSummary;
  /** Who was there, or may have been: nothing is noted of them yet. */
  records: readonly PersonRecord[];
}>();
const people = usePeopleStore();
const { act } = useAction();
const EFFORTS = Array.from({ length: 11 }, (_, value) => String(value));

interface Row {
  readonly id: string;
  readonly name: string;
  readonly of: readonly PersonRecord[];
  readonly seen: readonly (Seen | undefined)[];
}
const rows = computed((): readonly Row[] => {
  const each = records.map((record): Row => {
    return { id: record.id, name: record.document.name, of: [record], seen: [seenIn(record.document.seen, run.id)] };
  });
  // Who is noted as having been there; before anybody is, all of them.
  const noted = each.filter(({ seen }) => seen[0] !== undefined);
  const whole = noted.length > 0 ? noted : each;
  const of = whole.flatMap((row) => row.of);
  return [{ id: 'all', name: say.runEach.everybody, of, seen: whole.flatMap(({ seen }) => seen) }, ...each];
});
const effortOf = ({ seen }: Row): readonly string[] => {
  const [first, ...others] = seen.map((one) => one?.effort ?? null);
  return first === null || first === undefined || others.some((other) => other !== first) ? [] : [String(first)];
};
const signsOf = ({ seen }: Row): readonly WarmSign[] =>
  WARM_SIGNS.filter((sign) => seen.length > 0 && seen.every((one) => one?.signs.includes(sign)));

async function note({ of }: Row, make: (seen: Seen) => Seen): Promise<void> {
  await act(async () => {
    for (const { id } of of) await noteSeen(people, id, run, make);
  });
}

/** A tap says it, and a tap again takes it back. */
function tapEffort(row: Row, word: string): Promise<void> {
  const effort = effortOf(row).includes(word) ? null : Number(word);
  return note(row, (seen) => ({ ...seen, effort }));
}

function tapSign(row: Row, sign: WarmSign): Promise<void> {
  const off = signsOf(row).includes(sign);
  return note(row, (seen) => ({
    ...seen,
    signs: WARM_SIGNS.filter((one) => (one === sign ? !off : seen.signs.includes(one))),
  }));
}
</script>

<template>
  <p class="soft small">{{ say.runEach.howHard }}</p>
  <ul :aria-label="say.runEach.effortAndWarmthEach">
    <li v-for="row in rows" :key="row.id" :class="{ all: row.id === 'all' }">
      <span>{{ row.name }}</span>
      <TapRow
        :label="say.runEach.howHardFor(row.name)"
        :words="EFFORTS"
        :on="effortOf(row)"
        single
        grave=""
        @tap="(word) => tapEffort(row, word)"
      />
      <TapRow
        :label="say.runEach.seenToBeWarm(row.name)"
        :words="WARM_SIGNS"
        :on="signsOf(row)"
        :single="false"
        grave=""
        @tap="(sign) => tapSign(row, sign)"
      />
    </li>
  </ul>
</template>

<style scoped>
ul {
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 10rem minmax(0, 31rem) minmax(0, 1fr);
  align-items: center;
  gap: 0 1rem;
  border-top: 1px solid var(--line);
}
.all {
  font-weight: 600;
}
@media (max-width: 1100px) {
  li {
    grid-template-columns: minmax(0, 1fr);
    padding: 0.4rem 0;
  }
}
</style>
