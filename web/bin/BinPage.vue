<script setup lang="ts">
import type { BinEntry, BinKind } from '@prompt-spark/contract/bin';
import { BIN_DAYS } from '@prompt-spark/core/schedule/bounds';
import { useDebounceFn } from '@vueuse/core';
import { ref, watch } from 'vue';
import { useAction } from '../shell/useAction.ts';
import { useNoticesStore } from '../shell/notices.ts';
import { useLoading } from '../loading/useLoading.ts';
import LoadingGate from '../loading/LoadingGate.vue';
import { dayName, timeOfDay } from '../wording/clock.ts';
import { useLibraryStore } from '../library/library.ts';
import { usePeopleStore } from '../people/people.ts';
import { useBinStore } from './bin.ts';
import { say } from './say.ts';

/** What was removed in the last days, each with the way back. */
const bin = useBinStore();
const library = useLibraryStore();
const people = usePeopleStore();
const notices = useNoticesStore();
const { busy, act } = useAction();
const wanted = ref('');
const loading = useLoading(() => bin.load());
watch(
  wanted,
  useDebounceFn(() => act(() => bin.load(wanted.value)), 250),
);

const KINDS: Readonly<Record<BinKind, string>> = {
  circuit: say.binPage.circuit,
  drill: say.binPage.drill,
  session: say.binPage.session,
  run: say.binPage.logEntry,
  person: say.binPage.person,
};
const about = ({ kind, at }: BinEntry): string =>
  at === null ? KINDS[kind] : say.binPage.kindAt(KINDS[kind], dayName(at), timeOfDay(at));

async function restore(entry: BinEntry): Promise<void> {
  const restored = await act(async () => {
    await bin.restore(entry);
    // Lists that are loaded once would not have them.
    if (entry.kind === 'drill') await library.loadOwn();
    if (entry.kind === 'person') await people.reload();
  });
  if (restored) notices.say(say.binPage.restored(entry.title));
}
</script>

<template>
  <section class="page">
    <header>
      <h1>{{ say.binPage.bin }}</h1>
      <v-text-field v-model="wanted" class="search" :label="say.binPage.findByTitle" density="compact" />
    </header>
    <p class="soft">{{ say.binPage.whatWasRemovedStays(BIN_DAYS) }}</p>
    <LoadingGate :loading="loading">
      <ul v-if="bin.entries.length">
        <li v-for="entry in bin.entries" :key="`${entry.kind} ${entry.id}`">
          <span class="what">
            <strong>{{ entry.title }}</strong>
            <span class="soft small">{{ about(entry) }}</span>
          </span>
          <span class="soft small when">{{
            say.binPage.removedOn(dayName(entry.takenOutAt), timeOfDay(entry.takenOutAt))
          }}</span>
          <v-btn
            variant="outlined"
            :disabled="busy"
            :aria-label="say.binPage.restoreOne(entry.title)"
            @click="restore(entry)"
            >{{ say.binPage.restore }}</v-btn
          >
        </li>
      </ul>
      <p v-else class="none">{{ wanted ? say.binPage.nothingRemovedMatches(wanted) : say.binPage.binIsEmpty }}</p>
    </LoadingGate>
  </section>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.75rem 1.5rem;
  margin-bottom: 0.5rem;
}
.search {
  flex: 0 1 18rem;
  margin-left: auto;
}
ul {
  margin-top: 1rem;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  align-items: center;
  gap: 0.5rem 1.5rem;
  padding: 0.6rem 0;
  border-top: 1px solid var(--line);
}
.what {
  display: grid;
}
.none {
  padding: 1.5rem 0;
}
@media (max-width: 700px) {
  li {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .when {
    grid-row: 2;
  }
}
</style>
