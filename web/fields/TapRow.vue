<script setup lang="ts" generic="Word extends string">
/** Words to tap, each as wide as it is: one of them, or any of them. */
const { words, on, single, grave } = defineProps<{
  /** What the row is about, for who hears it. */
  label: string;
  words: readonly Word[];
  on: readonly Word[];
  /** One of them at a time. */
  single: boolean;
  /** The word that is a warning; empty where none is. */
  grave: string;
}>();
const emit = defineEmits<{ tap: [word: Word] }>();
</script>

<template>
  <div :role="single ? 'radiogroup' : 'group'" :aria-label="label" class="taps">
    <button
      v-for="word in words"
      :key="word"
      type="button"
      :role="single ? 'radio' : undefined"
      :class="{ on: on.includes(word), grave: word === grave }"
      :aria-checked="single ? on.includes(word) : undefined"
      :aria-pressed="single ? undefined : on.includes(word)"
      @click="emit('tap', word)"
    >
      {{ word }}
    </button>
  </div>
</template>

<style scoped>
.taps {
  display: flex;
  flex-wrap: wrap;
}
button {
  min-width: 44px;
  min-height: 44px;
  padding: 0 0.6rem;
  border: 0;
  border-radius: 8px;
  background: none;
  font: 500 0.9375rem var(--text);
  color: var(--soft);
  cursor: pointer;
}
button:hover {
  color: var(--ink);
}
button.on {
  background: var(--damson);
  color: var(--card);
}
button.grave.on {
  background: var(--brick);
}
</style>
