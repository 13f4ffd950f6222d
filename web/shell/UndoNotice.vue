<script setup lang="ts">
/** Says for a while what was done, with a way to undo it. */
const { words, undo } = defineProps<{ words: string; undo: string }>();
const emit = defineEmits<{ undo: []; close: [] }>();
</script>

<template>
  <v-snackbar :model-value="true" :timeout="8000" @update:model-value="emit('close')">
    {{ words }}
    <template #actions>
      <v-btn variant="text" color="on-surface-variant" @click="emit('undo')">{{ undo }}</v-btn>
    </template>
  </v-snackbar>
</template>
