<script setup lang="ts">
import type { Drill } from '@prompt-spark/core/drills/drill';
import type { Variant } from '@prompt-spark/core/drills/drill';
import { computed } from 'vue';
import { TARGETS } from '@prompt-spark/core/drills/target';
import { targetWords } from '../wording/targetWords.ts';
import { capital } from '../wording/capital.ts';
import { ASKED, demandsOf, rungName } from './drillWords.ts';
import { say } from './say.ts';

/** What a drill gives and what a rung of it asks, as bars. */
const { drill, variant } = defineProps<{ drill: Drill; variant: Variant }>();
const gives = computed(() =>
  TARGETS.map((target) => [target, drill.targets[target] ?? 0] as const)
    .filter(([, strength]) => strength > 0)
    .toSorted((one, other) => other[1] - one[1]),
);
const asks = computed(() => demandsOf(variant));
</script>

<template>
  <section class="bars">
    <h2>
      {{ say.drillBars.prepares }}
      <span class="soft small">{{ say.drillBars.plane(drill.planes.join(', ')) }}</span>
    </h2>
    <ul>
      <li v-for="[target, strength] in gives" :key="target">
        <span>{{ capital(targetWords(target)) }}</span>
        <span class="track"><span class="gives" :style="{ width: `${strength * 100}%` }" /></span>
      </li>
    </ul>
    <h2>
      {{ say.drillBars.asks }}
      <span class="soft small">{{ say.drillBars.effortOf10(rungName(variant, drill.name), variant.effort) }}</span>
    </h2>
    <p v-if="!asks.length" class="soft">{{ say.drillBars.nothingThatPeopleAre }}</p>
    <ul v-else>
      <li v-for="[demand, asked] in asks" :key="demand">
        <span>{{ demand }}</span>
        <span class="track steps">
          <span v-for="step in 3" :key="step" :class="{ full: step <= asked }" />
        </span>
        <span class="soft small word">{{ ASKED[asked] }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  margin: 0 0 0.5rem;
  font-size: 1.05rem;
}
ul + h2 {
  margin-top: 1.5rem;
}
h2 .small {
  font: 400 var(--size-small) var(--text);
}
ul {
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 11rem minmax(4rem, 1fr) 4.5rem;
  gap: 0.75rem;
  align-items: center;
  min-height: 30px;
}
.track {
  display: flex;
  gap: 3px;
  height: 10px;
}
.gives {
  border-radius: 5px;
  background: var(--damson);
}
.steps span {
  flex: 1;
  border: 1px solid var(--line);
  border-radius: 5px;
}
.steps .full {
  border-color: var(--brick);
  background: var(--brick);
}
@media (max-width: 700px) {
  li {
    grid-template-columns: 9rem minmax(3rem, 1fr);
  }
  .word {
    display: none;
  }
}
</style>
