<script setup lang="ts">
import type { RunCorrection, RunSummary } from '@prompt-spark/contract/run';
import { ref } from 'vue';
import { useAction } from '../shell/useAction.ts';
import HowItWas from './HowItWas.vue';
import { useRunsStore } from './runs.ts';
import { say } from './say.ts';

/** Puts right what was said of a run when it ended. */
const { run } = defineProps<{ run: RunSummary }>();
const emit = defineEmits<{ done: [] }>();
const runs = useRunsStore();
const { busy, act } = useAction();
const how = ref<RunCorrection>({ effort: run.effort, warm: run.warm, note: run.note });

async function keep(): Promise<void> {
  if (await act(() => runs.correct(run.id, { ...how.value, note: how.value.note.trim() }))) emit('done');
}
</script>

<template>
  <form class="correct" @submit.prevent="keep">
    <HowItWas v-model="how" />
    <p class="acts">
      <v-btn type="submit" :loading="busy">{{ say.correctRun.save }}</v-btn>
      <v-btn variant="text" @click="emit('done')">{{ say.correctRun.cancel }}</v-btn>
    </p>
  </form>
</template>

<style scoped>
.correct {
  display: grid;
  gap: 1.25rem;
  padding: 0.75rem 0;
}
.acts {
  display: flex;
  gap: 0.5rem;
}
</style>
