<script setup lang="ts">
import type { PersonDocument } from '@prompt-spark/contract/person';
import { stifferSides } from '@prompt-spark/core/measures/compare';
import { computed } from 'vue';
import { useStandardsStore } from '../library/standards.ts';
import { say } from './say.ts';

/** Which sides are stiffer or weaker, as measured or as a coach said, and what that asks for. */
const { document } = defineProps<{ document: PersonDocument }>();
const standards = useStandardsStore();
const sides = computed(() =>
  Object.entries(stifferSides(document, standards.measures)).map(([region, side]) => ({
    region,
    words: `${side} ${region}${document.stiffer[region as keyof typeof document.stiffer] ? say.stifferSides.asYouNoted : ''}`,
    side,
  })),
);
/** As it is written on the board. */
const written = computed(() => [...new Set(sides.value.map(({ side }) => `${side} +2`))]);
</script>

<template>
  <section v-if="sides.length" class="sides" :aria-label="say.stifferSides.stifferSides">
    <h2>{{ say.stifferSides.which(sides.map(({ words }) => words).join(', ')) }}</h2>
    <p>
      {{ say.stifferSides.beginWithThatSide }}
      <template v-for="(extra, at) in written" :key="extra"
        >{{ at > 0 ? say.stifferSides.or : '' }}<code>{{ extra }}</code></template
      >.
    </p>
  </section>
</template>

<style scoped>
.sides {
  padding: 0.9rem 1.25rem;
  border-left: 4px solid var(--spark);
  background: var(--card);
}
h2 {
  font-size: 1.05rem;
}
</style>
