<script setup lang="ts">
import { closersOf } from '@prompt-spark/core/coverage/closers';
import { coverageOf, gapsIn, GAP_BELOW, missingPlanes } from '@prompt-spark/core/coverage/coverageOf';
import { exchanged, exchangesOf, type Exchange } from '@prompt-spark/core/coverage/exchanges';
import type { Target } from '@prompt-spark/core/drills/target';
import { targetWords } from '../../wording/targetWords.ts';
import { capital } from '../../wording/capital.ts';
import { percent, preparedWords } from '../../wording/prepared.ts';
import { computed } from 'vue';
import { useEditingStore } from '../store/editing.ts';
import { useSheetStore } from '../store/sheet.ts';
import SessionQuestion from './SessionQuestion.vue';
import { say } from '../say.ts';

/** How far the circuit prepares for the main session: the greatest lack first, with drills that would close it. */
const sheet = useSheetStore();
const editing = useEditingStore();
const coverage = computed(() => coverageOf(sheet.laid.circuit, sheet.laid.occasion, sheet.session));
const needed = computed(() => coverage.value.targets.filter(({ need }) => need > 0));
const gaps = computed(() => new Set(gapsIn(coverage.value).map(({ target }) => target)));
const still = computed(() => missingPlanes(coverage.value));
/** Seconds there are for a drill more; two minutes where nobody said how long it may be. */
const left = computed(() => {
  const { available } = sheet.laid.circuit;
  return available > 0 ? Math.max(0, available - sheet.timeline.total.plan) : 120;
});
/** What would close each gap: a drill more where there is time for one, else one in the place of another, else one over the time. */
const closing = computed(() => {
  const { circuit, occasion } = sheet.laid;
  const ways = [...gaps.value].map((target) => {
    const closers = closersOf(target, circuit, occasion, left.value);
    const exchanges = closers.length > 0 ? [] : exchangesOf(target, circuit, { ...occasion, session: sheet.session });
    const over = closers.length + exchanges.length > 0 ? [] : closersOf(target, circuit, occasion, Infinity, 2);
    return [target, { closers: [...closers, ...over], exchanges, over: over.length > 0 }] as const;
  });
  return new Map(ways);
});
const said = (target: Target) => capital(targetWords(target));
/** "Same time", or by how much it becomes shorter or longer. */
function timeWords({ seconds }: Exchange): string {
  if (Math.abs(seconds) < 1) return say.coverageTab.sameTime;
  return say.coverageTab.lessOrMore(Math.round(Math.abs(seconds)), seconds < 0);
}
const exchange = (one: Exchange) => sheet.changeCircuit((circuit) => exchanged(circuit, one));
</script>

<template>
  <div class="coverage">
    <template v-if="sheet.session">
      <p>
        <strong>{{ preparedWords(coverage.whole, sheet.session.name) }}</strong>
      </p>
      <ul>
        <li v-for="{ target, need, covered } in needed" :key="target" :class="{ gap: gaps.has(target) }">
          <span class="name">{{ said(target) }}</span>
          <span class="bar" role="img" :aria-label="say.coverageTab.covered(percent(covered), percent(need))">
            <span class="done" :style="{ width: `${covered * 100}%` }" />
          </span>
          <p v-if="gaps.has(target)" class="closers">
            <button
              v-for="drill in closing.get(target)?.closers"
              :key="drill.id"
              type="button"
              @click="editing.insertDrill(drill.id)"
            >
              + {{ drill.name }}
              <span v-if="closing.get(target)?.over" class="soft small">{{ say.coverageTab.overTheTime }}</span>
            </button>
            <button
              v-for="one in closing.get(target)?.exchanges"
              :key="`${one.slotId} ${one.to.id}`"
              type="button"
              @click="exchange(one)"
            >
              {{ say.coverageTab.inPlaceOf(one.to.name, one.from.name.toLowerCase()) }}
              <span class="soft small">{{
                say.coverageTab.fromTo(timeWords(one), percent(one.before), percent(one.after))
              }}</span>
            </button>
            <span
              v-if="!closing.get(target)?.closers.length && !closing.get(target)?.exchanges.length"
              class="soft small"
              >{{ say.coverageTab.noDrill }}</span
            >
          </p>
        </li>
      </ul>
      <p class="soft small">
        {{
          say.coverageTab.gapIsUnder(
            percent(GAP_BELOW),
            still.length ? say.coverageTab.nothingMoves(still.join(' or ')) : say.coverageTab.allThreePlanesAre,
          )
        }}
      </p>
    </template>
    <SessionQuestion v-else />
  </div>
</template>

<style scoped>
.coverage {
  display: grid;
  gap: 0.9rem;
  font-size: 0.9375rem;
}
ul {
  display: grid;
  gap: 0.7rem;
  list-style: none;
}
.bar {
  display: block;
  height: 8px;
  margin-top: 0.2rem;
  border-radius: 4px;
  background: var(--line);
}
.done {
  display: block;
  height: 100%;
  border-radius: 4px;
  background: var(--damson);
}
.gap .name {
  font-weight: 600;
}
.gap .done {
  background: var(--brick);
}
.closers {
  display: grid;
  justify-items: start;
}
button {
  min-height: var(--tap);
  padding: 0;
  border: 0;
  background: none;
  font: 600 0.9375rem/1.3 var(--text);
  color: var(--damson);
  text-align: left;
  cursor: pointer;
}
</style>
