<script setup lang="ts">
import WhoAndWhen from './WhoAndWhen.vue';
import { say } from '../say.ts';

/** Asks of a new circuit, in one line that can be skipped, what it is written towards. */
const { answered } = defineProps<{ answered: boolean }>();
const emit = defineEmits<{ done: [] }>();
</script>

<template>
  <section class="questions" :aria-label="say.firstQuestions.whatIs">
    <WhoAndWhen />
    <v-btn variant="text" @click="emit('done')">{{
      answered ? say.firstQuestions.done : say.firstQuestions.skip
    }}</v-btn>
  </section>
</template>

<style scoped>
.questions {
  display: grid;
  grid-template-columns: 19rem repeat(3, minmax(0, 1fr)) auto;
  gap: 0.75rem;
  align-items: start;
  padding: 0.75rem 0 0.25rem;
}
@media (max-width: 900px) {
  .questions {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
  .questions > :first-child {
    grid-column: 1 / -1;
  }
}
</style>
