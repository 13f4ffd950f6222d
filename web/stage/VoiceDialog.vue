<script setup lang="ts">
import { TALKS, type Talk } from '@prompt-spark/core/prompts/prompt';
import type { Voice } from '@prompt-spark/contract/voice';
import { onMounted, ref, shallowRef } from 'vue';
import { call } from '../api/call.ts';
import { useAction } from '../shell/useAction.ts';
import { tryTheSound } from '../sound/tryTheSound.ts';
import { BEGINNINGS, useVoiceSettings, type Beginning } from '../voice/voiceSettings.ts';
import { say } from './say.ts';

/** What the Stage says and how, on this device; with a line to hear. The clock runs on. */
const shown = defineModel<boolean>({ required: true });
const { settings, set } = useVoiceSettings();
const voices = shallowRef<readonly Voice[]>([]);
const asked = ref(false);
const { busy, act } = useAction();
const TALK_WORDS: Readonly<Record<Talk, string>> = {
  'names only': say.voiceDialog.namesAndChangesOnly,
  usual: say.voiceDialog.namesACueHalfway,
  teaching: say.voiceDialog.everythingABeginnerNeeds,
};
const BEGIN_WORDS: Readonly<Record<Beginning, string>> = {
  'at once': say.voiceDialog.atOnce,
  '5 s': say.voiceDialog.afterACount,
  '15 s': say.voiceDialog.afterACountOf15,
  'on the minute': say.voiceDialog.atTheNextFull,
  'on a press': say.voiceDialog.whenIPressOnce,
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
  <v-dialog v-model="shown" :aria-label="say.voiceDialog.startAndVoice" max-width="30rem">
    <v-card class="voice" rounded="lg">
      <h2>{{ say.voiceDialog.startAndVoice }}</h2>
      <v-select
        :label="say.voiceDialog.runBegins"
        :items="beginnings"
        :model-value="settings.begins"
        @update:model-value="(begins: Beginning) => set({ begins })"
      />
      <v-switch
        :label="say.voiceDialog.shortCheckBeforeEach"
        color="primary"
        hide-details
        :model-value="settings.check"
        @update:model-value="(check) => set({ check: check === true })"
      />
      <v-switch
        :label="say.voiceDialog.tickAtEveryRepetition"
        color="primary"
        hide-details
        :model-value="settings.metronome"
        @update:model-value="(metronome) => set({ metronome: metronome === true })"
      />
      <v-switch
        :label="say.voiceDialog.sayWhatIsNext"
        color="primary"
        hide-details
        :model-value="settings.on"
        @update:model-value="(on) => set({ on: on === true })"
      />
      <p v-if="asked && !voices.length" class="soft small">
        {{ say.voiceDialog.serverHasNoVoice }}
      </p>
      <template v-if="settings.on">
        <v-select
          :label="say.voiceDialog.howMuchIsSaid"
          :items="talks"
          :model-value="settings.talk"
          @update:model-value="(talk: Talk) => set({ talk })"
        />
        <template v-if="voices.length">
          <v-select
            :label="say.voiceDialog.voice"
            :items="[...voices]"
            item-title="name"
            item-value="id"
            :model-value="settings.voice"
            @update:model-value="(voice: string) => set({ voice })"
          />
          <v-select
            :label="say.voiceDialog.voiceForTheTracks"
            :items="[...voices]"
            item-title="name"
            item-value="id"
            :model-value="settings.second"
            @update:model-value="(second: string) => set({ second })"
          />
          <v-slider
            :label="say.voiceDialog.speed"
            :aria-label="say.voiceDialog.speed"
            :min="110"
            :max="240"
            :step="5"
            hide-details
            :model-value="settings.speed"
            @end="(speed: number) => set({ speed })"
          />
          <v-slider
            :label="say.voiceDialog.pitch"
            :aria-label="say.voiceDialog.pitch"
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
        <v-btn variant="outlined" :loading="busy" @click="hear">{{ say.voiceDialog.tryTheSound }}</v-btn>
        <v-btn @click="shown = false">{{ say.voiceDialog.close }}</v-btn>
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
