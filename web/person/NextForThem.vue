<script setup lang="ts">
import type { SessionSummary } from '@prompt-spark/contract/session';
import { asPicked } from '@prompt-spark/core/circuit/pick';
import { isHere } from '@prompt-spark/core/people/person';
import { changesFor, type ChangeFor } from '@prompt-spark/core/swaps/changesFor';
import { computed, shallowRef } from 'vue';
import LoadingGate from '../loading/LoadingGate.vue';
import { useLoading } from '../loading/useLoading.ts';
import { useLibraryStore } from '../library/library.ts';
import { useStandardsStore } from '../library/standards.ts';
import { useOccasionsStore } from '../occasion/occasions.ts';
import { usePaceStore } from '../occasion/pace.ts';
import { usePeopleStore } from '../people/people.ts';
import { sessionDay, sessionTime } from '../schedule/sessionTime.ts';
import { useSessionsStore } from '../schedule/sessions.ts';
import { changeWords, whyWords } from './changeWords.ts';
import { calendarDayName } from '../wording/clock.ts';
import { say } from './say.ts';

/** What the next session changes for one person, drill by drill, and why. Only their own coaches come to this page. */
const { personId } = defineProps<{ personId: string }>();
const people = usePeopleStore();
const library = useLibraryStore();
const standards = useStandardsStore();
const sessions = useSessionsStore();
const occasions = useOccasionsStore();
const pace = usePaceStore();

/** What is later than this is not the next session. */
const LOOKED_AHEAD_MS = 14 * 86_400_000;

const next = shallowRef<SessionSummary>();
const changes = shallowRef<readonly ChangeFor[]>([]);
const group = computed(() => library.groupOf(next.value?.groupId ?? null));
const record = computed(() => people.recordOf(personId));

const loading = useLoading(async () => {
  await Promise.all([people.load(), library.load(), standards.load(), pace.load()]);
  const now = new Date();
  const ahead = await sessions.between(now, new Date(now.getTime() + LOOKED_AHEAD_MS));
  const first = ahead.find(
    ({ groupId, runId }) => runId === null && groupId !== null && record.value?.groupIds.includes(groupId),
  );
  if (!first) return;
  const session = await sessions.one(first.id);
  const draft = { ...session.circuit, groupId: session.groupId, siteId: session.siteId };
  const day = sessionDay(first);
  const everybody = people.peopleOf(session.groupId).filter((person) => isHere(person, day));
  const person = everybody.find(({ id }) => id === personId);
  next.value = first;
  if (!person) return;
  const occasion = { ...occasions.of(draft), day };
  const circuit = asPicked(session.circuit.circuit, session.picks ?? []);
  changes.value = changesFor(person, everybody, circuit, occasion, session.circuitId, standards.measures);
});
</script>

<template>
  <section class="next" aria-labelledby="next-for-them">
    <h2 id="next-for-them">{{ say.nextForThem.nextSession }}</h2>
    <LoadingGate :loading="loading">
      <p v-if="!next" class="soft">{{ say.nextForThem.nothingIsBooked }}</p>
      <template v-else>
        <p>
          <RouterLink :to="`/circuits/${next.circuitId}/swaps`">{{ next.title }}</RouterLink>
          {{ say.nextForThem.withGroup(group?.name ?? '', calendarDayName(sessionDay(next)), sessionTime(next)) }}
        </p>
        <p v-if="!changes.length">{{ say.nextForThem.allOf }}</p>
        <ul v-else>
          <li v-for="one in changes" :key="one.place.slot.id">
            <span>{{ one.place.drill.name }}</span>
            <strong>{{ changeWords(one, library.library) }}</strong>
            <span class="soft">{{ whyWords(one) }}</span>
          </li>
        </ul>
      </template>
    </LoadingGate>
  </section>
</template>

<style scoped>
.next {
  display: grid;
  gap: 0.5rem;
}
h2 {
  font-size: 1.15rem;
}
ul {
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr) minmax(0, 1fr);
  gap: 0.25rem 1rem;
  padding: 0.45rem 0;
  border-top: 1px solid var(--line);
}
@media (max-width: 700px) {
  li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
