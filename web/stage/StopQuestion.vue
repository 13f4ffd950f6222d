<script setup lang="ts">
import QuestionDialog from '../fields/QuestionDialog.vue';
import { say } from './say.ts';

/** Asked once before a run that is under way is left. */
const asked = defineModel<boolean>({ required: true });
const emit = defineEmits<{ stop: []; drop: [] }>();
</script>

<template>
  <QuestionDialog
    v-model="asked"
    :name="say.stopQuestion.stopHere"
    :title="say.stopQuestion.stopHere"
    :about="say.stopQuestion.clockIsStillRunning"
  >
    <v-btn autofocus @click="asked = false">{{ say.stopQuestion.keepGoing }}</v-btn>
    <v-btn variant="outlined" @click="emit('stop')">{{ say.stopQuestion.stopAndLog }}</v-btn>
    <v-btn variant="text" @click="emit('drop')">{{ say.stopQuestion.leaveWithoutLogging }}</v-btn>
  </QuestionDialog>
</template>
