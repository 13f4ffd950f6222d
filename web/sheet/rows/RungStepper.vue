<script setup lang="ts">
import { mdiChevronDown, mdiChevronUp } from '@mdi/js';
import type { Drill } from '@prompt-spark/core/drills/drill';
import { computed } from 'vue';
import { say } from '../say.ts';

/** Goes up and down a drill's ladder: easier, as usual, harder. */
const { drill, rung } = defineProps<{
  /** As the library has it, its base in the middle. */
  drill: Drill;
  /** The id of the rung that is stood on; empty for the drill as named. */
  rung: string;
}>();
const emit = defineEmits<{ change: [rung: string] }>();

const ladder = computed(() => drill.ladder.toSorted((one, other) => one.rung - other.rung));
const at = computed(() => ladder.value.findIndex(({ id, rung: step }) => (rung === '' ? step === 0 : id === rung)));
const named = computed(() => {
  const now = ladder.value[at.value];
  return !now || now.rung === 0 ? say.rungStepper.asUsual : now.name;
});

function go(by: -1 | 1): void {
  const next = ladder.value[at.value + by];
  if (next) emit('change', next.rung === 0 ? '' : next.id);
}
</script>

<template>
  <div class="rungs" role="group" :aria-label="say.rungStepper.easierOrHarder">
    <v-btn
      :icon="mdiChevronDown"
      size="small"
      variant="outlined"
      :aria-label="say.rungStepper.easier"
      :disabled="at <= 0"
      @click="go(-1)"
    />
    <span class="now" role="status">{{ named }}</span>
    <v-btn
      :icon="mdiChevronUp"
      size="small"
      variant="outlined"
      :aria-label="say.rungStepper.harder"
      :disabled="at >= ladder.length - 1"
      @click="go(1)"
    />
  </div>
</template>

<style scoped>
.rungs {
  display: flex;
  align-items: center;
  gap: 0.5rem;
}
.now {
  min-width: 8rem;
  text-align: center;
}
</style>
