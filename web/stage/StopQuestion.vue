<script setup lang="ts">
/** Asked once before a run that is under way is left. */
const asked = defineModel<boolean>({ required: true });
const emit = defineEmits<{ stop: []; drop: [] }>();
</script>

<template>
  <v-dialog v-model="asked" aria-label="Stop here?">
    <v-card class="question" rounded="lg">
      <h2>Stop here?</h2>
      <p>The clock is still running. You can log what was done so far.</p>
      <div class="acts">
        <v-btn autofocus @click="asked = false">Keep going</v-btn>
        <v-btn variant="outlined" @click="emit('stop')">Stop and log it</v-btn>
        <v-btn variant="text" @click="emit('drop')">Leave without logging</v-btn>
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
