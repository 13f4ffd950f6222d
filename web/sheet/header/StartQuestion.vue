<script setup lang="ts">
import { linesNotRead } from '../../wording/linesNotRead.ts';

/** Asked once before a circuit is run without the lines that were not read. */
const asked = defineModel<boolean>({ required: true });
const { unread } = defineProps<{ unread: number }>();
const emit = defineEmits<{ start: [] }>();
</script>

<template>
  <v-dialog v-model="asked" aria-label="Start without them?">
    <v-card class="question" rounded="lg">
      <h2>{{ linesNotRead(unread) }}</h2>
      <p>
        The Stage would leave {{ unread === 1 ? 'it' : 'them' }} out. On the row, pick what is meant or make it ours.
      </p>
      <div class="acts">
        <v-btn autofocus @click="asked = false">Back to the sheet</v-btn>
        <v-btn variant="outlined" @click="emit('start')">Start without {{ unread === 1 ? 'it' : 'them' }}</v-btn>
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
