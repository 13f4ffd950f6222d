<script setup lang="ts">
import { isHere, readinessOn } from '@prompt-spark/core/people/person';
import type { PersonDocument } from '@prompt-spark/contract/person';
import { lastTrouble } from '@prompt-spark/core/people/seen';
import { stateWords } from '@prompt-spark/core/people/seenWords';
import { computed } from 'vue';
import LoadingGate from '../loading/LoadingGate.vue';
import { useLoading } from '../loading/useLoading.ts';
import ReadinessTaps from '../people/ReadinessTaps.vue';
import { usePeopleStore } from '../people/people.ts';
import { say } from './say.ts';

/** Who comes to a session, and how: not here, new, tired, sore, one tap each. Only those this coach coaches. */
const { groupId, day } = defineProps<{ groupId: string; day: string }>();
const people = usePeopleStore();
const loading = useLoading(people.load);
const rows = computed(() =>
  people.records
    .filter(({ groupIds }) => groupIds.includes(groupId))
    .map((record) => ({
      record,
      state: readinessOn(record.document, day),
      here: isHere(record.document, day),
      trouble: troubleOf(record.document),
    })),
);
/** What hurt the last time they were there: asked about before they begin. */
function troubleOf({ seen }: PersonDocument): string {
  const last = lastTrouble(seen);
  return last ? stateWords(last) : '';
}

const here = computed(() => rows.value.filter((row) => row.here).length);
</script>

<template>
  <section class="roster" :aria-label="say.sessionRoster.whoIsHere">
    <LoadingGate :loading="loading">
      <p v-if="rows.length === 0" class="small soft">{{ say.sessionRoster.youCoachNobody }}</p>
      <p v-else class="small soft" role="status">
        {{ say.sessionRoster.ofHere(here, rows.length) }}
      </p>
      <ul>
        <li v-for="{ record, state, here: comes, trouble } in rows" :key="record.id" :class="{ away: !comes }">
          <RouterLink :to="`/people/${record.id}`">{{ record.document.name }}</RouterLink>
          <p v-if="trouble" class="last small soft">{{ say.sessionRoster.lastTime(trouble) }}</p>
          <ReadinessTaps :record="record" :today="day" :state="state" />
        </li>
      </ul>
      <v-btn variant="text" size="small" :to="{ name: 'newPerson', query: { group: groupId } }">{{
        say.sessionRoster.addAPerson
      }}</v-btn>
    </LoadingGate>
  </section>
</template>

<style scoped>
.roster {
  display: grid;
  gap: 0.5rem;
}
ul {
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 11rem minmax(0, 1fr);
  align-items: center;
  gap: 0.25rem 1rem;
  padding: 0.35rem 0;
  border-top: 1px solid var(--line);
}
li a {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
}
.away a {
  color: var(--soft);
  text-decoration: line-through;
}
li :deep(.taps) {
  grid-column: 2;
}
.last {
  grid-column: 2;
}
@media (max-width: 700px) {
  li :deep(.taps),
  .last {
    grid-column: 1;
  }
  li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
