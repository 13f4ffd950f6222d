<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core';
import { computed, ref } from 'vue';
import { call } from '../api/call.ts';
import { useAction } from '../shell/useAction.ts';
import type { ProposedStep } from './dayWorker.ts';
import { stepReasonWords } from './stepReasonWords.ts';
import { stepWords } from '../wording/stepWords.ts';
import { say } from './say.ts';

/** A step up or down before the next time, with its reason: it is made by a press, and never by itself. */
const { step, title } = defineProps<{ step: ProposedStep; title: string }>();
/** `made`: the circuit takes another time now. `changed`: what was found of it is to be found anew. */
const emit = defineEmits<{ made: []; changed: [] }>();
const { busy, act } = useAction();
/** What was put aside: of each circuit the version it was said of. */
const left = useLocalStorage<Readonly<Record<string, number>>>('prompt-spark.steps-left', {});
const isLeft = computed(() => left.value[step.from.id] === step.from.version);
/** The version that the step made, while it can be taken back. */
const made = ref<number | null>(null);
const change = computed(() => step.changes.map(stepWords).join(', '));

const save = (draft: ProposedStep['to'], version: number) =>
  call('saveCircuit', {
    id: step.from.id,
    body: { ...draft, version, saveId: crypto.randomUUID() },
  });

async function make(): Promise<void> {
  const done = await act(async () => {
    made.value = (await save(step.to, step.from.version)).version;
  });
  if (done) emit('made');
}

async function takeBack(): Promise<void> {
  const { circuit, groupId, siteId } = step.from;
  const done = await act(() => save({ circuit, groupId, siteId }, made.value ?? 0));
  if (!done) return;
  made.value = null;
  emit('made');
  emit('changed');
}

const leave = () => (left.value = { ...left.value, [step.from.id]: step.from.version });
</script>

<template>
  <p v-if="made !== null" class="step small" role="status">
    <span>{{ say.nextStep.changed(change) }}</span>
    <v-btn variant="text" size="small" :disabled="busy" @click="takeBack">{{ say.nextStep.undo }}</v-btn>
  </p>
  <p v-else-if="!isLeft" class="step small">
    <span>
      {{ stepReasonWords(step.reason) }}
      <template v-if="change">
        {{ say.nextStep.next }} <strong>{{ change }}</strong>{{ say.nextStep.whereverThisCircuit }}</template
      >
    </span>
    <template v-if="change">
      <v-btn variant="outlined" size="small" :disabled="busy" @click="make"
        >{{ say.nextStep.doThat }}<span class="visually-hidden">: {{ title }}</span></v-btn
      >
      <v-btn variant="text" size="small" @click="leave"
        >{{ say.nextStep.leaveIt }}<span class="visually-hidden">: {{ title }}</span></v-btn
      >
    </template>
  </p>
</template>

<style scoped>
.step {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.35rem 0.75rem;
}
.step :deep(.v-btn) {
  min-height: 44px;
}
</style>
