<script setup lang="ts">
import KeyList from '../keys/KeyList.vue';
import { STAGE_KEYS } from './stageKeys.ts';
import { say } from './say.ts';

/** The keys of the Stage, over it. The clock runs on. */
const shown = defineModel<boolean>({ required: true });
</script>

<template>
  <v-dialog v-model="shown" :aria-label="say.stageHelp.keysOnTheStage" max-width="32rem">
    <v-card class="help" rounded="lg">
      <h2>{{ say.stageHelp.keysOnTheStage }}</h2>
      <KeyList :map="STAGE_KEYS" />
      <v-btn @click="shown = false">{{ say.stageHelp.close }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.help {
  display: grid;
  justify-items: start;
  gap: 1rem;
  padding: 1.5rem;
}
</style>
