<script setup lang="ts">
/** Says for a while what was done, with a way to undo it, and perhaps a way to do the same to more. */
const {
  words,
  undo,
  more = '',
} = defineProps<{
  words: string;
  undo: string;
  /** What else can be done at once; empty for nothing. */
  more?: string;
}>();
const emit = defineEmits<{ undo: []; more: []; close: [] }>();
</script>

<template>
  <v-snackbar :model-value="true" :timeout="more ? 16_000 : 8000" @update:model-value="emit('close')">
    {{ words }}
    <template #actions>
      <v-btn v-if="more" variant="text" color="on-surface-variant" @click="emit('more')">{{ more }}</v-btn>
      <v-btn variant="text" color="on-surface-variant" @click="emit('undo')">{{ undo }}</v-btn>
    </template>
  </v-snackbar>
</template>
