<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import type { MoveKey } from '@prompt-spark/core/circuit/shortVersion';
import { say } from './say.ts';

/** Changes that were refused, the way to allow them again, and the way to hold to a drill before anybody asks. */
defineProps<{
  refused: readonly { readonly key: MoveKey; readonly words: string }[];
  /** Slots that may still be left out. */
  free: readonly { readonly value: string; readonly title: string }[];
}>();
const emit = defineEmits<{ allow: [key: MoveKey]; keep: [slotId: string] }>();
</script>

<template>
  <div class="refused">
    <v-btn
      v-for="{ key, words } in refused"
      :key="`${key.kind} ${key.id}`"
      variant="outlined"
      size="small"
      class="one"
      :append-icon="mdiClose"
      :aria-label="say.refusedMoves.allowItAgain(words)"
      @click="emit('allow', key)"
      >{{ words }}</v-btn
    >
    <v-select
      class="keep"
      :label="say.refusedMoves.alwaysKeepThisDrill"
      :items="free"
      :model-value="null"
      density="compact"
      hide-details
      @update:model-value="(id: string | null) => id !== null && emit('keep', id)"
    />
  </div>
</template>

<style scoped>
.refused {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem;
  margin-bottom: 0.75rem;
}
.one {
  min-height: 44px;
}
.keep {
  flex: 1 1 15rem;
}
</style>
