<script setup lang="ts">
import {
  mdiAccountVoice,
  mdiClose,
  mdiFullscreen,
  mdiHumanGreeting,
  mdiNoteEditOutline,
  mdiPause,
  mdiPlay,
  mdiPlus,
  mdiSkipNext,
  mdiSkipPrevious,
  mdiSwapHorizontal,
  mdiTimerAlertOutline,
  mdiVolumeHigh,
  mdiVolumeOff,
} from '@mdi/js';
import { useFullscreen } from '@vueuse/core';
import { computed } from 'vue';
import type { StageConductor } from './useStageRun.ts';
import { say } from './say.ts';

/** The coach's controls. They show on movement, touch or key, and while paused. */
const { run } = defineProps<{ run: StageConductor; shown: boolean }>();
const emit = defineEmits<{ leave: []; late: []; note: []; change: []; demo: []; voice: [] }>();
const screen = useFullscreen();
const paused = computed(() => run.state.value === 'paused');
</script>

<template>
  <div :class="['controls', { shown }]" role="group" :aria-label="say.stageControls.controls">
    <v-btn :icon="mdiSkipPrevious" variant="text" size="large" :aria-label="say.stageControls.back" @click="run.back" />
    <v-btn
      :icon="paused ? mdiPlay : mdiPause"
      size="x-large"
      :aria-label="paused ? say.stageControls.resume : say.stageControls.pause"
      @click="paused ? run.goOn() : run.pause()"
    />
    <v-btn :icon="mdiSkipNext" variant="text" size="large" :aria-label="say.stageControls.skip" @click="run.skip" />
    <v-btn variant="text" size="large" :prepend-icon="mdiPlus" @click="run.tenMore">{{
      say.stageControls.tenSeconds
    }}</v-btn>
    <v-btn variant="text" size="large" :prepend-icon="mdiTimerAlertOutline" @click="emit('late')">{{
      say.stageControls.wereLate
    }}</v-btn>
    <v-btn variant="text" size="large" :prepend-icon="mdiSwapHorizontal" @click="emit('change')">{{
      say.stageControls.change
    }}</v-btn>
    <v-btn variant="text" size="large" :prepend-icon="mdiHumanGreeting" @click="emit('demo')">{{
      say.stageControls.whosNew
    }}</v-btn>
    <v-btn variant="text" size="large" :prepend-icon="mdiNoteEditOutline" @click="emit('note')">{{
      say.stageControls.note
    }}</v-btn>
    <v-btn
      :icon="run.muted.value ? mdiVolumeOff : mdiVolumeHigh"
      variant="text"
      size="large"
      :aria-label="run.muted.value ? say.stageControls.soundOn : say.stageControls.mute"
      @click="run.mute"
    />
    <v-btn
      :icon="mdiAccountVoice"
      variant="text"
      size="large"
      :aria-label="say.stageControls.startAndVoice"
      @click="emit('voice')"
    />
    <v-btn
      v-if="screen.isSupported.value"
      :icon="mdiFullscreen"
      variant="text"
      size="large"
      :aria-label="say.stageControls.fullScreen"
      @click="screen.toggle"
    />
    <v-btn :icon="mdiClose" variant="text" size="large" :aria-label="say.stageControls.leave" @click="emit('leave')" />
  </div>
</template>

<style scoped>
/* Over the foot while it shows: at the top it would lie over the phase and the clock. */
.controls {
  position: fixed;
  inset: auto auto 0.75rem 50%;
  z-index: 1;
  transform: translateX(-50%);
  display: flex;
  align-items: center;
  gap: 0.25rem;
  padding: 0.4rem 0.6rem;
  border-radius: 40px;
  background: var(--card);
  opacity: 0;
  transition: opacity 0.25s;
}
.controls.shown,
.controls:focus-within {
  opacity: 1;
}
/* A narrow screen has a place of its own for it below what is next. */
@media (max-width: 1200px) {
  .controls {
    position: static;
    transform: none;
    align-self: center;
    flex-wrap: wrap;
    justify-content: center;
    margin-top: 0.75rem;
  }
}
@media (max-width: 700px) {
  .controls {
    align-self: auto;
    opacity: 1;
  }
}
/* A phone on its side has no room for it in the flow: it lies over the fuse while it shows. */
@media (min-width: 701px) and (max-width: 1200px) and (max-height: 600px) {
  .controls {
    position: fixed;
    inset: auto auto 0.5rem 50%;
    transform: translateX(-50%);
    flex-wrap: nowrap;
    gap: 0;
    margin: 0;
  }
  .controls :deep(.v-btn) {
    min-width: 0;
    padding: 0 0.2rem;
    font-size: 0.8125rem;
    letter-spacing: 0;
  }
}
</style>
