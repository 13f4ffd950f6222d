<script setup lang="ts">
import type { CircuitDraft } from '@prompt-spark/contract/circuit';
import type { PlannedSession } from '@prompt-spark/contract/session';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import type { Segment } from '@prompt-spark/core/timeline/timeline';
import { asToday } from '@prompt-spark/core/swaps/asToday';
import { emptyCircuit } from '@prompt-spark/core/circuit/circuit';
import { builtCircuit } from '@prompt-spark/core/fit/plan/build';
import { computed, shallowRef } from 'vue';
import type { LocationQueryValue } from 'vue-router';
import { call, ServerAway } from '../api/call.ts';
import { useLoading } from '../loading/useLoading.ts';
import LoadingGate from '../loading/LoadingGate.vue';
import { draftKeep } from '../saving/drawers.ts';
import { useAccountStore } from '../shell/account.ts';
import { useLibraryStore } from '../library/library.ts';
import { USUAL_PACE, type Habits } from '@prompt-spark/core/occasion/occasion';
import { usePaceStore } from '../occasion/pace.ts';
import { useOccasionsStore } from '../occasion/occasions.ts';
import { usePeopleStore } from '../people/people.ts';
import { useSessionsStore } from '../schedule/sessions.ts';
import { useSheetStore } from '../sheet/store/sheet.ts';
import { useScript } from '../voice/useScript.ts';
import { useStandardsStore } from '../library/standards.ts';
import { fitIn } from './fitInAddress.ts';
import StageRunView from './StageRunView.vue';

/** Fetches a circuit and puts it on the wall. */
const { id, sessionId, fit } = defineProps<{
  id: string;
  sessionId: string | null;
  /** How it is fitted, from the address, where that was agreed on the way here. */
  fit: LocationQueryValue | LocationQueryValue[];
}>();
const account = useAccountStore();
const library = useLibraryStore();
const occasions = useOccasionsStore();
const sheet = useSheetStore();
const standards = useStandardsStore();
const sessions = useSessionsStore();
const people = usePeopleStore();
const pace = usePaceStore();
const habits = shallowRef<Habits>(USUAL_PACE);
const draft = shallowRef<CircuitDraft>();
const segments = shallowRef<readonly Segment[]>([]);
/** The clips are waited for so long before the Stage is shown; what comes later is heard from then on. */
const VOICE_MS = 1_500;
const plates = computed(() => library.siteOf(draft.value?.siteId ?? null)?.plates);
const voice = useScript(
  () => draft.value?.circuit ?? emptyCircuit(''),
  () => segments.value,
  () => plates.value,
);

const loading = useLoading(async () => {
  const [session] = await Promise.all([planned(), library.load(), standards.load(), pace.load()]);
  const found = await latest();
  const here = session ? { ...found, groupId: session.groupId, siteId: session.siteId } : found;
  const agreed = fitIn(fit) ?? session?.fit;
  await knowPeople(here.groupId);
  const occasion = occasions.of(here);
  habits.value = occasion.habits;
  const fitted = agreed ? builtCircuit(here.circuit, agreed.plan, occasion, agreed.seconds) : here.circuit;
  const circuit = asToday(fitted, people.peopleOf(here.groupId), occasion, id);
  draft.value = { ...here, circuit };
  segments.value = timeCircuit(circuit, occasion).segments;
  await Promise.race([voice.prepare(), new Promise((done) => setTimeout(done, VOICE_MS))]);
});

/** The session it is run for, whose group and site may be others than the circuit's; the circuit's own where it cannot be asked for. */
async function planned(): Promise<PlannedSession | null> {
  if (sessionId === null) return null;
  try {
    return await sessions.one(sessionId);
  } catch (error) {
    if (error instanceof ServerAway) return null;
    throw error;
  }
}

/** What was chosen for people is shown; where they cannot be asked for now, the circuit is run as it was accepted. */
async function knowPeople(groupId: string | null): Promise<void> {
  if (groupId === null) return;
  try {
    await people.load();
  } catch (error) {
    if (!(error instanceof ServerAway)) throw error;
  }
}

/**
 * What is unsent in this browser is newest; else what the server has, for another window may have changed it since it was
 * on the desk here. Where the server is away, the desk's version is run.
 */
async function latest(): Promise<CircuitDraft> {
  const unsent = draftKeep(account.account?.coachId ?? '').get(id);
  if (unsent) return unsent;
  try {
    return await call('circuit', { id });
  } catch (error) {
    if (error instanceof ServerAway && sheet.id === id) return sheet.draft;
    throw error;
  }
}
</script>

<template>
  <div class="stage">
    <LoadingGate :loading="loading">
      <StageRunView
        v-if="draft && segments.length"
        :circuit-id="id"
        :session-id="sessionId"
        :draft="draft"
        :segments="segments"
        :plates="plates"
        :habits="habits"
        :voice="voice"
      />
      <div v-else class="nothing">
        <h1>This circuit has nothing in it yet</h1>
        <v-btn :to="`/circuits/${id}`">Back to the sheet</v-btn>
      </div>
    </LoadingGate>
  </div>
</template>

<style scoped>
.stage {
  min-height: 100vh;
  background: var(--ground);
  color: var(--ink);
}
.stage > :deep(.wait),
.stage > :deep(.trouble),
.nothing {
  display: grid;
  justify-items: start;
  gap: 1rem;
  padding: 3rem;
}
</style>
