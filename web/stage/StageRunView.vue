<script setup lang="ts">
import type { CircuitDraft } from '@prompt-spark/contract/circuit';
import type { Habits } from '@prompt-spark/core/occasion/occasion';
import type { Segment } from '@prompt-spark/core/timeline/timeline';
import type { Plates } from '@prompt-spark/core/dose/lift';
import { useTimeoutFn, useWakeLock } from '@vueuse/core';
import { kitOf } from '@prompt-spark/core/circuit/kitOf';
import { caughtUp, takenUp } from '@prompt-spark/core/session/keptRun';
import type { StageRun } from '@prompt-spark/core/session/stageRun';
import { computed, defineAsyncComponent, onMounted, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import type { Refit } from '@prompt-spark/core/fit/refitRun';
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
import StageWaiting from './StageWaiting.vue';
import StopQuestion from './StopQuestion.vue';
import { useCourse } from './useCourse.ts';
import { secondsUntil, useCountIn } from './useCountIn.ts';
import { useOpenRounds } from './useOpenRounds.ts';
import { useRunKeeping } from './useRunKeeping.ts';
import { useStageKeys } from './useStageKeys.ts';
import { useSpokenRun } from './useStageVoice.ts';
import { say } from './say.ts';

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
const StageDemo = defineAsyncComponent(() => import('./StageDemo.vue'));
const StageRounds = defineAsyncComponent(() => import('./StageRounds.vue'));
const StageHelp = defineAsyncComponent(() => import('./StageHelp.vue'));
const VoiceDialog = defineAsyncComponent(() => import('./VoiceDialog.vue'));
const router = useRouter();
const speaking = ref(false);
const noting = ref(false);
const changing = ref(false);
const showing = ref(false);
const stopping = ref(false);
const late = ref(false);
const help = ref(false);
const { course, changed, slotFor, ...onTheWay } = useCourse(draft);
const { run, prompts } = useSpokenRun(segments, voice, slotFor);
const moment = computed(() => run.moment.value);
const library = useLibraryStore();
const drillNow = computed(() => library.drillOf(moment.value?.segment.drillId ?? ''));
const slot = computed(() => moment.value && slotFor(moment.value.segment));
/** What is to lie ready before it begins. */
const kit = computed(() => kitOf(course.value.circuit, library.library));
const wakeLock = useWakeLock();
const controls = ref(true);
const hide = useTimeoutFn(() => (controls.value = false), 3500);

function showControls(): void {
  controls.value = true;
  hide.start();
}

/** Whether the check before the start was gone through, where there is one. */
const checked = ref(!voice.settings.value.check);

/** Begins as it was chosen on this device; on a press it waits. */
function beginAsChosen(): void {
  checked.value = true;
  const { begins } = voice.settings.value;
  if (begins === 'at once') begin();
  else if (begins !== 'on a press') countIn.from(secondsUntil(begins, new Date()));
}

const openRounds = useOpenRounds(run, () => course.value.circuit);
const openRound = openRounds.asked;
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

const { left, drop: dropKept, end: endKeeping } = useRunKeeping({ circuitId, sessionId }, run, { changed, course });

async function takeUp(kept: KeptStage, make: (kept: KeptStage, now: number) => StageRun): Promise<void> {
  onTheWay.takeUp(kept);
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
  endKeeping();
  void router.push(to);
}

const backTo = computed(() => (sessionId === null ? `/circuits/${circuitId}` : '/today'));
const paused = computed(() => run.state.value === 'paused');
const endedEarly = computed(() => run.position.value < run.total.value);

function goOnWith(refit: Refit): void {
  late.value = false;
  onTheWay.goOnWith(run, refit);
  showControls();
}

const asked = computed(() => stopping.value || late.value || help.value || speaking.value || left.value !== undefined);
useStageKeys({
  run,
  leave,
  begin: () => checked.value && begin(),
  late: () => (late.value = true),
  note: () => (noting.value = !noting.value),
  change: () => (changing.value = !changing.value),
  demo: () => (showing.value = !showing.value),
  help: () => (help.value = true),
  touched: showControls,
  blocked: asked,
});
watch(run.state, (state) => {
  if (state === 'ended' && wakeLock.isActive.value) void wakeLock.release();
});
onMounted(() => {
  // Sounds need a touch of the page; coming from a Start button there has been one. At first the sound is tried.
  if (left.value || !navigator.userActivation.hasBeenActive) return;
  if (checked.value) beginAsChosen();
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
        >{{ say.stageRunView.theyreReadyNext }}</v-btn
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
    <StageWaiting
      v-else-if="run.state.value === 'waiting'"
      :counting="countIn.left.value"
      :kit="kit"
      :checked="checked"
      @checked="beginAsChosen"
      @begin="begin"
      @voice="speaking = true"
      @leave="leave"
    >
      <slot />
    </StageWaiting>
    <StageControls
      v-else
      :run="run"
      :shown="controls || paused"
      @leave="leave"
      @late="late = true"
      @note="noting = !noting"
      @change="changing = !changing"
      @demo="showing = !showing"
      @voice="speaking = true"
    />
    <StageMarks v-if="moment" v-model="noting" :drill="drillNow" @mark="run.mark" />
    <StageDemo v-if="drillNow && showing" v-model="showing" :drill="drillNow" />
    <StageRounds
      v-if="openRound"
      :open="openRound"
      @more="openRounds.oneMore(openRound)"
      @enough="openRounds.enough(openRound)"
    />
    <StageChange
      v-if="slot && changing"
      v-model="changing"
      :run="run"
      :draft="course"
      :planned="slot"
      @swap="(swapped) => slot && onTheWay.swapIn(run, slot, swapped)"
      @leave-out="slot && onTheWay.leaveOut(run, slot)"
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
  padding: clamp(1rem, 2vw, 1.75rem) clamp(1rem, 3vw, 2.5rem);
}
@media (min-width: 701px) and (max-height: 600px) {
  .run {
    padding: 0.6rem 1.25rem;
  }
}
.ready {
  align-self: center;
  margin-bottom: 1.5rem;
  font-size: clamp(1.1rem, 1.8vw, 1.8rem);
}
</style>
