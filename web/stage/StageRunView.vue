<script setup lang="ts">
import type { CircuitDraft } from '@prompt-spark/contract/circuit';
import type { Habits } from '@prompt-spark/core/occasion/occasion';
import type { Segment } from '@prompt-spark/core/timeline/timeline';
import type { Plates } from '@prompt-spark/core/dose/lift';
import { useEventListener, useIntervalFn, useTimeoutFn, useWakeLock } from '@vueuse/core';
import { canBeTakenUp, caughtUp, isUnlogged, takenUp } from '@prompt-spark/core/session/keptRun';
import type { StageRun } from '@prompt-spark/core/session/stageRun';
import { computed, defineAsyncComponent, onMounted, ref, shallowRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { turnKey, type Refit } from '@prompt-spark/core/fit/refitRun';
import { useAccountStore } from '../shell/account.ts';
import ResumeQuestion from './ResumeQuestion.vue';
import { runDrawer, type KeptStage } from './runDrawer.ts';
import { useBrowserSpeech } from '../voice/useBrowserSpeech.ts';
import { utteranceOf } from '../voice/spokenClips.ts';
import type { SpokenScript } from '../voice/useScript.ts';
import StageCaption from './StageCaption.vue';
import { useStageRun } from './useStageRun.ts';
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
import { useStageKeys } from './useStageKeys.ts';

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
const StageHelp = defineAsyncComponent(() => import('./StageHelp.vue'));
const VoiceDialog = defineAsyncComponent(() => import('../voice/VoiceDialog.vue'));
const router = useRouter();
const run = useStageRun(segments, {
  heard: (along) =>
    voice.settings.value.on
      ? voice.scriptAlong(along).prompts.map((prompt) => ({
          at: prompt.at,
          kind: 'speech',
          ...utteranceOf(prompt, voice.settings.value),
        }))
      : [],
  ready: (context) => voice.clips.value.decodeFor(context),
  bufferOf: (context, utterance) => voice.clips.value.bufferOf(context, utterance),
});
const prompts = computed(() => (voice.settings.value.on ? voice.scriptAlong(run.segments.value).prompts : []));
const speaking = ref(false);
const noting = ref(false);
useBrowserSpeech(
  () => prompts.value,
  () => run.position.value,
  () => voice.speaks.value === false && run.state.value === 'running' && !run.muted.value,
  () => voice.settings.value.speed / 165,
);
watch(
  [() => voice.clips.value, () => voice.settings.value, voice.speaks],
  async () => {
    await voice.prepare();
    await run.takeClips();
  },
  { flush: 'post' },
);
const stopping = ref(false);
const late = ref(false);
const help = ref(false);
/** Slots that run otherwise since what is left was fitted. */
const refitted = shallowRef<Refit['slots']>(new Map());
const moment = computed(() => run.moment.value);
const library = useLibraryStore();
const drillNow = computed(() => library.drillOf(moment.value?.segment.drillId ?? '')?.name ?? 'this drill');
const slot = computed(() => {
  const segment = moment.value?.segment;
  return segment && (refitted.value.get(turnKey(segment)) ?? slotOf(draft.circuit, segment));
});
const wakeLock = useWakeLock();
const controls = ref(true);
const hide = useTimeoutFn(() => (controls.value = false), 3500);

function showControls(): void {
  controls.value = true;
  hide.start();
}

/** Seconds until the run begins by itself; 0 while nothing is counted. */
const counting = ref(0);
const count = useIntervalFn(
  () => {
    counting.value -= 1;
    if (counting.value <= 0) begin();
  },
  1000,
  { immediate: false },
);

function countIn(seconds: number): void {
  counting.value = seconds;
  count.resume();
}

function begin(): void {
  count.pause();
  counting.value = 0;
  void run.start();
  stayAwake();
}

function stayAwake(): void {
  if (wakeLock.isSupported.value) void wakeLock.request('screen').catch(() => undefined);
  showControls();
}

/** The run is kept in this browser while it is under way, and asked about when the Stage is opened again. */
const drawer = runDrawer(useAccountStore().account?.coachId ?? '', circuitId, sessionId);
const left = shallowRef<KeptStage>();
const before = drawer.get();
if (before && canBeTakenUp(before, Date.now())) left.value = before;
if (before && isUnlogged(before, Date.now())) run.showEnd(before.run, new Date(before.startedAt));

function keep(): void {
  if (run.state.value === 'waiting') return;
  drawer.put({
    run: run.run.value,
    startedAt: (run.startedAt.value ?? new Date()).getTime(),
    keptAt: Date.now(),
    refitted: [...refitted.value],
  });
}
useIntervalFn(keep, 1000);
useEventListener(window, 'pagehide', keep);

async function takeUp(kept: KeptStage, make: (kept: KeptStage, now: number) => StageRun): Promise<void> {
  refitted.value = new Map(kept.refitted);
  await run.takeUp(make(kept, Date.now()), new Date(kept.startedAt));
  // The question stays until the run stands where it was: nothing else is seen in between.
  left.value = undefined;
  stayAwake();
}

function afresh(): void {
  drawer.drop();
  left.value = undefined;
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

/** Logged, or left on purpose: there is nothing to take up any more. */
function goAway(to: string): void {
  drawer.drop();
  void router.push(to);
}

const backTo = computed(() => (sessionId === null ? `/circuits/${circuitId}` : '/today'));
const paused = computed(() => run.state.value === 'paused');
const endedEarly = computed(() => run.position.value < run.total.value);

function goOnWith(refit: Refit): void {
  late.value = false;
  refitted.value = new Map([...refitted.value, ...refit.slots]);
  run.goOnWith(refit.segments);
  showControls();
}

const asked = computed(() => stopping.value || late.value || help.value || speaking.value || left.value !== undefined);
useStageKeys({
  run,
  leave,
  begin,
  late: () => (late.value = true),
  note: () => (noting.value = !noting.value),
  help: () => (help.value = true),
  touched: showControls,
  blocked: asked,
});
watch(run.state, (state) => {
  keep();
  if (state === 'ended' && wakeLock.isActive.value) void wakeLock.release();
});
onMounted(() => {
  // Sounds need a touch of the page; coming from a Start button there has been one.
  if (left.value || !navigator.userActivation.hasBeenActive) return;
  const { begins } = voice.settings.value;
  if (begins === 'at once') begin();
  else if (begins !== 'on a press') countIn(begins === '5 s' ? 5 : 15);
});
</script>

<template>
  <StageEnd
    v-if="run.state.value === 'ended'"
    :circuit-id="circuitId"
    :session-id="sessionId"
    :circuit="draft.circuit"
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
      <p v-if="counting" class="counting clock" role="timer">{{ counting }}</p>
      <v-btn size="x-large" height="72" @click="begin">{{ counting ? 'Start now' : 'Start' }}</v-btn>
      <v-btn variant="text" @click="leave">Back</v-btn>
    </div>
    <StageControls
      v-else
      :run="run"
      :shown="controls || paused"
      @leave="leave"
      @late="late = true"
      @note="noting = !noting"
      @voice="speaking = true"
    />
    <StageMarks v-if="moment" v-model="noting" :drill="drillNow" @mark="run.mark" />
    <StageLate v-model="late" :run="run" :draft="draft" @refit="goOnWith" />
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
.counting {
  font-size: clamp(6rem, 30vh, 20rem);
  font-weight: 750;
  line-height: 1;
  text-align: center;
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
