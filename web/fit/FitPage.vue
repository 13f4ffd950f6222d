<script setup lang="ts">
import { allSlots, type Circuit } from '@prompt-spark/core/circuit/circuit';
import { coverageOf } from '@prompt-spark/core/coverage/coverageOf';
import { drillIn } from '@prompt-spark/core/drills/onRung';
import { useDebounceFn } from '@vueuse/core';
import { computed, onBeforeUnmount, watch } from 'vue';
import { useLoading } from '../loading/useLoading.ts';
import { clock } from '../wording/clock.ts';
import { percent, preparedWords } from '../wording/prepared.ts';
import { firstBudget, hindranceWords } from '../late/fitWords.ts';
import LoadingGate from '../loading/LoadingGate.vue';
import { useFitStore } from './fit.ts';
import { usePeopleStore } from '../people/people.ts';
import { picksFor } from '../schedule/picksFor.ts';
import { useSessionsStore } from '../schedule/sessions.ts';
import { useSheetStore } from '../sheet/store/sheet.ts';
import FitAccept from './FitAccept.vue';
import FitChart from './FitChart.vue';
import FitDials from './FitDials.vue';
import FitFuses from './FitFuses.vue';
import MoveList from './MoveList.vue';
import RefusedMoves from './RefusedMoves.vue';
import { refusedWords } from './refusedWords.ts';
import { say } from './say.ts';

/** A circuit fitted to the time: the curve with its slider, before and after, and every change with its reason. */
const { id, asked, sessionId } = defineProps<{ id: string; asked: number; sessionId: string | null }>();
const sheet = useSheetStore();
const people = usePeopleStore();
const fit = useFitStore();
const sessions = useSessionsStore();
const loading = useLoading(open);

async function open(): Promise<void> {
  const [session] = await Promise.all([
    sessionId === null ? null : sessions.one(sessionId),
    sheet.open(id),
    people.load(),
  ]);
  fit.place = session && { groupId: session.groupId, siteId: session.siteId };
  fit.picks = session && (await picksFor(session, sheet.circuit, people.peopleOf(session.groupId), fit.occasion));
  const version = sheet.circuit.versions.find(({ seconds }) => seconds === asked);
  void fit.begin(asked || firstBudget(fit.planned, sheet.circuit.available), version);
}

const fitted = computed(() => (fit.fitted?.kind === 'fitted' ? fit.fitted : undefined));
const tooShort = computed(() => (fit.fitted?.kind === 'too short' ? fit.fitted : undefined));
const refused = computed(() =>
  fit.recipe.refused.map((key) => ({ key, words: refusedWords(key, fit.circuit, fit.occasion.library) })),
);

/** The figure that Coverage gives the circuit, before and after. */
const prepared = computed(() => {
  const { session } = fit.occasion;
  if (!session) return '';
  const whole = (circuit: Circuit) => coverageOf(circuit, fit.occasion, session).whole;
  const planned = whole(fit.circuit);
  if (!fitted.value) return preparedWords(planned, session.name);
  return say.fitPage.prepared(preparedWords(whole(fitted.value.circuit), session.name), percent(planned));
});

/** Drills that may still be left out: neither pinned nor held to. */
const free = computed(() =>
  allSlots(fit.circuit).flatMap((slot) => {
    const { id: value, pinned } = slot;
    const held = pinned || fit.recipe.refused.some((key) => key.kind === 'out' && key.id === value);
    const title = drillIn(slot, fit.occasion.library)?.name;
    return held || title === undefined ? [] : [{ value, title }];
  }),
);

// Another circuit, or another group's limits, and the curve is another.
const again = useDebounceFn(() => void fit.workOut(), 200);
const limits = computed(() => JSON.stringify(fit.occasion.ceilings));
watch([() => fit.circuit.blocks, limits], () => {
  if (loading.ready.value) void again();
});
onBeforeUnmount(() => {
  fit.cancel();
  sheet.close();
});
</script>

<template>
  <section class="page">
    <LoadingGate :loading="loading">
      <header>
        <div>
          <h1>{{ say.fitPage.fitToTheTime }}</h1>
          <p class="soft">
            <RouterLink :to="`/circuits/${id}`">{{ sheet.circuit.title }}</RouterLink>
            <template v-if="sheet.group"> · {{ sheet.group.name }}</template>
          </p>
          <p v-if="prepared" data-test="prepared">{{ prepared }}</p>
        </div>
        <FitAccept :circuit-id="id" :session-id="sessionId" />
      </header>
      <FitFuses :before="fit.timeline" :after="fitted?.timeline" :asked="clock(fit.seconds)" />
      <div class="busy">
        <v-progress-linear
          v-if="fit.progress !== null"
          :model-value="100 * fit.progress"
          color="primary"
          :aria-label="say.fitPage.workingItOut"
        />
      </div>
      <div v-if="fit.progress !== null && !fit.curve" class="wait" role="status">
        <p class="soft">
          {{ say.fitPage.tryingEveryWay }} <v-btn variant="text" @click="fit.cancel">{{ say.fitPage.stop }}</v-btn>
        </p>
      </div>
      <p v-else-if="fit.trouble" class="wait" role="alert">
        {{ fit.trouble }} <v-btn variant="outlined" @click="fit.workOut">{{ say.fitPage.tryAgain }}</v-btn>
      </p>
      <p v-else-if="fit.calledOff && !fit.curve" class="wait">
        {{ say.fitPage.stopped }} <v-btn variant="outlined" @click="fit.workOut">{{ say.fitPage.workItOut }}</v-btn>
      </p>
      <div v-if="fit.curve" class="columns">
        <div class="left">
          <FitChart v-model="fit.seconds" :curve="fit.curve" />
          <FitDials />
        </div>
        <div>
          <RefusedMoves
            :refused="refused"
            :free="free"
            @allow="fit.allow"
            @keep="(id) => fit.refuse({ kind: 'out', id })"
          />
          <MoveList
            v-if="fitted"
            :moves="fitted.moves"
            :kept="fitted.kept"
            :busy="fit.progress !== null"
            @refuse="fit.refuse"
          />
          <div v-else-if="tooShort" class="short" role="alert">
            <h2>{{ say.fitPage.itCant }}</h2>
            <p>
              {{ say.fitPage.shortestThatStillKeeps }} <strong>{{ clock(tooShort.shortest) }}</strong>.
            </p>
            <p v-if="tooShort.inTheWay.length">
              {{ say.fitPage.inTheWay(tooShort.inTheWay.map(hindranceWords).join('; ')) }}
            </p>
            <v-btn variant="outlined" @click="fit.seconds = Math.ceil(tooShort.shortest)">{{
              say.fitPage.takeShortest(clock(Math.ceil(tooShort.shortest)))
            }}</v-btn>
          </div>
          <p v-if="fitted && fitted.within > 0" class="soft small">
            {{ say.fitPage.notExact(Math.ceil(100 * fitted.within)) }}
          </p>
        </div>
      </div>
    </LoadingGate>
  </section>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 0.75rem 1.5rem;
  margin-bottom: 1rem;
}
.busy {
  height: 4px;
  margin-top: 0.5rem;
}
.wait {
  display: grid;
  gap: 0.5rem;
  justify-items: start;
  padding: 1.5rem 0;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.45fr) minmax(0, 1fr);
  gap: 2rem;
  margin-top: 1rem;
}
.left {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.75rem;
  align-content: start;
}
.short {
  display: grid;
  gap: 0.6rem;
  justify-items: start;
}
h2 {
  font-size: 1.25rem;
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
    gap: 1.25rem;
  }
}
</style>
