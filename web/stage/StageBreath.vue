<script setup lang="ts">
import type { Breath } from '@prompt-spark/core/prompts/breathing';
import { computed } from 'vue';
import { say } from './say.ts';

/** A breath to follow: a ring that grows as it goes in, and shrinks as it goes out. */
const { breath } = defineProps<{ breath: Breath }>();
/** From a third to the whole, eased at both ends as a breath is. */
const size = computed(() => {
  const eased = (1 - Math.cos(Math.PI * breath.done)) / 2;
  return 0.35 + 0.65 * (breath.goes === 'in' ? eased : 1 - eased);
});
</script>

<template>
  <div class="breath" data-test="breath">
    <span class="ring"><span class="disc" :style="{ transform: `scale(${size.toFixed(3)})` }" /></span>
    <span class="word">{{ breath.goes === 'in' ? say.stageBreath.breatheIn : say.stageBreath.breatheOut }}</span>
  </div>
</template>

<style scoped>
.breath {
  display: flex;
  align-items: center;
  gap: 0.6em;
  margin-top: 0.4em;
  font-size: clamp(1.4rem, 3vw, 3rem);
  font-weight: 600;
}
.ring {
  flex: none;
  display: block;
  width: 2.4em;
  height: 2.4em;
  border: 0.08em solid var(--soft);
  border-radius: 50%;
}
.disc {
  display: block;
  width: 100%;
  height: 100%;
  border-radius: 50%;
  background: var(--spark);
}
</style>
