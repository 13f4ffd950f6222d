<script setup lang="ts">
import { mdiAlertOctagonOutline } from '@mdi/js';
import type { PersonRecord } from '@prompt-spark/contract/person';
import { heldToLight, HOLD_CAUTION, readinessOn } from '@prompt-spark/core/people/person';
import { computed, ref } from 'vue';
import { calendarDay } from '../wording/clock.ts';
import { useLibraryStore } from '../library/library.ts';
import ClearHold from './ClearHold.vue';
import LimitChips from './LimitChips.vue';
import ReadinessTaps from './ReadinessTaps.vue';
import { say } from './say.ts';

/** One person: who, in which groups, what to mind, and how they come today, one tap each. */
const { record } = defineProps<{ record: PersonRecord }>();
const library = useLibraryStore();
const today = calendarDay(new Date());
const clearing = ref(false);
const hold = computed(() => heldToLight(record.document));
const about = computed(() => {
  const { birthYear } = record.document;
  const age = birthYear > 0 ? `${Number(today.slice(0, 4)) - birthYear}` : '';
  const groups = record.groupIds.flatMap((id) => library.groupOf(id)?.name ?? []);
  return [age, ...(groups.length > 0 ? groups : [say.personRow.privateClient])].filter(Boolean).join(' · ');
});
const readiness = computed(() => readinessOn(record.document, today));
</script>

<template>
  <article class="row">
    <div class="who">
      <h2>
        <RouterLink :to="`/people/${record.id}`">{{ record.document.name }}</RouterLink>
      </h2>
      <p class="soft small">{{ about }}</p>
    </div>
    <LimitChips class="limits" :document="record.document" />
    <ReadinessTaps :record="record" :today="today" :state="readiness" />
    <div v-if="hold" class="hold" role="note">
      <p>
        <v-icon :icon="mdiAlertOctagonOutline" size="18" />
        <strong>{{ say.personRow.lightEffortOnlySince(hold.since, hold.why) }}</strong> {{ HOLD_CAUTION }}
      </p>
      <v-btn v-if="!clearing" variant="outlined" @click="clearing = true">{{
        say.personRow.recordWhoClearedThem
      }}</v-btn>
      <ClearHold v-else :record="record" :today="today" @done="clearing = false" />
    </div>
  </article>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 13rem minmax(0, 1fr) auto;
  align-items: center;
  gap: 0.35rem 1rem;
  padding: 0.6rem 0;
  border-top: 1px solid var(--line);
}
h2 {
  font-size: 1.0625rem;
}
h2 a {
  color: inherit;
  text-decoration: none;
}
h2 a:hover {
  text-decoration: underline;
}
.hold {
  grid-column: 1 / -1;
  display: grid;
  gap: 0.5rem;
  justify-items: start;
  padding: 0.6rem 0.9rem;
  border-left: 4px solid var(--brick);
  background: var(--card);
}
.hold strong,
.hold .v-icon {
  color: var(--brick);
}
@media (max-width: 1080px) {
  .row {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
