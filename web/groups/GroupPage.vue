<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import LoadingGate from '../loading/LoadingGate.vue';
import { useLoading } from '../loading/useLoading.ts';
import { useLibraryStore } from '../library/library.ts';
import { useAction } from '../shell/useAction.ts';
import AttendanceTable from './AttendanceTable.vue';
import WeeksPrepared from './WeeksPrepared.vue';
import { useGroupWork } from './useGroupWork.ts';
import { say } from './say.ts';

/** A group over the last weeks: who came, and what its warm-ups prepared. */
const { id, person } = defineProps<{ id: string; person: string | null }>();
const WEEKS = [
  { value: 4, title: say.groupPage.n4Weeks },
  { value: 12, title: say.groupPage.n12Weeks },
] as const;
const weeks = ref(4);
const personId = ref(person ?? '');
const library = useLibraryStore();
const { act } = useAction();
const { load, loadWork, runs, counted, members, lacking, met, unsaid, held, attendance } = useGroupWork(
  id,
  weeks,
  personId,
);
const loading = useLoading(load);
watch(weeks, () => act(loadWork));
const group = computed(() => library.groupOf(id));
const whom = computed(() => [
  { value: '', title: say.groupPage.everybody },
  ...members.value.map(({ id: value, name }) => ({ value, title: name })),
]);
</script>

<template>
  <section class="page">
    <LoadingGate :loading="loading">
      <p v-if="!group">
        {{ say.groupPage.thereIsNoGroup }} <RouterLink to="/people">{{ say.groupPage.people }}</RouterLink>
      </p>
      <template v-else>
        <header>
          <h1>{{ group.name }}</h1>
          <v-btn-toggle
            v-model="weeks"
            mandatory
            density="comfortable"
            color="primary"
            :aria-label="say.groupPage.howFarBack"
          >
            <v-btn v-for="{ value, title } in WEEKS" :key="value" :value="value" size="large">{{ title }}</v-btn>
          </v-btn-toggle>
          <v-btn variant="text" :to="{ name: 'people', query: { group: id } }">{{ say.groupPage.theirLimits }}</v-btn>
        </header>
        <p v-if="!runs.length" class="soft">
          {{ say.groupPage.nothingWasRun(weeks) }}
        </p>
        <template v-else>
          <WeeksPrepared :runs="counted.length" :unsaid="unsaid" :lacking="lacking" :met="met">
            <v-select
              v-if="members.length"
              v-model="personId"
              class="whom"
              :label="say.groupPage.for"
              :items="whom"
              hide-details
            />
          </WeeksPrepared>
          <AttendanceTable v-if="members.length" :sessions="held" :attendance="attendance" />
        </template>
      </template>
    </LoadingGate>
  </section>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.75rem 1.25rem;
  margin-bottom: 1.25rem;
}
header > :last-child {
  margin-left: auto;
}
.whom {
  flex: 0 1 16rem;
  margin-left: auto;
}
</style>
