<script setup lang="ts">
import QuestionDialog from '../../fields/QuestionDialog.vue';
import { linesNotRead } from '../../wording/linesNotRead.ts';
import { say } from '../say.ts';

/** Asked once before a circuit is run without the lines that were not read. */
const asked = defineModel<boolean>({ required: true });
const { unread } = defineProps<{ unread: number }>();
const emit = defineEmits<{ start: [] }>();
</script>

<template>
  <QuestionDialog
    v-model="asked"
    :name="say.startQuestion.startWithoutThem"
    :title="linesNotRead(unread)"
    :about="say.startQuestion.stageWouldLeaveOut(unread)"
  >
    <v-btn autofocus @click="asked = false">{{ say.startQuestion.backToTheSheet }}</v-btn>
    <v-btn variant="outlined" @click="emit('start')">{{ say.startQuestion.startWithoutUnread(unread) }}</v-btn>
  </QuestionDialog>
</template>
