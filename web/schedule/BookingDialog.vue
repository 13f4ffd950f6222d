<script setup lang="ts">
import type { SessionSummary } from '@prompt-spark/contract/session';
import BookingForm from './BookingForm.vue';
import { say } from './say.ts';

/** A session that is put in the book, or changed. */
defineProps<{
  /** The session to change; null for a new one. */
  session: SessionSummary | null;
  /** The day of a new one, YYYY-MM-DD. */
  day: string;
}>();
const emit = defineEmits<{ takeOut: [session: SessionSummary] }>();
const open = defineModel<boolean>({ required: true });

function takeOut(session: SessionSummary): void {
  open.value = false;
  emit('takeOut', session);
}
</script>

<template>
  <v-dialog
    v-model="open"
    max-width="720"
    :aria-label="session ? say.bookingDialog.changeSession(session.title) : say.bookingDialog.addASession"
  >
    <v-card class="card">
      <h2>{{ session ? session.title : say.bookingDialog.addASession }}</h2>
      <BookingForm :session="session" :day="day" @done="open = false" />
      <p class="acts">
        <v-btn variant="text" @click="open = false">{{ say.bookingDialog.cancel }}</v-btn>
        <template v-if="session">
          <v-btn variant="text" :to="`/circuits/${session.circuitId}`">{{ say.bookingDialog.openTheCircuit }}</v-btn>
          <v-btn variant="text" color="error" @click="takeOut(session)">{{
            say.bookingDialog.removeFromTheSchedule
          }}</v-btn>
        </template>
      </p>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.card {
  display: grid;
  gap: 1rem;
  padding: 1.25rem 1.5rem 1rem;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  margin: 0 -1rem;
}
</style>
