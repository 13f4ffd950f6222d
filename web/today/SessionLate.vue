<script setup lang="ts">
import type { CircuitDraft } from '@prompt-spark/contract/circuit';
import type { SessionSummary } from '@prompt-spark/contract/session';
import { onMounted, shallowRef } from 'vue';
import { useAction } from '../shell/useAction.ts';
import { firstBudget } from '../late/fitWords.ts';
import LateDialog from '../late/LateDialog.vue';
import { useLibraryStore } from '../library/library.ts';
import { usePeopleStore } from '../people/people.ts';
import { useSessionsStore } from '../schedule/sessions.ts';
import { useStandardsStore } from '../library/standards.ts';

/** We are late for a session of today: fetches what its fit depends on, and asks for the minutes left. */
const { session } = defineProps<{ session: SessionSummary }>();
const shown = defineModel<boolean>({ required: true });
const [library, people, sessions, standards] = [
  useLibraryStore(),
  usePeopleStore(),
  useSessionsStore(),
  useStandardsStore(),
];
const draft = shallowRef<CircuitDraft>();
const { act } = useAction();

onMounted(async () => {
  const ready = await act(async () => {
    const [{ circuit, groupId, siteId }] = await Promise.all([
      sessions.one(session.id),
      library.load(),
      people.load(),
      standards.load(),
    ]);
    draft.value = { circuit: circuit.circuit, groupId, siteId };
  });
  if (!ready) shown.value = false;
});
</script>

<template>
  <LateDialog
    v-if="draft"
    v-model="shown"
    :circuit-id="session.circuitId"
    :draft="draft"
    :session-id="session.id"
    :first="firstBudget(session.planned, session.minutes * 60)"
  />
</template>
