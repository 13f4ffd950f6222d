<script setup lang="ts">
import type { Measure } from '@prompt-spark/core/measures/measure';
import { seriesOf } from '@prompt-spark/core/people/measured';
import { computed, ref } from 'vue';
import { useLoading } from '../loading/useLoading.ts';
import LoadingGate from '../loading/LoadingGate.vue';
import { useLibraryStore } from '../library/library.ts';
import { useStandardsStore } from '../library/standards.ts';
import { usePeopleStore } from '../people/people.ts';
import { calendarDay } from '../wording/clock.ts';
import MeasureCard from './MeasureCard.vue';
import MeasureForm from './MeasureForm.vue';
import StifferSides from './StifferSides.vue';
import { say } from './say.ts';

/** What was measured of somebody: both sides over time, and taking the next measurement. */
const { id } = defineProps<{ id: string }>();
const people = usePeopleStore();
const standards = useStandardsStore();
const loading = useLoading(() => Promise.all([people.load(), useLibraryStore().load(), standards.load()]));
const record = computed(() => people.recordOf(id));
const measured = computed(() => record.value?.document.measured ?? []);
/** Measures that were taken, the one taken last first. */
const taken = computed(() => {
  const order = [...new Set(measured.value.map(({ measureId }) => measureId))];
  return order.flatMap((measureId) => standards.measures.find((measure) => measure.id === measureId) ?? []);
});
/** How many results are kept of measures that the studio took out since. */
const hidden = computed(
  () =>
    measured.value.filter(({ measureId }) => !standards.measures.some(({ id: known }) => known === measureId)).length,
);
const chosen = ref<Measure | null>(null);
const consented = computed(() => record.value?.document.consentOn !== '');
const today = calendarDay(new Date());
const agree = () => people.change(id, (document) => ({ ...document, consentOn: today }));
</script>

<template>
  <section class="page">
    <LoadingGate :loading="loading">
      <p v-if="!record">
        {{ say.measuresPage.youDontCoachAnyone }} <RouterLink to="/people">{{ say.measuresPage.people }}</RouterLink>
      </p>
      <template v-else>
        <header>
          <h1>{{ say.measuresPage.ofPerson(record.document.name) }}</h1>
          <v-btn variant="text" :to="`/people/${id}`">{{ say.measuresPage.backToTheirPage }}</v-btn>
        </header>
        <v-checkbox
          v-if="!consented"
          :label="say.measuresPage.theyAgree"
          hide-details
          :model-value="false"
          @update:model-value="agree"
        />
        <template v-else>
          <StifferSides :document="record.document" />
          <MeasureForm v-if="chosen" :key="chosen.id" :person-id="id" :measure="chosen" @done="chosen = null" />
          <div v-else class="choose">
            <h2>{{ say.measuresPage.takeAMeasure }}</h2>
            <p class="soft">{{ say.measuresPage.minuteEachWithWhat }}</p>
            <div class="buttons">
              <v-btn
                v-for="measure in standards.measures"
                :key="measure.id"
                variant="outlined"
                @click="chosen = measure"
                >{{ measure.name }}</v-btn
              >
              <v-btn variant="text" :to="{ name: 'studio', query: { part: 'measures' } }">{{
                say.measuresPage.addOne
              }}</v-btn>
            </div>
          </div>
          <MeasureCard
            v-for="measure in taken"
            :key="measure.id"
            :person-id="id"
            :measure="measure"
            :series="seriesOf(measured, measure.id)"
            @again="chosen = measure"
          />
          <p v-if="hidden" class="soft">
            {{ say.measuresPage.hiddenResults(hidden) }}
          </p>
        </template>
      </template>
    </LoadingGate>
  </section>
</template>

<style scoped>
.page {
  display: grid;
  gap: 1.5rem;
  align-content: start;
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  justify-content: space-between;
  gap: 0.5rem 1.5rem;
}
.choose {
  display: grid;
  gap: 0.5rem;
}
h2 {
  font-size: 1.2rem;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
</style>
