<script setup lang="ts">
import type { TargetOverWeeks } from '@prompt-spark/core/coverage/overWeeks';
import { targetWords } from '../wording/targetWords.ts';
import { capital } from '../wording/capital.ts';
import type { MissedTarget } from './useGroupWork.ts';
import { say } from './say.ts';

/** What warm-ups prepared over some weeks, against what came after them: what was missed first, with drills for it. */
const { runs, unsaid } = defineProps<{
  /** How many warm-ups it speaks of. */
  runs: number;
  /** How many of them nobody said of what came after. */
  unsaid: number;
  lacking: readonly MissedTarget[];
  met: readonly TargetOverWeeks[];
}>();
const times = ({ needed, met }: TargetOverWeeks): string =>
  met === 0 ? say.weeksPrepared.never(needed) : say.weeksPrepared.times(met, needed);
</script>

<template>
  <section :aria-label="say.weeksPrepared.whatTheWarmUps">
    <header>
      <div>
        <h2>{{ say.weeksPrepared.whatTheWarmUps }}</h2>
        <p class="soft small">
          {{ say.weeksPrepared.howMany(runs) }}<template v-if="unsaid">{{ say.weeksPrepared.unsaid(unsaid) }}</template>
        </p>
      </div>
      <slot />
    </header>
    <p v-if="!runs" class="soft">{{ say.weeksPrepared.theyWereNotNoted }}</p>
    <p v-else-if="!lacking.length && met.length">{{ say.weeksPrepared.everythingThatWasNeeded }}</p>
    <ul v-if="lacking.length">
      <li v-for="one in lacking" :key="one.target">
        <span class="name">{{ capital(targetWords(one.target)) }}</span>
        <span class="often" :class="{ never: one.met === 0 }">{{ times(one) }}</span>
        <p class="how soft">
          <template v-if="one.drills.length">
            {{ say.weeksPrepared.try }}
            <template v-for="(drill, at) in one.drills" :key="drill.id"
              ><template v-if="at > 0">, </template
              ><RouterLink :to="`/drills/${drill.id}`">{{ drill.name }}</RouterLink></template
            >
          </template>
          <template v-else>{{ say.weeksPrepared.noDrill }}</template>
          <template v-if="one.circuits.length">
            {{ say.weeksPrepared.in }}
            <template v-for="(circuit, at) in one.circuits" :key="circuit.circuitId"
              ><template v-if="at > 0">, </template
              ><RouterLink :to="`/circuits/${circuit.circuitId}`">{{ circuit.circuitTitle }}</RouterLink></template
            >
          </template>
        </p>
      </li>
    </ul>
    <p v-if="met.length" class="met">
      <strong>{{ say.weeksPrepared.doneWell }}</strong>
      {{ met.map((one) => say.weeksPrepared.ofTarget(targetWords(one.target), one.met, one.needed)).join(', ') }}
    </p>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 0.75rem;
  margin-bottom: 2rem;
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 0.5rem 1.25rem;
}
ul {
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: minmax(10rem, 16rem) 9rem minmax(0, 1fr);
  gap: 0.15rem 1rem;
  align-items: baseline;
  padding: 0.55rem 0;
  border-top: 1px solid var(--line);
}
.name {
  font-weight: 600;
}
.never {
  font-weight: 600;
  color: var(--brick);
}
.met {
  max-width: 60rem;
}
@media (max-width: 700px) {
  li {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .how {
    grid-column: 1 / -1;
  }
}
</style>
