<script setup lang="ts">
import type { CircuitDraft } from '@prompt-spark/contract/circuit';
import type { PlannedSession } from '@prompt-spark/contract/session';
import { timeCircuit, type Segment } from '@prompt-spark/core';
import { builtCircuit } from '@prompt-spark/core/fit/build';
import { shallowRef } from 'vue';
import type { LocationQueryValue } from 'vue-router';
import { call, ServerAway } from '../../api/call.ts';
import { useLoading } from '../../composables/useLoading.ts';
import LoadingGate from '../../pieces/LoadingGate.vue';
import { draftKeep } from '../../saving/drawers.ts';
import { useLibraryStore } from '../../stores/library.ts';
import { useSessionsStore } from '../../stores/sessions.ts';
import { useSheetStore } from '../../stores/sheet.ts';
import { useStandardsStore } from '../../stores/standards.ts';
import { fitIn } from '../../stage/fitInAddress.ts';
import StageRunView from './StageRunView.vue';

/** Fetches a circuit and puts it on the wall. */
const { id, sessionId, fit } = defineProps<{
  id: string;
  sessionId: string | null;
  /** How it is fitted, from the address, where that was agreed on the way here. */
  fit: LocationQueryValue | LocationQueryValue[];
}>();
const library = useLibraryStore();
const sheet = useSheetStore();
const standards = useStandardsStore();
const sessions = useSessionsStore();
const draft = shallowRef<CircuitDraft>();
const segments = shallowRef<readonly Segment[]>([]);

const loading = useLoading(async () => {
  const [session] = await Promise.all([planned(), library.load(), standards.load()]);
  const found = await latest();
  const here = session ? { ...found, groupId: session.groupId, siteId: session.siteId } : found;
  const agreed = fitIn(fit) ?? session?.fit;
  const setting = library.settingAt(here.siteId);
  const peopled = library.peopled(here);
  const circuit = agreed ? builtCircuit(peopled, agreed.plan, { setting }, agreed.seconds) : peopled;
  draft.value = { ...here, circuit };
  segments.value = timeCircuit(circuit, setting).segments;
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

/**
 * What is unsent in this browser is newest; else what the server has, for another window may have changed it since it was
 * on the desk here. Where the server is away, the desk's version is run.
 */
async function latest(): Promise<CircuitDraft> {
  const unsent = draftKeep().get(id);
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
        :plates="library.siteOf(draft.siteId)?.plates"
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
