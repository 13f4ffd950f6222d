<script setup lang="ts">
import { closersOf, coverageOf, gapsIn, GAP_BELOW, missingPlanes } from '@prompt-spark/core/coverage/coverageOf';
import type { Target } from '@prompt-spark/core/drills/target';
import { targetWords } from '@prompt-spark/core/drills/targetWords';
import { capital } from '../../wording/capital.ts';
import { computed } from 'vue';
import { useEditingStore } from '../store/editing.ts';
import { useLibraryStore } from '../../library/library.ts';
import { useSheetStore } from '../store/sheet.ts';
import SessionQuestion from './SessionQuestion.vue';

/** How far the circuit prepares for the main session: the greatest lack first, with drills that would close it. */
const sheet = useSheetStore();
const library = useLibraryStore();
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
const closers = (target: Target) => closersOf(target, sheet.laid.circuit, library.library, left.value);
const said = (target: Target) => capital(targetWords(target));
const percent = (share: number) => `${Math.round(share * 100)} %`;
</script>

<template>
  <div class="coverage">
    <template v-if="sheet.session">
      <p>
        <strong>{{ percent(coverage.whole) }}</strong> of what
        <span class="session">{{ sheet.session.name.toLowerCase() }}</span> needs
      </p>
      <ul>
        <li v-for="{ target, need, covered } in needed" :key="target" :class="{ gap: gaps.has(target) }">
          <span class="name">{{ said(target) }}</span>
          <span class="bar" role="img" :aria-label="`${percent(covered)} covered, weight ${percent(need)}`">
            <span class="done" :style="{ width: `${covered * 100}%` }" />
          </span>
          <p v-if="gaps.has(target)" class="closers">
            <button
              v-for="drill in closers(target)"
              :key="drill.id"
              type="button"
              @click="editing.insertDrill(drill.id)"
            >
              + {{ drill.name }}
            </button>
            <span v-if="!closers(target).length" class="soft small">No drill for it fits the time and kit.</span>
          </p>
        </li>
      </ul>
      <p class="soft small">
        A gap is under {{ percent(GAP_BELOW) }} of a need.
        {{ still.length ? `Nothing moves in the ${still.join(' or ')} plane.` : 'All three planes are in it.' }}
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
.session {
  font-weight: 600;
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
  min-height: 32px;
  padding: 0;
  border: 0;
  background: none;
  font: 600 0.9375rem/1.3 var(--text);
  color: var(--damson);
  text-align: left;
  cursor: pointer;
}
</style>
