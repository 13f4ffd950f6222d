<script setup lang="ts">
import type { CircuitDraft } from '@prompt-spark/contract/circuit';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import type { FitCurve } from '@prompt-spark/core/fit/search/fitCurve';
import { PLAIN_RECIPE, type FitRecipe, type ShortVersion } from '@prompt-spark/core/circuit/shortVersion';
import { fittedTo } from '@prompt-spark/core/fit/fitCircuit';
import type { Occasion } from '@prompt-spark/core/occasion/occasion';
import { slimPlan } from '@prompt-spark/core/fit/plan/plan';
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { stageWith } from './stageAddress.ts';
import { useLibraryStore } from '../library/library.ts';
import { useOccasionsStore } from '../occasion/occasions.ts';
import { FitWork } from './fitWork.ts';
import { WorkFailed } from '../workers/workshop.ts';
import { clock } from '../wording/clock.ts';
import { hindranceWords, saved, shareWords } from './fitWords.ts';
import TimeFuse from '../fuse/TimeFuse.vue';
import TimeLeft from '../fields/TimeLeft.vue';
import { moveWords } from '../wording/moveWords.ts';
import { say } from './say.ts';

/** We are late: type the minutes left, see the fit, start it. */
const { circuitId, draft, sessionId, first } = defineProps<{
  circuitId: string;
  draft: CircuitDraft;
  sessionId: string | null;
  /** The seconds to begin with. */
  first: number;
}>();
const shown = defineModel<boolean>({ required: true });
const library = useLibraryStore();
const occasions = useOccasionsStore();
const router = useRouter();
const left = ref(first);
/** The curve, and what it was worked out for: opened again for the same, it still holds. */
const made = shallowRef<{
  readonly circuit: Circuit;
  readonly occasion: Occasion;
  readonly recipe: FitRecipe;
  readonly curve: FitCurve;
}>();
/** Why it could not be worked out; empty while it can. */
const trouble = ref('');
const work = new FitWork();
const occasion = computed(() => occasions.of(draft));
const circuit = computed(() => draft.circuit);
const planned = computed(() => timeCircuit(circuit.value, occasion.value).total.plan);
const fitted = computed(() => {
  const { value } = made;
  return value && fittedTo(circuit.value, occasion.value, left.value, value.recipe, value.curve);
});
const MOST_SHOWN = 4;
const all = ref(false);
/** What costs most is read first: that is what a coach would refuse. */
const losses = computed(() =>
  fitted.value?.kind === 'fitted' ? fitted.value.moves.toSorted((one, other) => other.share - one.share) : [],
);
const told = computed(() => (all.value ? losses.value : losses.value.slice(0, MOST_SHOWN)));

/** Works the curve out by a recipe: the plain one, or that of a short version kept with the circuit. */
async function workOut(recipe: FitRecipe): Promise<void> {
  const now = { circuit: circuit.value, occasion: occasion.value, recipe };
  const before = made.value;
  if (before?.circuit === now.circuit && before.occasion === now.occasion && before.recipe === recipe) return;
  made.value = undefined;
  trouble.value = '';
  try {
    const curve = await work.curve(now.circuit, now.occasion, recipe);
    if (curve) made.value = { ...now, curve };
  } catch (error) {
    if (!(error instanceof WorkFailed)) throw error;
    trouble.value = error.message;
  }
}

function take(version: ShortVersion): void {
  left.value = version.seconds;
  void workOut(version);
}

watch(
  shown,
  (open) => {
    if (!open) return work.cancel();
    left.value = first;
    void workOut(PLAIN_RECIPE);
  },
  { immediate: true },
);
onScopeDispose(() => work.end());

function start(): void {
  const { value } = fitted;
  if (value?.kind !== 'fitted') return;
  shown.value = false;
  const fit = { seconds: left.value, plan: slimPlan(value.plan, circuit.value) };
  void router.push(stageWith(circuitId, sessionId, fit));
}
</script>

<template>
  <v-dialog v-model="shown" :aria-label="say.lateDialog.wereLate" max-width="38rem">
    <v-card class="late" rounded="lg">
      <form @submit.prevent="start">
        <h2>{{ say.lateDialog.wereLate }}</h2>
        <p class="soft">{{ say.lateDialog.takesAsPlanned(draft.circuit.title, clock(planned)) }}</p>
        <TimeLeft v-model="left" :time-zone="library.siteOf(draft.siteId)?.timeZone" />
        <div v-if="draft.circuit.versions.length" class="lengths">
          <v-btn
            v-for="version in draft.circuit.versions"
            :key="version.seconds"
            variant="outlined"
            size="small"
            class="length"
            :aria-label="say.lateDialog.shortVersion(clock(version.seconds))"
            @click="take(version)"
            >{{ clock(version.seconds) }}</v-btn
          >
        </div>
        <div v-if="fitted?.kind === 'fitted'" class="answer" data-test="late-answer">
          <TimeFuse :segments="fitted.timeline.segments" :available="left" />
          <p>
            <strong>{{ clock(fitted.timeline.total.plan) }}</strong>{{
              say.lateDialog.share(Math.round(100 * fitted.share))
            }}
          </p>
          <ul>
            <li v-for="{ key, facts, seconds, share } in told" :key="`${key.kind} ${key.id}`">
              {{ moveWords(facts) }} <span class="soft">{{ saved(seconds) }}, {{ shareWords(share) }}</span>
            </li>
            <li v-if="losses.length > told.length">
              <button type="button" class="more" @click="all = true">
                {{ say.lateDialog.andMore(losses.length - told.length) }}
              </button>
            </li>
          </ul>
        </div>
        <p v-else-if="fitted" role="alert" class="short">
          {{ say.lateDialog.shortestIs(clock(fitted.shortest)) }}
          <v-btn variant="outlined" size="small" @click="left = Math.ceil(fitted.shortest)">{{
            say.lateDialog.takeShortest(clock(Math.ceil(fitted.shortest)))
          }}</v-btn>
          <template v-if="fitted.inTheWay.length">{{
            say.lateDialog.inTheWay(fitted.inTheWay.map(hindranceWords).join('; '))
          }}</template>
        </p>
        <p v-else-if="trouble" role="alert" class="short">
          {{ trouble }} <v-btn variant="outlined" @click="workOut(PLAIN_RECIPE)">{{ say.lateDialog.tryAgain }}</v-btn>
        </p>
        <p v-else class="soft" role="status">{{ say.lateDialog.tryingEveryWay }}</p>
        <div class="acts">
          <v-btn type="submit" size="large" :disabled="fitted?.kind !== 'fitted'">{{
            say.lateDialog.startThisOne
          }}</v-btn>
          <v-btn
            variant="text"
            :to="{
              name: 'fit',
              params: { id: circuitId },
              query: { seconds: left, ...(sessionId ? { session: sessionId } : {}) },
            }"
            >{{ say.lateDialog.seeTheDetails }}</v-btn
          >
          <v-btn variant="text" @click="shown = false">{{ say.lateDialog.close }}</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>

<style scoped src="./late.css"></style>
<style scoped>
.lengths {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem;
}
.length {
  min-height: 44px;
}
.answer {
  display: grid;
  gap: 0.5rem;
}
ul {
  display: grid;
  gap: 0.2rem;
  padding-left: 1.1rem;
}
.short {
  color: var(--brick);
}
</style>
