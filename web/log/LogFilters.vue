<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue';
import { useDebounceFn } from '@vueuse/core';
import { useAction } from '../shell/useAction.ts';
import DayField from '../fields/DayField.vue';
import { useCircuitsStore } from '../circuits/circuits.ts';
import { usePlacesStore } from '../library/places.ts';
import type { RunFilter } from './runs.ts';
import { say } from './say.ts';

/** Which runs the log shows: between two days, of one group, coach or circuit. */
const emit = defineEmits<{ change: [filter: RunFilter] }>();
const places = usePlacesStore();
const circuits = useCircuitsStore();
const { act } = useAction();
interface Chosen {
  from: string;
  to: string;
  group: string | null;
  coach: string | null;
  circuit: string | null;
}
const chosen = reactive<Chosen>({ from: '', to: '', group: null, coach: null, circuit: null });
const wanted = ref('');
const groups = computed(() => places.places.groups.map(({ id, name }) => ({ value: id, title: name })));
const coaches = computed(() => places.places.coaches.map(({ id, name }) => ({ value: id, title: name })));
const titles = computed(() => circuits.circuits.map(({ id, title }) => ({ value: id, title })));

const search = useDebounceFn(() => act(() => circuits.load({ find: wanted.value, tag: '' })), 250);
function look(): void {
  if (titles.value.length === 0) void search();
}
watch(wanted, (words) => {
  if (words !== titles.value.find(({ value }) => value === chosen.circuit)?.title) void search();
});

/** The beginning of a day, or of the day after it, where the coach is. */
function instantOf(day: string, after = 0): string | undefined {
  const [year = NaN, month = NaN, date = NaN] = day.split('-').map(Number);
  const instant = new Date(year, month - 1, date + after);
  return Number.isNaN(instant.getTime()) ? undefined : instant.toISOString();
}

watch(chosen, ({ from, to, group, coach, circuit }) => {
  const [begin, end] = [instantOf(from), instantOf(to, 1)];
  emit('change', {
    ...(begin ? { from: begin } : {}),
    ...(end ? { to: end } : {}),
    ...(group ? { group } : {}),
    ...(coach ? { coach } : {}),
    ...(circuit ? { circuit } : {}),
  });
});
</script>

<template>
  <div class="filters" role="search" :aria-label="say.logFilters.whichRuns">
    <DayField v-model="chosen.from" :label="say.logFilters.from" clearable density="compact" :most="chosen.to" />
    <DayField v-model="chosen.to" :label="say.logFilters.upTo" clearable density="compact" :least="chosen.from" />
    <v-select v-model="chosen.group" :label="say.logFilters.group" clearable density="compact" :items="groups" />
    <v-select v-model="chosen.coach" :label="say.logFilters.coach" clearable density="compact" :items="coaches" />
    <v-autocomplete
      v-model="chosen.circuit"
      v-model:search="wanted"
      :label="say.logFilters.circuit"
      clearable
      no-filter
      density="compact"
      :items="titles"
      @focus="look"
    />
  </div>
</template>

<style scoped>
.filters {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(10rem, 1fr));
  gap: 0.75rem;
  margin-bottom: 1rem;
}
</style>
