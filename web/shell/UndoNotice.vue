<script setup lang="ts">
import type { Undo } from './useUndo.ts';

/** Says for a while what was done, with a way to undo it, and perhaps a way to do the same to more. */
const { undo } = defineProps<{ undo: Undo }>();
const last = undo.last;
</script>

<template>
  <v-snackbar
    v-if="last"
    :key="last.key"
    :model-value="true"
    :timeout="last.more ? 16_000 : 8000"
    @update:model-value="undo.forget()"
  >
    {{ last.words }}
    <template #actions>
      <v-btn v-if="last.more" variant="text" color="on-surface-variant" @click="undo.more()">{{
        last.more.words
      }}</v-btn>
      <v-btn variant="text" color="on-surface-variant" @click="undo.undo()">{{ last.undo }}</v-btn>
    </template>
  </v-snackbar>
</template>
