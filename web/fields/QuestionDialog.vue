<script setup lang="ts">
/** A question in the middle of something: what it is about, and the ways to answer it. */
const asked = defineModel<boolean>({ required: true });
const { name, title, about } = defineProps<{
  /** What it is called where it is read out. */
  name: string;
  title: string;
  about: string;
}>();
</script>

<template>
  <v-dialog v-model="asked" :aria-label="name">
    <v-card class="question" rounded="lg">
      <h2>{{ title }}</h2>
      <p>{{ about }}</p>
      <div class="acts"><slot /></div>
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
