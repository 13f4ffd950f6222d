<script setup lang="ts">
import { computed, ref } from 'vue';
import { useLibraryStore } from '../library/library.ts';
import { useWordsStore } from '../library/words.ts';
import { useAction } from '../shell/useAction.ts';
import { say } from './say.ts';

/** A new word: what is said, and the drill, or the version of it, that is meant. */
const library = useLibraryStore();
const words = useWordsStore();
const { act, busy } = useAction();
const said = ref('');
const drillId = ref<string | null>(null);
const rung = ref('');

const drills = computed(() => library.library.drills.map(({ id, name: title }) => ({ value: id, title })));
const versions = computed(() => {
  const ladder = drillId.value === null ? [] : (library.drillOf(drillId.value)?.ladder ?? []);
  return ladder.map(({ id, name, rung: step }) =>
    step === 0 ? { value: '', title: say.wordForm.asUsual } : { value: id, title: name },
  );
});

async function add(): Promise<void> {
  const id = drillId.value;
  if (id === null || said.value.trim() === '') return;
  if (await act(() => words.teach([{ said: said.value.trim(), drillId: id, rung: rung.value }]))) said.value = '';
}
</script>

<template>
  <form class="form" @submit.prevent="add">
    <v-text-field v-model="said" :label="say.wordForm.weSay" maxlength="80" hide-details />
    <v-autocomplete
      v-model="drillId"
      :label="say.wordForm.andMean"
      :items="drills"
      hide-details
      @update:model-value="rung = ''"
    />
    <v-select
      v-model="rung"
      :label="say.wordForm.version"
      :items="versions"
      hide-details
      :disabled="drillId === null"
    />
    <v-btn type="submit" variant="outlined" :loading="busy" :disabled="drillId === null || !said.trim()">{{
      say.wordForm.addTheWord
    }}</v-btn>
  </form>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 13rem), 1fr));
  gap: 0.6rem;
  align-items: center;
  max-width: 60rem;
}
</style>
