<script setup lang="ts">
import { mdiPlus } from '@mdi/js';
import { RED_FLAGS } from '@prompt-spark/core/people/person';
import { computed, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { useAction } from '../shell/useAction.ts';
import { useLoading } from '../loading/useLoading.ts';
import LoadingGate from '../loading/LoadingGate.vue';
import BinLink from '../shell/BinLink.vue';
import MoreBelow from '../loading/MoreBelow.vue';
import UnreadableNote from '../loading/UnreadableNote.vue';
import { useLibraryStore } from '../library/library.ts';
import { usePlacesStore } from '../library/places.ts';
import { usePeopleStore } from './people.ts';
import PeopleFile from './PeopleFile.vue';
import PersonRow from './PersonRow.vue';
import { say } from './say.ts';

/** The coach's clients, by group: what to mind of each, and how they come today. */
const people = usePeopleStore();
const library = useLibraryStore();
const places = usePlacesStore();
const loading = useLoading(() => Promise.all([people.loadFirst(), library.load()]));
const wanted = ref('');
const { query } = useRoute();
const groupId = ref(typeof query['group'] === 'string' ? query['group'] : '');
/** Groups that were made here: they have nobody in them yet, and are there all the same. */
const made = ref<readonly string[]>([]);
const files = ref(false);
const adding = ref('');
const { act } = useAction();

const own = computed(() => {
  const ids = new Set([...people.records.flatMap((record) => record.groupIds), ...made.value, groupId.value]);
  return library.places.groups.filter(({ id }) => ids.has(id));
});
const shown = computed(() => {
  const words = wanted.value.trim().toLowerCase();
  return people.records.filter(
    ({ groupIds, document }) =>
      (groupId.value === '' || groupIds.includes(groupId.value)) && document.name.toLowerCase().includes(words),
  );
});

/** Draws as many rows as fill the window, and more as the coach scrolls: a row is costly to draw. */
const ROWS = 30;
const rows = ref(ROWS);
const drawn = computed(() => shown.value.slice(0, rows.value));
watch([wanted, groupId], () => (rows.value = ROWS));
function drawMore(): Promise<void> {
  rows.value += ROWS;
  return Promise.resolve();
}

const removeUnreadable = (id: string) => act(() => people.remove(id));

async function addGroup(): Promise<void> {
  await act(async () => {
    groupId.value = (await places.addGroup(adding.value.trim())).id;
    made.value = [...made.value, groupId.value];
    wanted.value = '';
    adding.value = '';
  });
}
</script>

<template>
  <section class="page">
    <header>
      <h1>{{ say.peoplePage.people }}</h1>
      <p class="soft" role="status">{{ say.peoplePage.ofAll(shown.length, people.records.length) }}</p>
      <span class="acts">
        <BinLink />
        <v-btn variant="text" :aria-expanded="files" @click="files = !files">{{ say.peoplePage.importOrExport }}</v-btn>
        <v-btn :prepend-icon="mdiPlus" :to="{ name: 'newPerson', query: groupId ? { group: groupId } : {} }">{{
          say.peoplePage.addAPerson
        }}</v-btn>
      </span>
    </header>
    <p class="soft about">
      {{ say.peoplePage.seenOnlyByThose(RED_FLAGS) }}
    </p>
    <LoadingGate :loading="loading">
      <PeopleFile v-if="files" />
      <div class="narrow">
        <v-chip
          v-for="group in [{ id: '', name: 'Everybody' }, ...own]"
          :key="group.id"
          tag="button"
          size="large"
          :variant="groupId === group.id ? 'flat' : 'outlined'"
          :color="groupId === group.id ? 'primary' : undefined"
          :aria-pressed="groupId === group.id"
          @click="groupId = group.id"
          >{{ group.name }}</v-chip
        >
        <v-btn v-if="groupId" variant="text" :to="{ name: 'group', params: { id: groupId } }">{{
          say.peoplePage.whoCameWhat
        }}</v-btn>
        <v-text-field v-model="wanted" class="find" :label="say.peoplePage.findByName" density="compact" />
      </div>
      <UnreadableNote
        :what="say.peoplePage.record"
        :unreadable="people.unreadable"
        :remark="say.peoplePage.thoseWhoRun"
        :remove="say.peoplePage.deleteItForGood"
        @take-out="removeUnreadable"
      />
      <p v-if="shown.length" class="asked soft small">{{ say.peoplePage.howAreTheyToday }}</p>
      <ul v-if="shown.length" class="list">
        <li v-for="record in drawn" :key="record.id"><PersonRow :record="record" /></li>
      </ul>
      <div v-else class="empty">
        <h2>{{ people.records.length ? say.peoplePage.nobodyByThatName : say.peoplePage.nobodyYet }}</h2>
        <p class="soft">
          {{ say.peoplePage.addThePeople }}
        </p>
      </div>
      <MoreBelow v-if="drawn.length < shown.length" :more="drawMore" />
      <form class="group" @submit.prevent="addGroup">
        <v-text-field v-model="adding" :label="say.peoplePage.newGroup" maxlength="80" density="compact" />
        <v-btn type="submit" variant="outlined" :disabled="!adding.trim()">{{ say.peoplePage.addGroup }}</v-btn>
      </form>
    </LoadingGate>
  </section>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0.5rem 1rem;
}
.acts {
  margin-left: auto;
}
.about {
  max-width: 52rem;
  margin: 0.25rem 0 1rem;
  font-size: 0.9375rem;
}
.narrow {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem;
  margin-bottom: 0.5rem;
}
.find {
  flex: 0 1 16rem;
  margin-left: auto;
}
.list {
  list-style: none;
}
.empty {
  display: grid;
  gap: 0.5rem;
  padding: 1.5rem 0;
}
.group {
  display: flex;
  gap: 0.75rem;
  max-width: 28rem;
  margin-top: 1.5rem;
}
/* Over the states, which end at the edge of the page. */
.asked {
  width: 21.25rem;
  margin: 0.35rem 0 0.2rem auto;
}
@media (max-width: 1080px) {
  .asked {
    width: auto;
    margin-left: 0;
  }
}
</style>
