<script setup lang="ts">
import type { CircuitDraft } from '@prompt-spark/contract/circuit';
import type { PlannedSession } from '@prompt-spark/contract/session';
import { pickRoom, withPicksInTime } from '@prompt-spark/core/timeline/pickRoom';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import type { Segment } from '@prompt-spark/core/timeline/timeline';
import { asToday } from '@prompt-spark/core/swaps/asToday';
import { emptyCircuit } from '@prompt-spark/core/circuit/circuit';
import { asPicked, pickingBlocks, turnedPick, type BlockPick } from '@prompt-spark/core/circuit/pick';
import { builtCircuit } from '@prompt-spark/core/fit/plan/build';
import type { AgreedFit } from '@prompt-spark/core/fit/plan/plan';
import { computed, shallowRef } from 'vue';
import type { LocationQueryValue } from 'vue-router';
import { call, ServerAway } from '../api/call.ts';
import { useLoading } from '../loading/useLoading.ts';
import LoadingGate from '../loading/LoadingGate.vue';
import { draftKeep } from '../saving/drawers.ts';
import { useAccountStore } from '../shell/account.ts';
import { useAction } from '../shell/useAction.ts';
import { useLibraryStore } from '../library/library.ts';
import { USUAL_PACE, type Habits } from '@prompt-spark/core/occasion/occasion';
import { usePaceStore } from '../occasion/pace.ts';
import { useOccasionsStore } from '../occasion/occasions.ts';
import { usePeopleStore } from '../people/people.ts';
import { picksFor } from '../schedule/picksFor.ts';
import { useSessionsStore } from '../schedule/sessions.ts';
import { useSheetStore } from '../sheet/store/sheet.ts';
import { useScript } from '../voice/useScript.ts';
import { useStandardsStore } from '../library/standards.ts';
import { fitIn } from './fitInAddress.ts';
import StageRunView from './StageRunView.vue';
import StageTurns from './StageTurns.vue';
import { say } from './say.ts';

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
/** As it was found, with what waits for its turn; and whose turn it is. */
const found = shallowRef<CircuitDraft>();
const picks = shallowRef<readonly BlockPick[]>([]);
let agreed: AgreedFit | null | undefined;
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
  const circuit = await latest();
  found.value = session ? { ...circuit, groupId: session.groupId, siteId: session.siteId } : circuit;
  agreed = fitIn(fit) ?? session?.fit;
  await knowPeople(found.value.groupId);
  if (session) picks.value = await picksFor(session, circuit.circuit, peopleHere(), occasions.of(found.value));
  // What it was shortened by before anything was picked was meant for other drills.
  if (!session?.picks && picks.value.length > 0) agreed = fitIn(fit);
  layOut();
  await Promise.race([voice.prepare(), new Promise((done) => setTimeout(done, VOICE_MS))]);
});

const peopleHere = () => people.peopleOf(found.value?.groupId ?? null);

/** Lays out what was found as it is done today: with what is picked, fitted, for the people who are here. */
function layOut(): void {
  if (!found.value) return;
  const occasion = occasions.of(found.value);
  habits.value = occasion.habits;
  const picked = asPicked(withPicksInTime(found.value.circuit, occasion), picks.value);
  const fitted = agreed ? builtCircuit(picked, agreed.plan, occasion, agreed.seconds) : picked;
  const circuit = asToday(fitted, peopleHere(), occasion, id);
  draft.value = { ...found.value, circuit };
  segments.value = timeCircuit(circuit, occasion).segments;
}

const { act } = useAction();

/** The next ones have their turn in a block: written into the session, and planned anew. */
async function turn(blockId: string): Promise<void> {
  if (!found.value) return;
  const { circuit } = found.value;
  const room = pickRoom(circuit, occasions.of(found.value));
  const next = turnedPick(circuit, picks.value, blockId, room);
  await act(async () => {
    if (sessionId !== null) await sessions.pick(sessionId, next);
    picks.value = next;
    // What it was shortened by was meant for other drills.
    agreed = undefined;
    layOut();
  });
}

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
        :key="JSON.stringify(picks)"
        :circuit-id="id"
        :session-id="sessionId"
        :draft="draft"
        :segments="segments"
        :plates="plates"
        :habits="habits"
        :voice="voice"
      >
        <StageTurns
          v-if="found && pickingBlocks(found.circuit).length"
          :circuit="found.circuit"
          :picks="picks"
          @turn="turn"
        />
      </StageRunView>
      <div v-else class="nothing">
        <h1>{{ say.stagePage.thisCircuitHasNothing }}</h1>
        <v-btn :to="`/circuits/${id}`">{{ say.stagePage.backToTheSheet }}</v-btn>
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
