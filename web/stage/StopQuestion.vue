<script setup lang="ts">
import { say } from './say.ts';
/** Asked once before a run that is under way is left. */
const asked = defineModel<boolean>({ required: true });
const emit = defineEmits<{ stop: []; drop: [] }>();
</script>

<template>
  <v-dialog v-model="asked" :aria-label="say.stopQuestion.stopHere">
    <v-card class="question" rounded="lg">
      <h2>{{ say.stopQuestion.stopHere }}</h2>
      <p>{{ say.stopQuestion.clockIsStillRunning }}</p>
      <div class="acts">
        <v-btn autofocus @click="asked = false">{{ say.stopQuestion.keepGoing }}</v-btn>
        <v-btn variant="outlined" @click="emit('stop')">{{ say.stopQuestion.stopAndLog }}</v-btn>
        <v-btn variant="text" @click="emit('drop')">{{ say.stopQuestion.leaveWithoutLogging }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.question {
  display: grid;
  gap: 0.75rem;
  padding: 1.5rem;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
</style>
