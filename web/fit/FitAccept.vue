<script setup lang="ts">
import type { AgreedFit } from '@prompt-spark/core/fit/plan/plan';
import { slimPlan } from '@prompt-spark/core/fit/plan/plan';
import { builtCircuit } from '@prompt-spark/core/fit/plan/build';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { useAction } from '../shell/useAction.ts';
import { clock } from '../wording/clock.ts';
import { stageWith } from '../late/stageAddress.ts';
import { useFitStore } from './fit.ts';
import { useSessionsStore } from '../schedule/sessions.ts';
import { useSheetStore } from '../sheet/store/sheet.ts';
import { say } from './say.ts';

/** What to do with a fit: run it now, keep it for a session, keep it with the circuit, or make it the circuit. */
const { circuitId, sessionId } = defineProps<{ circuitId: string; sessionId: string | null }>();
const sheet = useSheetStore();
const sessions = useSessionsStore();
const fit = useFitStore();
const router = useRouter();
const { act } = useAction();
const said = ref<{ readonly words: string; readonly undo: () => unknown } | null>(null);

const agreed = computed<AgreedFit | undefined>(() => {
  const { fitted } = fit;
  if (fitted?.kind !== 'fitted') return undefined;
  return { seconds: fit.seconds, plan: slimPlan(fitted.plan, fit.circuit) };
});

async function start(): Promise<void> {
  if (!agreed.value) return;
  await sheet.flush();
  await router.push(stageWith(circuitId, sessionId, agreed.value));
}

async function forSession(): Promise<void> {
  const id = sessionId;
  if (!agreed.value || id === null) return;
  const chosen = agreed.value;
  await act(async () => {
    const before = (await sessions.one(id)).fit;
    await sessions.fit(id, chosen);
    said.value = { words: say.fitAccept.todaysSessionRuns(clock(fit.seconds)), undo: () => sessions.fit(id, before) };
  });
}

function keepVersion(): void {
  fit.keepVersion();
  said.value = { words: say.fitAccept.keptWithTheCircuit(clock(fit.seconds)), undo: sheet.undo };
}

async function putOnSheet(): Promise<void> {
  const fitted = fit.fitted;
  if (fitted?.kind !== 'fitted') return;
  sheet.changeCircuit((circuit) => ({
    ...builtCircuit(fit.circuit, fitted.plan, fit.occasion, fit.seconds),
    people: circuit.people,
  }));
  await sheet.flush();
  await router.push({ name: 'sheet', params: { id: circuitId } });
}

async function undo(): Promise<void> {
  const { value } = said;
  if (value && (await act(() => Promise.resolve(value.undo())))) said.value = null;
}
</script>

<template>
  <div class="accept">
    <p v-if="said" class="said" role="status">
      {{ said.words }} <v-btn variant="text" size="small" class="undo" @click="undo">{{ say.fitAccept.undo }}</v-btn>
    </p>
    <v-btn variant="text" :disabled="!agreed" @click="putOnSheet">{{ say.fitAccept.replaceTheOriginal }}</v-btn>
    <v-btn variant="outlined" :disabled="!agreed" @click="keepVersion">{{ say.fitAccept.saveAsASecond }}</v-btn>
    <v-btn v-if="sessionId" variant="outlined" :disabled="!agreed" @click="forSession">{{
      say.fitAccept.forThisSessionOnly
    }}</v-btn>
    <v-btn size="large" :disabled="!agreed" @click="start">{{ say.fitAccept.startThisOne }}</v-btn>
  </div>
</template>

<style scoped>
.accept {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: flex-end;
  gap: 0.5rem;
}
.said {
  color: var(--moss);
  font-weight: 600;
}
.undo {
  min-height: 44px;
}
</style>
