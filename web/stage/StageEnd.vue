<script setup lang="ts">
import { newRunSchema, type RunCorrection, type RunTurn } from '@prompt-spark/contract/run';
import { slotsOf, type Circuit } from '@prompt-spark/core/circuit/circuit';
import { drillIn } from '@prompt-spark/core/drills/onRung';
import type { Habits } from '@prompt-spark/core/occasion/occasion';
import { paceOf, type GapRecord } from '@prompt-spark/core/session/gaps';
import { MOST_MARKS, type RunMark } from '@prompt-spark/core/session/marks';
import type { Segment } from '@prompt-spark/core/timeline/timeline';
import type { TurnRecord } from '@prompt-spark/core/session/runRecord';
import { computed, ref } from 'vue';
import { useForm } from '../fields/useForm.ts';
import { clock } from '../wording/clock.ts';
import { useLibraryStore } from '../library/library.ts';
import HowItWas from '../log/HowItWas.vue';
import { useRunsStore } from '../log/runs.ts';
import { markLines } from './markWords.ts';
import { say } from './say.ts';

/** The end: how hard, warm or not, a note; then it goes in the log. */
const { circuitId, sessionId, circuit, turns, segments, gaps, habits, marks, startedAt, endedEarly } = defineProps<{
  circuitId: string;
  sessionId: string | null;
  circuit: Circuit;
  turns: readonly TurnRecord[];
  /** What was run. */
  segments: readonly Segment[];
  gaps: readonly GapRecord[];
  /** The pace that it was planned with. */
  habits: Habits;
  /** What was noted by a tap on the way. */
  marks: readonly RunMark[];
  startedAt: Date;
  endedEarly: boolean;
}>();
const emit = defineEmits<{ done: []; leave: [] }>();
const library = useLibraryStore();
const runs = useRunsStore();

const id = crypto.randomUUID();
const finishedAt = new Date();
const how = ref<RunCorrection>({
  effort: null,
  warm: null,
  note: markLines(marks, library.drillOf),
});

const planned = computed(() => turns.reduce((sum, turn) => sum + turn.planned, 0));
const actual = computed(() => turns.reduce((sum, turn) => sum + turn.actual, 0));

// The schema comes with the Stage: the server may be away when a run ends.
const schemaOf = () => Promise.resolve(newRunSchema);
const { trouble, busy, submit } = useForm(schemaOf, async (run) => {
  await runs.record(run);
  emit('done');
});

function keep(): Promise<void> {
  return submit({
    id,
    sessionId,
    circuitId,
    circuitTitle: circuit.title,
    startedAt: startedAt.toISOString(),
    finishedAt: finishedAt.toISOString(),
    endedEarly,
    ...how.value,
    note: how.value.note.trim(),
    marks: marks.slice(0, MOST_MARKS),
    turns: turns.map(named),
    pace: paceOf(gaps, habits),
  });
}

function named(turn: TurnRecord): RunTurn {
  const block = circuit.blocks.find(({ lines }) => lines.some((line) => line.id === turn.slotId));
  const slot = block && slotsOf(block).find(({ id }) => id === turn.slotId);
  const drill = slot ? drillIn(slot, library.library) : library.drillOf(turn.drillId);
  const milliseconds = (seconds: number) => Math.round(seconds * 1000) / 1000;
  return {
    ...turn,
    actual: milliseconds(turn.actual),
    paused: milliseconds(turn.paused),
    drillName: drill?.name ?? turn.drillId,
    phase: segments.find(({ slotId }) => slotId === turn.slotId)?.phase ?? block?.phase ?? 'mobilise',
  };
}
</script>

<template>
  <form class="end" @submit.prevent="keep">
    <header>
      <h1>{{ endedEarly ? say.stageEnd.stoppedEarly : say.stageEnd.done }}</h1>
      <p class="soft">
        {{ circuit.title }}: <span class="clock">{{ clock(actual) }}</span>
        {{ say.stageEnd.ofPlanned(clock(planned)) }}
      </p>
    </header>
    <HowItWas v-model="how" />
    <p class="soft small">
      {{ say.stageEnd.redFlags }}
    </p>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <div class="acts">
      <v-btn type="submit" size="large" :loading="busy">{{ say.stageEnd.saveToLog }}</v-btn>
      <v-btn variant="text" size="large" @click="emit('leave')">{{ say.stageEnd.leaveWithoutLogging }}</v-btn>
    </div>
  </form>
</template>

<style scoped>
.end {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 1.75rem;
  max-width: 46rem;
  margin: 0 auto;
  padding: clamp(1.5rem, 6vh, 4rem) 1.25rem;
}
h1 {
  font-size: 2.6rem;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
</style>
