<script setup lang="ts">
import { NOTATION_EXAMPLES } from '@prompt-spark/core/whiteboard/examples';
import KeyList from '../../keys/KeyList.vue';
import { SHEET_KEYS } from './sheetKeys.ts';
import { say } from '../say.ts';

/** All keys of the sheet, and everything a whiteboard line can say. */
const shown = defineModel<boolean>({ required: true });
</script>

<template>
  <v-dialog v-model="shown" :aria-label="say.keysHelp.keysAndNotation" max-width="60rem" scrollable>
    <v-card class="keys" rounded="lg">
      <h2>{{ say.keysHelp.keysOnTheSheet }}</h2>
      <KeyList :map="SHEET_KEYS" />
      <h2>{{ say.keysHelp.asWritten }}</h2>
      <section v-for="{ about, examples } in NOTATION_EXAMPLES" :key="about">
        <h3>{{ about }}</h3>
        <dl>
          <template v-for="{ line, says } in examples" :key="line">
            <dt>
              <code>{{ line }}</code>
            </dt>
            <dd class="soft">{{ says }}</dd>
          </template>
        </dl>
      </section>
      <v-btn @click="shown = false">{{ say.keysHelp.close }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.keys {
  display: grid;
  justify-items: start;
  gap: 1rem;
  padding: 1.5rem;
  overflow-y: auto;
}
h3 {
  margin-bottom: 0.35rem;
  font-size: 1rem;
}
code {
  white-space: normal;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0.5rem 1rem;
  align-items: center;
}
</style>
