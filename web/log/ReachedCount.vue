<script setup lang="ts">
import { mdiClose, mdiMinus, mdiPlus } from '@mdi/js';
import type { Reached } from '@prompt-spark/core/people/reached';
import { say } from './say.ts';

/** What one person reached: a tap takes where to begin, and a tap more or less makes it right. */
const { name, reached, begin, step } = defineProps<{
  name: string;
  reached: Reached | undefined;
  begin: number;
  step: number;
}>();
const emit = defineEmits<{ set: [amount: number | null] }>();
</script>

<template>
  <span class="taps">
    <v-btn v-if="!reached" variant="outlined" size="small" @click="emit('set', begin)">
      {{ begin }}<span class="visually-hidden">{{ say.reachedCount.byName(name) }}</span>
    </v-btn>
    <template v-else>
      <v-btn
        :icon="mdiMinus"
        variant="text"
        :aria-label="say.reachedCount.less(name)"
        @click="emit('set', Math.max(0, reached.amount - step))"
      />
      <output class="clock">{{ reached.amount }}</output>
      <v-btn
        :icon="mdiPlus"
        variant="text"
        :aria-label="say.reachedCount.more(name)"
        @click="emit('set', reached.amount + step)"
      />
      <v-btn
        :icon="mdiClose"
        variant="text"
        :aria-label="say.reachedCount.notCounted(name)"
        @click="emit('set', null)"
      />
    </template>
  </span>
</template>

<style scoped>
.taps {
  display: flex;
  align-items: center;
  gap: 0.15rem;
}
.taps > .v-btn:not(.v-btn--icon) {
  min-height: 44px;
}
output {
  min-width: 2.5rem;
  text-align: center;
}
</style>
