<script setup lang="ts">
import type { Drill } from '@prompt-spark/core/drills/drill';
import { MARK_KINDS, type MarkKind } from '@prompt-spark/core/session/marks';
import { useTimeoutFn } from '@vueuse/core';
import { ref } from 'vue';
import { markWord } from './markWords.ts';
import { say } from './say.ts';

/**
 * Something noted by one tap while people move: what it is, and with what drill, is read off the clock. Above it stands for
 * the coach what to mind in the drill, and what to say of its usual fault.
 */
const open = defineModel<boolean>({ required: true });
const { drill } = defineProps<{ drill: Drill | undefined }>();
const emit = defineEmits<{ mark: [kind: MarkKind] }>();
const said = ref('');
const unsay = useTimeoutFn(() => (said.value = ''), 2500, { immediate: false });

function mark(kind: MarkKind): void {
  emit('mark', kind);
  open.value = false;
  said.value = say.stageMarks.notedDrill(drill?.name ?? say.stageMarks.thisDrill, markWord(kind, drill).toLowerCase());
  unsay.start();
}
</script>

<template>
  <div v-if="open" class="marks" role="group" :aria-label="say.stageMarks.note">
    <p v-if="drill" class="mind">
      <strong>{{ say.stageMarks.mind }}</strong> {{ drill.cautions.join('; ') || say.stageMarks.nothingKnown }}.
      <strong>{{ say.stageMarks.ifSeen(drill.fault.seen) }}</strong> {{ drill.fault.fix }}.
    </p>
    <v-btn v-for="kind in MARK_KINDS" :key="kind" variant="outlined" size="large" @click="mark(kind)">{{
      markWord(kind, drill)
    }}</v-btn>
  </div>
  <p class="said" role="status">{{ said }}</p>
</template>

<style scoped>
/* At the foot, where the thumb is, and never over what people look at. */
.marks,
.said:not(:empty) {
  position: fixed;
  bottom: 1rem;
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
  width: min(48rem, 94vw);
}
.mind {
  flex: 1 0 100%;
  max-width: 46rem;
  font-size: 1.1rem;
  text-align: center;
}
.said {
  font-size: 1.2rem;
  white-space: nowrap;
}
</style>
