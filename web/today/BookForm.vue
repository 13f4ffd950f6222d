<script setup lang="ts">
import { TZDate } from '@date-fns/tz';
import { useDebounceFn } from '@vueuse/core';
import { computed, onMounted, reactive, ref, watch } from 'vue';
import { useAction } from '../shell/useAction.ts';
import { useForm } from '../fields/useForm.ts';
import MinutesField from '../fields/MinutesField.vue';
import { calendarDay } from '../wording/clock.ts';
import { useCircuitsStore } from '../circuits/circuits.ts';
import { usePlacesStore } from '../library/places.ts';
import { useSessionsStore } from './sessions.ts';

/** Puts a circuit in the book: a date, a time at the site, minutes, a group. */
const emit = defineEmits<{ done: [] }>();
const places = usePlacesStore();
const circuits = useCircuitsStore();
const sessions = useSessionsStore();
const plan = reactive({
  circuitId: '',
  groupId: '',
  siteId: '',
  day: calendarDay(new Date()),
  time: '18:00',
  seconds: 600,
});

const titled = computed(() => circuits.circuits.map(({ id, title }) => ({ value: id, title })));
const wanted = ref('');
const { act } = useAction();
/** Circuits are looked for where they are stored: a studio may have more than anybody scrolls through. */
const search = () => act(() => circuits.load({ find: wanted.value, tag: '' }));
onMounted(search);
watch(
  wanted,
  useDebounceFn(() => {
    const chosen = titled.value.find(({ value }) => value === plan.circuitId);
    if (wanted.value !== chosen?.title) void search();
  }, 250),
);
const groups = computed(() => [
  { value: '', title: 'No group' },
  ...places.places.groups.map(({ id, name }) => ({ value: id, title: name })),
]);
const sites = computed(() => places.places.sites.map(({ id, name }) => ({ value: id, title: name })));

function followCircuit(): void {
  const circuit = circuits.circuits.find(({ id }) => id === plan.circuitId);
  if (!circuit) return;
  plan.groupId = circuit.groupId ?? '';
  plan.siteId = circuit.siteId ?? places.places.sites[0]?.id ?? '';
  if (circuit.available > 0) plan.seconds = circuit.available;
}

/** The instant of the wall-clock day and time at the site; empty where they are no day and time. */
function startsAt(): string {
  const zone = places.siteOf(plan.siteId)?.timeZone ?? new Intl.DateTimeFormat().resolvedOptions().timeZone;
  const [year = NaN, month = NaN, day = NaN] = plan.day.split('-').map(Number);
  const [hours = NaN, minutes = NaN] = plan.time.split(':').map(Number);
  const date = new TZDate(year, month - 1, day, hours, minutes, zone);
  return Number.isNaN(date.getTime()) ? '' : new Date(date.getTime()).toISOString();
}

const { errors, trouble, busy, submit } = useForm(
  async () => (await import('@prompt-spark/contract/session')).newSessionSchema,
  async ({ id: _, ...session }) => {
    await sessions.add(session);
    emit('done');
  },
);

function book(): Promise<void> {
  return submit({
    id: crypto.randomUUID(),
    circuitId: plan.circuitId,
    groupId: plan.groupId === '' ? null : plan.groupId,
    siteId: plan.siteId === '' ? null : plan.siteId,
    startsAt: startsAt(),
    // The book counts whole minutes: of 6:30 the half minute is not promised to the class.
    minutes: Math.floor(plan.seconds / 60),
  });
}
</script>

<template>
  <form class="form" novalidate @submit.prevent="book">
    <v-autocomplete
      v-model="plan.circuitId"
      v-model:search="wanted"
      label="Circuit"
      no-filter
      :items="titled"
      :error-messages="errors['/circuitId'] && 'Choose a circuit'"
      @update:model-value="followCircuit"
    />
    <v-select v-model="plan.groupId" label="Group" :items="groups" />
    <v-select v-model="plan.siteId" label="Place" :items="sites" />
    <v-text-field
      v-model="plan.day"
      label="Day"
      type="date"
      :error-messages="errors['/startsAt'] && 'Give a day and a time'"
    />
    <v-text-field v-model="plan.time" label="Starts at" type="time" />
    <MinutesField v-model="plan.seconds" label="Minutes" :least="60" :step="60" />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <v-btn type="submit" :loading="busy">Add to schedule</v-btn>
  </form>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(9rem, 1fr));
  gap: 0.75rem;
  align-items: start;
  padding: 1.25rem;
  margin-bottom: 1.5rem;
  border: 1px solid var(--line);
  border-radius: 14px;
  background: var(--card);
}
.trouble {
  color: var(--brick);
}
</style>
