<script setup lang="ts">
import type { RouteLocationRaw } from 'vue-router';
import FormTrouble from './FormTrouble.vue';
import { say } from './say.ts';

/** A form to fill in: its fields, what keeps it from being kept, the buttons that keep it or leave it, and what follows. */
const { save, trouble, errors, busy, leave } = defineProps<{
  /** What the button that keeps it says. */
  save: string;
  trouble: string;
  errors: Readonly<Record<string, string>>;
  busy: boolean;
  /** Where cancelling leads; null where it is told of instead. */
  leave: RouteLocationRaw | null;
}>();
const emit = defineEmits<{ keep: []; cancel: [] }>();
</script>

<template>
  <form class="form" novalidate @submit.prevent="emit('keep')">
    <slot />
    <FormTrouble :trouble="trouble" :errors="errors" />
    <p class="acts">
      <v-btn type="submit" :loading="busy">{{ save }}</v-btn>
      <v-btn v-if="leave" variant="text" :to="leave">{{ say.formFrame.cancel }}</v-btn>
      <v-btn v-else variant="text" @click="emit('cancel')">{{ say.formFrame.cancel }}</v-btn>
      <slot name="more" />
    </p>
    <slot name="after" />
  </form>
</template>

<style scoped>
.form {
  display: grid;
  gap: 1.25rem;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem;
}
</style>
