<script setup lang="ts">
import type { Variant } from '@prompt-spark/core/drills/drill';
import { computed } from 'vue';
import { say } from './say.ts';

/** A ladder at a glance: a bar a rung from gentle to strong, thicker and darker with effort, the base outlined. */
const { ladder } = defineProps<{ ladder: readonly Variant[] }>();
const label = computed(() => {
  const gentler = ladder.filter(({ rung }) => rung < 0).length;
  const stronger = ladder.filter(({ rung }) => rung > 0).length;
  return say.ladderStrip.versions(gentler, stronger);
});
</script>

<template>
  <p class="strip small soft">
    <span class="bars" aria-hidden="true">
      <span
        v-for="variant in ladder"
        :key="variant.id"
        :class="{ base: variant.rung === 0 }"
        :style="{ height: `${5 + variant.effort * 1.4}px`, '--effort': `${variant.effort * 10}%` }"
      />
    </span>
    {{ label }}
  </p>
</template>

<style scoped>
.strip {
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: 0 0.5rem;
}
.bars {
  display: flex;
  align-items: center;
  gap: 3px;
  min-height: 20px;
}
.bars span {
  width: clamp(8px, 0.8vw, 14px);
  border-radius: 5px;
  background: color-mix(in oklch, var(--straw), var(--rust) var(--effort));
}
.base {
  box-shadow: 0 0 0 1.5px var(--ink);
}
</style>
