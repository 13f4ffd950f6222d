<script setup lang="ts">
import type { PersonDocument } from '@prompt-spark/contract/person';
import { stifferSides } from '@prompt-spark/core/measures/compare';
import { computed } from 'vue';
import { useStandardsStore } from '../library/standards.ts';

/** Which sides are stiffer or weaker, as measured or as a coach said, and what that asks for. */
const { document } = defineProps<{ document: PersonDocument }>();
const standards = useStandardsStore();
const sides = computed(() =>
  Object.entries(stifferSides(document, standards.measures)).map(([region, side]) => ({
    region,
    words: `${side} ${region}${document.stiffer[region as keyof typeof document.stiffer] ? ' (as you noted)' : ''}`,
    side,
  })),
);
/** As it is written on the board. */
const written = computed(() => [...new Set(sides.value.map(({ side }) => `${side} +2`))]);
</script>

<template>
  <section v-if="sides.length" class="sides" aria-label="Stiffer sides">
    <h2>Stiffer or weaker: {{ sides.map(({ words }) => words).join(', ') }}</h2>
    <p>
      Begin with that side, and give it a little more: two repetitions, or a few seconds. On the sheet that is “more on
      one side”, on the board
      <template v-for="(extra, at) in written" :key="extra"
        >{{ at > 0 ? ' or ' : '' }}<code>{{ extra }}</code></template
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
