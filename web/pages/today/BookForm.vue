<script setup lang="ts">
import { TZDate } from '@date-fns/tz';
import { newSessionSchema } from '@prompt-spark/contract/session';
import { computed, reactive } from 'vue';
import { useForm } from '../../composables/useForm.ts';
import { calendarDay } from '../../pieces/clock.ts';
import { useCircuitsStore } from '../../stores/circuits.ts';
import { useLibraryStore } from '../../stores/library.ts';
import { useSessionsStore } from '../../stores/sessions.ts';

/** Puts a circuit in the book: a date, a time at the site, minutes, a group. */
const emit = defineEmits<{ done: [] }>();
const library = useLibraryStore();
const circuits = useCircuitsStore();
const sessions = useSessionsStore();
const plan = reactive({
  circuitId: '',
  groupId: '',
  siteId: '',
  day: calendarDay(new Date()),
  time: '18:00',
  minutes: '10',
});

const titled = computed(() => circuits.records.map(({ id, circuit }) => ({ value: id, title: circuit.title })));
const groups = computed(() => [
  { value: '', title: 'No group' },
  ...library.places.groups.map(({ id, name }) => ({ value: id, title: name })),
]);
const sites = computed(() => library.places.sites.map(({ id, name }) => ({ value: id, title: name })));

function followCircuit(): void {
  const record = circuits.records.find(({ id }) => id === plan.circuitId);
  if (!record) return;
  plan.groupId = record.groupId ?? '';
  plan.siteId = record.siteId ?? library.places.sites[0]?.id ?? '';
  if (record.circuit.available > 0) plan.minutes = String(Math.ceil(record.circuit.available / 60));
}

/** The instant of the wall-clock day and time at the site; empty where they are no day and time. */
function startsAt(): string {
  const zone = library.siteOf(plan.siteId)?.timeZone ?? new Intl.DateTimeFormat().resolvedOptions().timeZone;
  const [year = NaN, month = NaN, day = NaN] = plan.day.split('-').map(Number);
  const [hours = NaN, minutes = NaN] = plan.time.split(':').map(Number);
  const date = new TZDate(year, month - 1, day, hours, minutes, zone);
  return Number.isNaN(date.getTime()) ? '' : new Date(date.getTime()).toISOString();
}

const { errors, trouble, busy, submit } = useForm(newSessionSchema, async ({ id: _, ...session }) => {
  await sessions.add(session);
  emit('done');
});

function book(): Promise<void> {
  return submit({
    id: crypto.randomUUID(),
    circuitId: plan.circuitId,
    groupId: plan.groupId === '' ? null : plan.groupId,
    siteId: plan.siteId === '' ? null : plan.siteId,
    startsAt: startsAt(),
    minutes: Number(plan.minutes),
  });
}
</script>

<template>
  <form class="form" novalidate @submit.prevent="book">
    <v-select
      v-model="plan.circuitId"
      label="Circuit"
      :items="titled"
      :error-messages="errors['/circuitId'] && 'Choose a circuit'"
      @update:model-value="followCircuit"
    />
    <v-select v-model="plan.groupId" label="Group" :items="groups" />
    <v-select v-model="plan.siteId" label="Site" :items="sites" />
    <v-text-field
      v-model="plan.day"
      label="Day"
      type="date"
      :error-messages="errors['/startsAt'] && 'Give a day and a time'"
    />
    <v-text-field v-model="plan.time" label="Starts at" type="time" />
    <v-text-field
      v-model="plan.minutes"
      label="Minutes"
      type="number"
      min="1"
      max="120"
      :error-messages="errors['/minutes'] && 'From 1 to 120'"
    />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <v-btn type="submit" :loading="busy">Put it in</v-btn>
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
