<script setup lang="ts">
import { computed } from 'vue';
import { say } from './say.ts';

/** What keeps a form from being kept: the server's sentence, or everything the schema found. */
const { trouble, errors } = defineProps<{ trouble: string; errors: Readonly<Record<string, string>> }>();
const wrong = computed(() => Object.entries(errors));
</script>

<template>
  <div v-if="trouble || wrong.length" class="bad" role="alert">
    <p>{{ trouble || say.formTrouble.fixThisThenSave }}</p>
    <ul>
      <li v-for="[path, message] in wrong" :key="path">{{ message }}</li>
    </ul>
  </div>
</template>

<style scoped>
.bad {
  color: var(--brick);
}
ul {
  padding-left: 1.25rem;
}
</style>
