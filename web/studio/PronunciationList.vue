<script setup lang="ts">
import { MOST_PRONOUNCED } from '@prompt-spark/core/prompts/pronounced';
import { ref } from 'vue';
import { usePronunciationsStore } from '../library/pronunciations.ts';
import LoadingGate from '../loading/LoadingGate.vue';
import { useLoading } from '../loading/useLoading.ts';
import { useAction } from '../shell/useAction.ts';
import { sayOnce } from '../sound/tryTheSound.ts';
import { useVoiceSettings } from '../voice/voiceSettings.ts';

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
  <h2 class="head">How the voice says it</h2>
  <p class="soft about">
    A word the voice gets wrong: write it the way it sounds. On the screen it stays as you spell it.
  </p>
  <form class="form" @submit.prevent="add">
    <v-text-field v-model="written" label="Written" placeholder="psoas" :maxlength="MOST_PRONOUNCED" hide-details />
    <v-text-field v-model="spoken" label="Sounds like" placeholder="so-as" :maxlength="MOST_PRONOUNCED" hide-details />
    <v-btn variant="text" :disabled="!spoken.trim()" @click="hear(spoken)">Hear it</v-btn>
    <v-btn type="submit" variant="outlined" :loading="busy" :disabled="!written.trim() || !spoken.trim()"
      >Add the sound</v-btn
    >
  </form>
  <LoadingGate :loading="loading">
    <ul class="list">
      <li v-for="one in pronunciations.list" :key="one.id">
        <div>
          <h3>{{ one.written }}</h3>
          <p class="soft">sounds like “{{ one.spoken }}”</p>
        </div>
        <p class="acts">
          <v-btn variant="text" :aria-label="`Hear “${one.written}”`" @click="hear(one.spoken)">Hear it</v-btn>
          <v-btn
            variant="text"
            :aria-label="`Remove the sound of “${one.written}”`"
            @click="act(() => pronunciations.forget(one.id))"
            >Remove</v-btn
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
