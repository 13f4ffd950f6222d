<script setup lang="ts">
import { MOST_PRONOUNCED } from '@prompt-spark/core/prompts/pronounced';
import { ref } from 'vue';
import { usePronunciationsStore } from '../library/pronunciations.ts';
import LoadingGate from '../loading/LoadingGate.vue';
import { useLoading } from '../loading/useLoading.ts';
import { useAction } from '../shell/useAction.ts';
import { sayOnce } from '../sound/tryTheSound.ts';
import { useVoiceSettings } from '../voice/voiceSettings.ts';
import { say } from './say.ts';

/** Words that the voice would say wrong, each spelt as it is spoken. On the screen they stay as they are written. */
const pronunciations = usePronunciationsStore();
const loading = useLoading(pronunciations.load);
const { settings } = useVoiceSettings();
const { act, busy } = useAction();
const written = ref('');
const spoken = ref('');

async function add(): Promise<void> {
  const one = { written: written.value.trim(), spoken: spoken.value.trim() };
  if (one.written === '' || one.spoken === '') return;
  if (await act(() => pronunciations.keep(one))) [written.value, spoken.value] = ['', ''];
}
const hear = (text: string) => act(() => sayOnce(text, settings.value));
</script>

<template>
  <h2 class="head">{{ say.pronunciationList.howTheVoiceSays }}</h2>
  <p class="soft about">
    {{ say.pronunciationList.wordTheVoiceGets }}
  </p>
  <form class="form" @submit.prevent="add">
    <v-text-field
      v-model="written"
      :label="say.pronunciationList.written"
      :placeholder="say.pronunciationList.exampleWritten"
      :maxlength="MOST_PRONOUNCED"
      hide-details
    />
    <v-text-field
      v-model="spoken"
      :label="say.pronunciationList.soundsLike"
      :placeholder="say.pronunciationList.exampleSpoken"
      :maxlength="MOST_PRONOUNCED"
      hide-details
    />
    <v-btn variant="text" :disabled="!spoken.trim()" @click="hear(spoken)">{{ say.pronunciationList.hearIt }}</v-btn>
    <v-btn type="submit" variant="outlined" :loading="busy" :disabled="!written.trim() || !spoken.trim()">{{
      say.pronunciationList.addTheSound
    }}</v-btn>
  </form>
  <LoadingGate :loading="loading">
    <ul class="list">
      <li v-for="one in pronunciations.list" :key="one.id">
        <div>
          <h3>{{ one.written }}</h3>
          <p class="soft">{{ say.pronunciationList.soundsLikeWord(one.spoken) }}</p>
        </div>
        <p class="acts">
          <v-btn variant="text" :aria-label="say.pronunciationList.hear(one.written)" @click="hear(one.spoken)">{{
            say.pronunciationList.hearIt
          }}</v-btn>
          <v-btn
            variant="text"
            :aria-label="say.pronunciationList.removeTheSound(one.written)"
            @click="act(() => pronunciations.forget(one.id))"
            >{{ say.pronunciationList.remove }}</v-btn
          >
        </p>
      </li>
    </ul>
  </LoadingGate>
</template>

<style scoped src="./list.css"></style>
<style scoped>
.head {
  margin-top: 1.5rem;
}
h3 {
  font-size: 1.0625rem;
}
.form {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 11rem), 1fr));
  gap: 0.6rem;
  align-items: center;
  max-width: 60rem;
}
</style>
