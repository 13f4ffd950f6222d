<script setup lang="ts">
import type { RunSummary } from '@prompt-spark/contract/run';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useAction } from '../shell/useAction.ts';
import { useUndo } from '../shell/useUndo.ts';
import { useLoading } from '../loading/useLoading.ts';
import LoadingGate from '../loading/LoadingGate.vue';
import MoreBelow from '../loading/MoreBelow.vue';
import { useAccountStore } from '../shell/account.ts';
import BinLink from '../shell/BinLink.vue';
import { usePlacesStore } from '../library/places.ts';
import { useRunsStore, type RunFilter } from './runs.ts';
import { stableIds } from '../saving/stableIds.ts';
import { twinOf } from './joinRuns.ts';
import LogFilters from './LogFilters.vue';
import RunEntry from './RunEntry.vue';
import { say } from './say.ts';

const LogFile = defineAsyncComponent(() => import('./LogFile.vue'));
const UndoNotice = defineAsyncComponent(() => import('../shell/UndoNotice.vue'));

/** Sessions as they were run, last first, as far back as there are any. */
const account = useAccountStore();
const runs = useRunsStore();
const places = usePlacesStore();
const { act } = useAction();
const loading = useLoading(() => Promise.all([runs.load({}), places.load()]));
const filtered = computed(() => Object.keys(runs.filter).length > 0);
const undo = useUndo();
async function takeOut({ id, circuitTitle }: RunSummary): Promise<void> {
  if (!(await act(() => runs.takeOut(id)))) return;
  const words = say.logPage.removedFromTheLog(circuitTitle);
  undo.offer({ key: id, words, undo: say.logPage.putItBack, back: () => runs.bringBack(id) });
}
/** Of each run, another record of the same class: the wall and the phone may both have kept one. */
const twins = computed(() => {
  // What is joined is kept in the name of the coach who joins it: of another's runs it would take theirs away.
  const own = runs.runs.filter(({ coachName }) => coachName === account.account?.coachName);
  return new Map(own.map((run) => [run.id, twinOf(run, own)] as const));
});
/** Where the answer to a first press was lost, a second one joins nothing twice. */
let idFor = stableIds();
async function join(run: RunSummary): Promise<void> {
  const twin = twins.value.get(run.id);
  if (!twin) return;
  const of = [run.id, twin.id] as const;
  const id = idFor(of);
  if (!(await act(() => runs.join(run, twin, id)))) return;
  const words = say.logPage.twoRecordsJoined(run.circuitTitle);
  undo.offer({ key: id, words, undo: say.logPage.takeThemApart, back: () => takeApart(id, of) });
}
async function takeApart(id: string, of: readonly [string, string]): Promise<void> {
  await runs.takeApart(id, of);
  // Joined once more, they are another record.
  idFor = stableIds();
}
/** The log as a file, out and in, where it is asked for. */
const asFile = ref(false);
const show = (filter: RunFilter) => act(() => runs.load(filter));
</script>

<template>
  <section class="page">
    <header>
      <h1>{{ say.logPage.log }}</h1>
      <v-btn class="out" variant="text" :aria-expanded="asFile" @click="asFile = !asFile">{{
        say.logPage.importOrExport
      }}</v-btn>
      <BinLink />
      <p v-if="runs.waiting" class="waiting" role="status">
        {{ say.logPage.waiting(runs.waiting) }}
      </p>
    </header>
    <LogFile v-if="asFile" />
    <LoadingGate :loading="loading">
      <LogFilters v-if="runs.runs.length || filtered" @change="show" />
      <ol v-if="runs.runs.length">
        <li v-for="(run, index) in runs.runs" :key="run.id">
          <RunEntry
            :run="run"
            :first="index === 0"
            :twin="twins.get(run.id) ?? null"
            @take-out="takeOut(run)"
            @join="join(run)"
          />
        </li>
      </ol>
      <div v-else-if="filtered" class="empty">
        <h2>{{ say.logPage.noRunsMatch }}</h2>
        <p class="soft">{{ say.logPage.tryOtherDates }}</p>
      </div>
      <div v-else class="empty">
        <h2>{{ say.logPage.nothingHasBeenRun }}</h2>
        <p class="soft">{{ say.logPage.startACircuitWhen }}</p>
        <v-btn to="/today">{{ say.logPage.goToToday }}</v-btn>
      </div>
      <MoreBelow v-if="runs.next" :more="runs.more" />
    </LoadingGate>
    <UndoNotice v-if="undo.last.value" :undo="undo" />
  </section>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0.5rem 1.5rem;
  margin-bottom: 1.25rem;
}
.out {
  margin-left: auto;
}
.waiting {
  font-weight: 600;
  color: var(--brick);
}
ol {
  display: grid;
  /* Never wider than the page, whatever its entries were laid out to before the window was made narrower. */
  grid-template-columns: minmax(0, 1fr);
  list-style: none;
}
/* A long log lays out and paints only what is near the window. */
li {
  content-visibility: auto;
  contain-intrinsic-height: auto 6rem;
}
.empty {
  display: grid;
  gap: 0.75rem;
  justify-items: start;
}
</style>
