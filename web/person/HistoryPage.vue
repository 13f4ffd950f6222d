<script setup lang="ts">
import { mdiDownload, mdiPrinter } from '@mdi/js';
import { everythingSeen } from '@prompt-spark/core/people/seenWords';
import type { Measured } from '@prompt-spark/core/people/measured';
import { computed } from 'vue';
import { download } from '../fields/download.ts';
import LoadingGate from '../loading/LoadingGate.vue';
import { useLoading } from '../loading/useLoading.ts';
import { useStandardsStore } from '../library/standards.ts';
import { useAction } from '../shell/useAction.ts';
import { calendarDayName } from '../wording/clock.ts';
import { usePeopleStore } from '../people/people.ts';
import { say } from './say.ts';

/** What was seen, counted and measured of somebody, to print or to hand them as a file. */
const { id } = defineProps<{ id: string }>();
const people = usePeopleStore();
const standards = useStandardsStore();
const { busy, act } = useAction();
const loading = useLoading(() => Promise.all([people.load(), standards.load()]));
const record = computed(() => people.recordOf(id));
const seen = computed(() => record.value?.document.seen ?? []);
const measured = computed(() => {
  const known = new Map(standards.measures.map((measure) => [measure.id, measure]));
  return (record.value?.document.measured ?? []).map((one) => ({ one, measure: known.get(one.measureId) }));
});

function amountsOf({ left, right, once }: Measured, unit = ''): string {
  const sides = [left === null ? '' : say.historyPage.left(left), right === null ? '' : say.historyPage.right(right)];
  return `${once === null ? sides.filter(Boolean).join(', ') : String(once)} ${unit}`.trim();
}
const print = () => window.print();
const save = () =>
  act(async () => {
    const csv = await people.exportOne(id);
    download(`${record.value?.document.name ?? say.historyPage.history}.csv`, new Blob([csv], { type: 'text/csv' }));
  });
</script>

<template>
  <section class="page">
    <LoadingGate :loading="loading">
      <p v-if="!record">
        {{ say.historyPage.youDontCoachAnyone }} <RouterLink to="/people">{{ say.historyPage.people }}</RouterLink>
      </p>
      <template v-else>
        <header>
          <h1>{{ say.historyPage.ofPerson(record.document.name) }}</h1>
          <span class="acts on-screen">
            <v-btn variant="outlined" :prepend-icon="mdiDownload" :loading="busy" @click="save">{{
              say.historyPage.saveAsCsv
            }}</v-btn>
            <v-btn variant="outlined" :prepend-icon="mdiPrinter" @click="print">{{ say.historyPage.print }}</v-btn>
            <v-btn variant="text" :to="`/people/${id}`">{{ say.historyPage.backToTheirPage }}</v-btn>
          </span>
        </header>
        <p class="soft small on-screen">
          {{ say.historyPage.itIsTheirsHand }}
        </p>
        <p v-if="!seen.length && !measured.length" class="soft">
          {{ say.historyPage.nothingYetNoteWho }}
        </p>
        <section v-if="measured.length" :aria-label="say.historyPage.measures">
          <h2>{{ say.historyPage.measures }}</h2>
          <table>
            <tbody>
              <tr v-for="{ one, measure } in measured" :key="one.id">
                <td>{{ calendarDayName(one.day) }}</td>
                <td>{{ measure?.name ?? say.historyPage.measureThatWasRemoved }}</td>
                <td>{{ amountsOf(one, measure?.unit) }}</td>
              </tr>
            </tbody>
          </table>
        </section>
        <section v-if="seen.length" :aria-label="say.historyPage.sessions">
          <h2>{{ say.historyPage.sessions }}</h2>
          <table>
            <tbody>
              <tr v-for="one in seen" :key="one.runId">
                <td>{{ calendarDayName(one.day) }}</td>
                <td>{{ one.title }}</td>
                <td>{{ everythingSeen(one) }}</td>
              </tr>
            </tbody>
          </table>
        </section>
      </template>
    </LoadingGate>
  </section>
</template>

<style scoped src="../theme/plainTable.css"></style>
<style scoped>
.page {
  display: grid;
  gap: 1.25rem;
  align-content: start;
}
header,
.acts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem 1rem;
}
.acts {
  margin-left: auto;
}
table {
  max-width: 48rem;
  table-layout: fixed;
}
</style>
