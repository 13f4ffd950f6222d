<script setup lang="ts">
import { mdiAlertOutline } from '@mdi/js';
import type { Unreadable } from '@prompt-spark/contract/page';
import { say } from './say.ts';

/** Says which records of a list cannot be opened, with a way to take each out. */
const {
  what,
  unreadable,
  remark = '',
  remove = say.unreadableNote.takeItOut,
} = defineProps<{
  what: string;
  unreadable: readonly Unreadable[];
  /** What else is to be said of them, in a sentence. */
  remark?: string;
  /** What the button says that takes one out. */
  remove?: string;
}>();
const emit = defineEmits<{ takeOut: [id: string] }>();
</script>

<template>
  <ul v-if="unreadable.length" class="unreadable" role="status">
    <li v-for="{ id } in unreadable" :key="id">
      <v-icon :icon="mdiAlertOutline" size="20" />
      <span>{{ say.unreadableNote.damaged(what) }}</span>
      <span v-if="remark">{{ remark }}</span>
      <v-btn variant="text" size="small" @click="emit('takeOut', id)">{{ remove }}</v-btn>
    </li>
  </ul>
</template>

<style scoped>
.unreadable {
  margin-bottom: 1rem;
  list-style: none;
  color: var(--brick);
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem;
}
</style>
