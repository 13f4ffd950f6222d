<script setup lang="ts">
import { TALKS, type Talk } from '@prompt-spark/core/prompts/prompt';
import type { Voice } from '@prompt-spark/contract/voice';
import { onMounted, ref, shallowRef } from 'vue';
import { call } from '../api/call.ts';
import { useAction } from '../shell/useAction.ts';
import { tryTheSound } from '../sound/tryTheSound.ts';
import { BEGINNINGS, useVoiceSettings, type Beginning } from '../voice/voiceSettings.ts';

/** What the Stage says and how, on this device; with a line to hear. The clock runs on. */
const shown = defineModel<boolean>({ required: true });
const { settings, set } = useVoiceSettings();
const voices = shallowRef<readonly Voice[]>([]);
const asked = ref(false);
const { busy, act } = useAction();
const TALK_WORDS: Readonly<Record<Talk, string>> = {
  'names only': 'Names and changes only',
  usual: 'Names, a cue, halfway',
  teaching: 'Everything a beginner needs',
};
const BEGIN_WORDS: Readonly<Record<Beginning, string>> = {
  'at once': 'At once',
  '5 s': 'After a count of 5',
  '15 s': 'After a count of 15',
  'on the minute': 'At the next full minute on the clock',
  'on a press': 'When I press, once they stand ready',
};
const beginnings = BEGINNINGS.map((value) => ({ value, title: BEGIN_WORDS[value] }));
const talks = TALKS.map((value) => ({ value, title: TALK_WORDS[value] }));

onMounted(async () => {
  try {
    voices.value = (await call('voices')).voices;
  } finally {
    asked.value = true;
  }
});

const hear = () => act(() => tryTheSound(settings.value));
</script>

<template>
  <v-dialog v-model="shown" aria-label="Start and voice" max-width="30rem">
    <v-card class="voice" rounded="lg">
      <h2>Start and voice</h2>
      <v-select
        label="The run begins"
        :items="beginnings"
        :model-value="settings.begins"
        @update:model-value="(begins: Beginning) => set({ begins })"
      />
      <v-switch
        label="A short check before each start"
        color="primary"
        hide-details
        :model-value="settings.check"
        @update:model-value="(check) => set({ check: check === true })"
      />
      <v-switch
        label="Tick at every repetition"
        color="primary"
        hide-details
        :model-value="settings.metronome"
        @update:model-value="(metronome) => set({ metronome: metronome === true })"
      />
      <v-switch
        label="Say what is next, and how"
        color="primary"
        hide-details
        :model-value="settings.on"
        @update:model-value="(on) => set({ on: on === true })"
      />
      <p v-if="asked && !voices.length" class="soft small">
        The server has no voice: install espeak-ng where it runs. Until then your browser speaks if it can, and the
        words are on the screen.
      </p>
      <template v-if="settings.on">
        <v-select
          label="How much is said"
          :items="talks"
          :model-value="settings.talk"
          @update:model-value="(talk: Talk) => set({ talk })"
        />
        <template v-if="voices.length">
          <v-select
            label="Voice"
            :items="[...voices]"
            item-title="name"
            item-value="id"
            :model-value="settings.voice"
            @update:model-value="(voice: string) => set({ voice })"
          />
          <v-select
            label="Voice for the tracks"
            :items="[...voices]"
            item-title="name"
            item-value="id"
            :model-value="settings.second"
            @update:model-value="(second: string) => set({ second })"
          />
          <v-slider
            label="Speed"
            aria-label="Speed"
            :min="110"
            :max="240"
            :step="5"
            hide-details
            :model-value="settings.speed"
            @end="(speed: number) => set({ speed })"
          />
          <v-slider
            label="Pitch"
            aria-label="Pitch"
            :min="10"
            :max="90"
            :step="5"
            hide-details
            :model-value="settings.pitch"
            @end="(pitch: number) => set({ pitch })"
          />
        </template>
      </template>
      <p class="acts">
        <v-btn variant="outlined" :loading="busy" @click="hear">Try the sound</v-btn>
        <v-btn @click="shown = false">Close</v-btn>
      </p>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.voice {
  display: grid;
  gap: 0.9rem;
  padding: 1.5rem;
}
.acts {
  display: flex;
  gap: 0.5rem;
}
</style>
