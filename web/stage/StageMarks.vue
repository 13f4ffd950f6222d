<script setup lang="ts">
import { MARK_KINDS, type MarkKind } from '@prompt-spark/core/session/marks';
import { useTimeoutFn } from '@vueuse/core';
import { ref } from 'vue';
import { MARK_WORDS } from './markWords.ts';

/** Something noted by one tap while people move: what it is, and with what drill, is read off the clock. */
const open = defineModel<boolean>({ required: true });
const { drill } = defineProps<{ drill: string }>();
const emit = defineEmits<{ mark: [kind: MarkKind] }>();
const said = ref('');
const unsay = useTimeoutFn(() => (said.value = ''), 2500, { immediate: false });

function mark(kind: MarkKind): void {
  emit('mark', kind);
  open.value = false;
  said.value = `Noted: ${drill}, ${kind}`;
  unsay.start();
}
</script>

<template>
  <div v-if="open" class="marks" role="group" aria-label="Note">
    <v-btn v-for="kind in MARK_KINDS" :key="kind" variant="outlined" size="large" @click="mark(kind)">{{
      MARK_WORDS[kind]
    }}</v-btn>
  </div>
  <p class="said" role="status">{{ said }}</p>
</template>

<style scoped>
.marks,
.said:not(:empty) {
  position: absolute;
  top: clamp(5rem, 12vh, 7rem);
  left: 50%;
  z-index: 2;
  transform: translateX(-50%);
  padding: 0.6rem 0.8rem;
  border-radius: 28px;
  background: var(--card);
}
.marks {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  justify-content: center;
  width: max-content;
  max-width: 94vw;
}
.said {
  font-size: 1.2rem;
  white-space: nowrap;
}
/* Where the thumb is. */
@media (max-width: 700px) {
  .marks {
    position: fixed;
    top: auto;
    bottom: 1rem;
  }
}
</style>
