<script setup lang="ts">
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { USUAL_PACE } from '@prompt-spark/core/occasion/occasion';
import { computed } from 'vue';
import { usePaceStore } from '../../occasion/pace.ts';
import { clock } from '../../wording/clock.ts';
import { useSheetStore } from '../store/sheet.ts';
import { say } from '../say.ts';

/** How much longer this coach takes than is planned, where enough of their sessions are known, and a way to leave it out. */
const sheet = useSheetStore();
const pace = usePaceStore();

const learnt = computed(() => pace.learntWith(sheet.draft.groupId));
/** What the sheet shows is timed one way already; the other is timed beside it. */
const seconds = computed(() => {
  const { circuit, occasion } = sheet.laid;
  const shown = sheet.timeline.total.plan;
  const habits = pace.on ? USUAL_PACE : learnt.value.habits;
  const other = timeCircuit(circuit, { ...occasion, habits }).total.plan;
  return pace.on ? shown - other : other - shown;
});
const words = computed(() => `${seconds.value < 0 ? '−' : '+'}${clock(Math.abs(seconds.value))}`);
const from = computed(() => say.paceNote.fromYourLastSessions(learnt.value.sessions, learnt.value.withGroup));
</script>

<template>
  <button
    v-if="learnt.sessions > 0 && seconds !== 0"
    class="pace"
    type="button"
    :aria-pressed="pace.on"
    :title="from"
    @click="pace.on = !pace.on"
  >
    {{ say.paceNote.yourUsualPace(words) }}<template v-if="!pace.on">{{ say.paceNote.leftOut }}</template>
  </button>
</template>

<style scoped>
.pace {
  min-height: var(--tap);
  padding: 0.125rem 0.75rem;
  border: 1px solid var(--line);
  border-radius: 1.5rem;
  background: none;
  color: var(--soft);
  font-size: var(--size-small);
  white-space: nowrap;
}
.pace[aria-pressed='true'] {
  border-color: var(--spark);
  color: var(--ink);
}
</style>
