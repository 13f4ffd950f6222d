<script setup lang="ts">
import type { Timeline } from '@prompt-spark/core/timeline/timeline';
import { computed } from 'vue';
import { clock } from '../wording/clock.ts';
import TimeFuse from '../fuse/TimeFuse.vue';
import { say } from './say.ts';

/** The circuit before and after, to one scale; what is cut drops out of the upper one. */
const { before, after } = defineProps<{
  before: Timeline;
  after: Timeline | undefined;
  /** The minutes that were asked for. */
  asked: string;
}>();
const span = computed(() => Math.max(before.total.plan, after?.total.plan ?? 0));
const cut = computed(() => {
  const left = new Set(after?.segments.map(({ slotId }) => slotId));
  return new Set(after ? before.segments.map(({ slotId }) => slotId).filter((id) => !left.has(id)) : []);
});
</script>

<template>
  <div class="fuses">
    <p class="line">
      <span>{{ say.fitFuses.asPlanned }}</span><span class="clock">{{ clock(before.total.plan) }}</span>
    </p>
    <TimeFuse :segments="before.segments" :span="span" :cut="cut" labels />
    <p class="line">
      <span>{{ say.fitFuses.inTime(asked) }}</span><span class="clock" data-test="fitted">{{
        after ? clock(after.total.plan) : '–'
      }}</span>
    </p>
    <TimeFuse v-if="after" :segments="after.segments" :span="span" labels />
  </div>
</template>

<style scoped>
.fuses {
  display: grid;
  gap: 0.2rem;
  padding: 1rem 1.25rem;
  border: 1px solid var(--line);
  border-radius: 14px;
  background: var(--card);
}
.line {
  display: flex;
  justify-content: space-between;
  color: var(--soft);
}
.line:not(:first-child) {
  margin-top: 0.6rem;
}
.clock {
  font-size: 1.25rem;
  color: var(--ink);
}
</style>
