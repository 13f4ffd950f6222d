<script setup lang="ts">
import { readWordCsv, writeWordCsv } from '@prompt-spark/core/formats/wordCsv';
import type { ImportReport } from '@prompt-spark/contract/import';
import type { TaughtWord } from '@prompt-spark/core/drills/taughtWord';
import { computed, ref } from 'vue';
import CsvFile from '../fields/CsvFile.vue';
import { useLibraryStore } from '../library/library.ts';
import { useWordsStore } from '../library/words.ts';
import { useAction } from '../shell/useAction.ts';
import WordForm from './WordForm.vue';
import { say } from './say.ts';

/** Our words: what this studio calls its drills, taught on the sheet or here. */
const library = useLibraryStore();
const words = useWordsStore();
const { act } = useAction();
const find = ref('');

interface Shown {
  readonly id: string;
  readonly said: string;
  readonly means: string;
}
const all = computed<readonly Shown[]>(() =>
  words.words.map(({ id, said, drillId, rung }) => {
    const drill = library.drillOf(drillId);
    const version = drill?.ladder.find((one) => one.id === rung)?.name;
    const name = drill?.name ?? say.wordList.drillThatIsNot;
    return { id, said, means: version === undefined ? name : `${name}: ${version}` };
  }),
);
const shown = computed(() => {
  const wanted = find.value.trim().toLowerCase();
  return all.value.filter(({ said, means }) => `${said} ${means}`.toLowerCase().includes(wanted));
});

/** Words that a server takes at once. */
const AT_ONCE = 200;

async function readFile(csv: string): Promise<ImportReport> {
  const rows = readWordCsv(csv, library.library);
  const problems = rows.flatMap((row) => (row.ok ? [] : [{ line: row.line, message: row.problem }]));
  if (problems.length > 0) return { added: 0, same: 0, problems };
  const taught: readonly TaughtWord[] = rows.flatMap((row) => (row.ok ? [row.value] : []));
  const before = words.words.length;
  for (let from = 0; from < taught.length; from += AT_ONCE) await words.teach(taught.slice(from, from + AT_ONCE));
  const added = words.words.length - before;
  return { added, same: taught.length - added, problems: [] };
}
</script>

<template>
  <p class="soft about">
    {{ say.wordList.whatYouCall }}
  </p>
  <WordForm />
  <CsvFile
    name="our-words.csv"
    :out="say.wordList.exportOurWords"
    :write="() => writeWordCsv(words.words, library.library)"
    :read="readFile"
  >
    {{ say.wordList.oneWordALine }}
  </CsvFile>
  <v-text-field
    v-if="all.length > 8"
    v-model="find"
    :label="say.wordList.findAWord"
    clearable
    hide-details
    @click:clear="find = ''"
  />
  <p v-if="!all.length" class="soft">{{ say.wordList.noWordsYet }}</p>
  <ul class="list">
    <li v-for="{ id, said, means } in shown" :key="id">
      <div>
        <h2>{{ said }}</h2>
        <p class="soft">{{ means }}</p>
      </div>
      <p class="acts">
        <v-btn variant="text" :aria-label="say.wordList.removeWord(said)" @click="act(() => words.forget(id))">{{
          say.wordList.remove
        }}</v-btn>
      </p>
    </li>
  </ul>
</template>

<style scoped src="./list.css"></style>
