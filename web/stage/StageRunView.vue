<script setup lang="ts">
import type { CircuitDraft } from '@prompt-spark/contract/circuit';
import type { Slot } from '@prompt-spark/core/circuit/circuit';
import { changeSlot, takeOutLine } from '@prompt-spark/core/circuit/edit';
import type { Habits } from '@prompt-spark/core/occasion/occasion';
import type { Segment } from '@prompt-spark/core/timeline/timeline';
import type { Plates } from '@prompt-spark/core/dose/lift';
import { useTimeoutFn, useWakeLock } from '@vueuse/core';
import type { Swapped } from '@prompt-spark/core/session/changedCourse';
import { caughtUp, takenUp } from '@prompt-spark/core/session/keptRun';
import type { StageRun } from '@prompt-spark/core/session/stageRun';
import { computed, defineAsyncComponent, onMounted, ref, shallowRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { turnKey, type Refit } from '@prompt-spark/core/fit/refitRun';
import ResumeQuestion from './ResumeQuestion.vue';
import type { KeptStage } from './runDrawer.ts';
import type { SpokenScript } from '../voice/useScript.ts';
import StageCaption from './StageCaption.vue';
import StageControls from './StageControls.vue';
import StageEnd from './StageEnd.vue';
import StageFlash from './StageFlash.vue';
import StageFoot from './StageFoot.vue';
import StageLate from './StageLate.vue';
import { useLibraryStore } from '../library/library.ts';
import StageMarks from './StageMarks.vue';
import StageNow from './StageNow.vue';
import StopQuestion from './StopQuestion.vue';
import { slotOf } from './stageWords.ts';
import { useCountIn } from './useCountIn.ts';
import { useRunKeeping } from './useRunKeeping.ts';
import { useStageKeys } from './useStageKeys.ts';
import { useSpokenRun } from './useStageVoice.ts';

/** A circuit on the wall: what is now, what is next, and the coach's controls, which hide until they are wanted. */
const { circuitId, sessionId, draft, segments, habits, voice } = defineProps<{
  circuitId: string;
  sessionId: string | null;
  draft: CircuitDraft;
  segments: readonly Segment[];
  /** What loads a bar there, where the site is known. */
  plates: Plates | undefined;
  /** The pace that it is planned with. */
  habits: Habits;
  /** What is said along the segments. */
  voice: SpokenScript;
}>();
const StageChange = defineAsyncComponent(() => import('./StageChange.vue'));
const StageHelp = defineAsyncComponent(() => import('./StageHelp.vue'));
const VoiceDialog = defineAsyncComponent(() => import('../voice/VoiceDialog.vue'));
const router = useRouter();
const speaking = ref(false);
const noting = ref(false);
const changing = ref(false);
const stopping = ref(false);
const late = ref(false);
const help = ref(false);
/** The circuit as it is run: with what was put in and left out on the way. */
const course = shallowRef(draft);
/** Slots that no longer run as planned: fitted to the time left, or put in for another. */
const changed = shallowRef<ReadonlyMap<string, Slot>>(new Map());
const slotFor = (segment: Segment) => changed.value.get(turnKey(segment)) ?? slotOf(course.value.circuit, segment);
const { run, prompts } = useSpokenRun(segments, voice, slotFor);
const moment = computed(() => run.moment.value);
const library = useLibraryStore();
const drillNow = computed(() => library.drillOf(moment.value?.segment.drillId ?? ''));
const slot = computed(() => moment.value && slotFor(moment.value.segment));
const wakeLock = useWakeLock();
const controls = ref(true);
const hide = useTimeoutFn(() => (controls.value = false), 3500);

function showControls(): void {
  controls.value = true;
  hide.start();
}

const countIn = useCountIn(begin);

function begin(): void {
  countIn.callOff();
  void run.start();
  stayAwake();
}

function stayAwake(): void {
  if (wakeLock.isSupported.value) void wakeLock.request('screen').catch(() => undefined);
  showControls();
}

const { left, drop: dropKept } = useRunKeeping({ circuitId, sessionId }, run, changed);

async function takeUp(kept: KeptStage, make: (kept: KeptStage, now: number) => StageRun): Promise<void> {
  changed.value = new Map(kept.refitted);
  await run.takeUp(make(kept, Date.now()), new Date(kept.startedAt));
  // The question stays until the run stands where it was: nothing else is seen in between.
  left.value = undefined;
  stayAwake();
}

function afresh(): void {
  dropKept();
  begin();
}

function leave(): void {
  if (run.state.value === 'waiting' || run.state.value === 'ended') void router.push(backTo.value);
  else stopping.value = true;
}

function stop(): void {
  stopping.value = false;
  run.stopEarly();
}

function drop(): void {
  stopping.value = false;
  goAway(backTo.value);
}

/** Logged, or left on purpose. */
function goAway(to: string): void {
  dropKept();
  void router.push(to);
}

const backTo = computed(() => (sessionId === null ? `/circuits/${circuitId}` : '/today'));
const paused = computed(() => run.state.value === 'paused');
const endedEarly = computed(() => run.position.value < run.total.value);

function goOnWith(refit: Refit): void {
  late.value = false;
  changed.value = new Map([...changed.value, ...refit.slots]);
  run.goOnWith(refit.segments);
  showControls();
}

/** Puts another drill in the place of the one of the moment; what is fitted or changed later goes by it too. */
function swapIn(was: Slot, { segments: after, slot: put }: Swapped): void {
  course.value = { ...course.value, circuit: changeSlot(course.value.circuit, was.id, () => put) };
  const own = after.filter(({ slotId }) => slotId === put.id);
  changed.value = new Map([...changed.value, ...own.map((segment) => [turnKey(segment), put] as const)]);
  run.goOnWith(after);
}

function leaveOut(was: Slot): void {
  course.value = { ...course.value, circuit: takeOutLine(course.value.circuit, was.id) };
  run.leaveOut();
}

const asked = computed(() => stopping.value || late.value || help.value || speaking.value || left.value !== undefined);
useStageKeys({
  run,
  leave,
  begin,
  late: () => (late.value = true),
  note: () => (noting.value = !noting.value),
  change: () => (changing.value = !changing.value),
  help: () => (help.value = true),
  touched: showControls,
  blocked: asked,
});
watch(run.state, (state) => {
  if (state === 'ended' && wakeLock.isActive.value) void wakeLock.release();
});
onMounted(() => {
  // Sounds need a touch of the page; coming from a Start button there has been one.
  if (left.value || !navigator.userActivation.hasBeenActive) return;
  const { begins } = voice.settings.value;
  if (begins === 'at once') begin();
  else if (begins !== 'on a press') countIn.from(begins === '5 s' ? 5 : 15);
});
</script>

<template>
  <StageEnd
    v-if="run.state.value === 'ended'"
    :circuit-id="circuitId"
    :session-id="sessionId"
    :circuit="course.circuit"
    :segments="run.segments.value"
    :turns="run.record.value"
    :gaps="run.run.value.gaps"
    :habits="habits"
    :marks="run.run.value.marks"
    :started-at="run.startedAt.value ?? new Date()"
    :ended-early="endedEarly"
    @done="goAway('/log')"
    @leave="goAway(backTo)"
  />
  <div v-else class="run" @pointermove="showControls" @pointerdown="showControls">
    <template v-if="moment">
      <StageNow
        :planned="slot"
        :moment="moment"
        :plates="plates"
        :paused="paused"
        :total="run.total.value"
        :position="run.position.value"
      />
      <StageFlash
        v-if="run.muted.value && run.state.value === 'running'"
        :segments="run.segments.value"
        :position="run.position.value"
      />
      <StageCaption :prompts="prompts" :position="run.position.value" />
      <v-btn
        v-if="moment.segment.openEnd && run.state.value === 'running'"
        class="ready"
        size="x-large"
        height="72"
        @click="run.skip"
        >They’re ready: next</v-btn
      >
      <StageFoot
        :segments="run.segments.value"
        :position="run.position.value"
        :now="moment.segment"
        :next="run.next.value"
      />
    </template>
    <ResumeQuestion
      v-if="left"
      :kept="left"
      @resume="takeUp(left, takenUp)"
      @catch-up="takeUp(left, caughtUp)"
      @afresh="afresh"
    />
    <div v-else-if="run.state.value === 'waiting'" class="begin">
      <p v-if="countIn.left.value" class="counting clock" role="timer">{{ countIn.left.value }}</p>
      <v-btn size="x-large" height="72" @click="begin">{{ countIn.left.value ? 'Start now' : 'Start' }}</v-btn>
      <v-btn variant="text" @click="leave">Back</v-btn>
    </div>
    <StageControls
      v-else
      :run="run"
      :shown="controls || paused"
      @leave="leave"
      @late="late = true"
      @note="noting = !noting"
      @change="changing = !changing"
      @voice="speaking = true"
    />
    <StageMarks v-if="moment" v-model="noting" :drill="drillNow" @mark="run.mark" />
    <StageChange
      v-if="slot && changing"
      v-model="changing"
      :run="run"
      :draft="course"
      :planned="slot"
      @swap="(swapped) => slot && swapIn(slot, swapped)"
      @leave-out="slot && leaveOut(slot)"
    />
    <StageLate v-model="late" :run="run" :draft="course" @refit="goOnWith" />
    <StageHelp v-if="help" v-model="help" />
    <VoiceDialog v-if="speaking" v-model="speaking" />
    <StopQuestion v-model="stopping" @stop="stop" @drop="drop" />
  </div>
</template>

<style scoped>
.run {
  position: relative;
  min-height: 100vh;
  display: flex;
  flex-direction: column;
  padding: clamp(1rem, 3vw, 2.5rem);
}
@media (min-width: 701px) and (max-height: 600px) {
  .run {
    padding: 0.6rem 1.25rem;
  }
}
.counting {
  font-size: clamp(6rem, 30vh, 20rem);
  font-weight: 750;
  line-height: 1;
  text-align: center;
}
.ready {
  align-self: center;
  margin-bottom: 1.5rem;
  font-size: clamp(1.1rem, 1.8vw, 1.8rem);
}
.begin {
  position: absolute;
  inset: 0;
  display: grid;
  place-content: center;
  gap: 1rem;
  background: rgb(var(--v-theme-background), 0.82);
}
</style>
