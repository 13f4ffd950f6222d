<script setup lang="ts">
import { circuitRecordSchema, type CircuitDraft } from '@prompt-spark/contract/circuit';
import { ROUTES } from '@prompt-spark/contract/routes';
import { timeCircuit, type Segment } from '@prompt-spark/core';
import { shallowRef } from 'vue';
import { request, ServerAway } from '../../api/request.ts';
import { useLoading } from '../../composables/useLoading.ts';
import LoadingGate from '../../pieces/LoadingGate.vue';
import { draftKeep } from '../../saving/circuitKeeper.ts';
import { useLibraryStore } from '../../stores/library.ts';
import { useSheetStore } from '../../stores/sheet.ts';
import StageRunView from './StageRunView.vue';

/** Fetches a circuit and puts it on the wall. */
const { id, sessionId } = defineProps<{ id: string; sessionId: string | null }>();
const library = useLibraryStore();
const sheet = useSheetStore();
const draft = shallowRef<CircuitDraft>();
const segments = shallowRef<readonly Segment[]>([]);

const loading = useLoading(async () => {
  await library.load();
  draft.value = await latest();
  segments.value = timeCircuit(library.peopled(draft.value), library.settingAt(draft.value.siteId)).segments;
});

/**
 * What is unsent in this browser is newest; else what the server has, for another window may have changed it since it was
 * on the desk here. Where the server is away, the desk's version is run.
 */
async function latest(): Promise<CircuitDraft> {
  const unsent = draftKeep().get(id);
  if (unsent) return unsent;
  try {
    return await request(ROUTES.circuit, circuitRecordSchema, { id });
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
        :circuit="draft.circuit"
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
