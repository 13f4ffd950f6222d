<script setup lang="ts">
import { linesNotRead } from '../../wording/linesNotRead.ts';
import { say } from '../say.ts';

/** Asked once before a circuit is run without the lines that were not read. */
const asked = defineModel<boolean>({ required: true });
const { unread } = defineProps<{ unread: number }>();
const emit = defineEmits<{ start: [] }>();
</script>

<template>
  <v-dialog v-model="asked" :aria-label="say.startQuestion.startWithoutThem">
    <v-card class="question" rounded="lg">
      <h2>{{ linesNotRead(unread) }}</h2>
      <p>
        {{ say.startQuestion.stageWouldLeaveOut(unread) }}
      </p>
      <div class="acts">
        <v-btn autofocus @click="asked = false">{{ say.startQuestion.backToTheSheet }}</v-btn>
        <v-btn variant="outlined" @click="emit('start')">{{ say.startQuestion.startWithoutUnread(unread) }}</v-btn>
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
