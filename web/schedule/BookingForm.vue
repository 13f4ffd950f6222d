<script setup lang="ts">
import type { SeriesSpan, SessionSummary } from '@prompt-spark/contract/session';
import { useDebounceFn } from '@vueuse/core';
import { computed, onMounted, reactive, ref, watch } from 'vue';
import { useAction } from '../shell/useAction.ts';
import { useAccountStore } from '../shell/account.ts';
import { useForm } from '../fields/useForm.ts';
import DayField from '../fields/DayField.vue';
import MinutesField from '../fields/MinutesField.vue';
import TapRow from '../fields/TapRow.vue';
import TimeField from '../fields/TimeField.vue';
import { useCircuitsStore } from '../circuits/circuits.ts';
import { usePlacesStore } from '../library/places.ts';
import { bookingOf, fieldsOf, instantAt, newFields } from './bookingFields.ts';
import ClashNote from './ClashNote.vue';
import RepeatFields from './RepeatFields.vue';
import { repeatedDays } from './repeats.ts';
import { useSessionsStore } from './sessions.ts';
import { stableIds } from '../saving/stableIds.ts';
import { useClashes } from './useClashes.ts';
import { say } from './say.ts';

/** Puts a session in the book, or changes when, where, by whom and for whom one is held. */
const { session = null, day = '' } = defineProps<{
  /** The session to change; null for a new one. */
  session?: SessionSummary | null;
  /** The day of a new one, YYYY-MM-DD. */
  day?: string;
}>();
const emit = defineEmits<{ done: [] }>();
const places = usePlacesStore();
const circuits = useCircuitsStore();
const sessions = useSessionsStore();
const { account } = useAccountStore();
const fields = reactive(
  session
    ? fieldsOf(session, places.siteOf(session.siteId)?.timeZone)
    : { ...newFields(day), coachId: account?.coachId ?? '' },
);
const zone = computed(() => places.siteOf(fields.siteId)?.timeZone);

const titled = computed(() => circuits.circuits.map(({ id, title }) => ({ value: id, title })));
const wanted = ref('');
const { act } = useAction();
/** Circuits are looked for where they are stored: a studio may have more than anybody scrolls through. */
const search = () => act(() => circuits.load({ find: wanted.value, tag: '' }));
onMounted(() => (session ? undefined : search()));
watch(
  wanted,
  useDebounceFn(() => {
    const chosen = titled.value.find(({ value }) => value === fields.circuitId);
    if (wanted.value !== chosen?.title) void search();
  }, 250),
);
const named = (list: readonly { readonly id: string; readonly name: string }[]) =>
  list.map(({ id, name }) => ({ value: id, title: name }));
const groups = computed(() => [{ value: '', title: say.bookingForm.noGroup }, ...named(places.places.groups)]);
const sites = computed(() => named(places.places.sites));
const coaches = computed(() => named(places.places.coaches));

function followCircuit(): void {
  const circuit = circuits.circuits.find(({ id }) => id === fields.circuitId);
  if (!circuit) return;
  fields.groupId = circuit.groupId ?? '';
  fields.siteId = circuit.siteId ?? places.places.sites[0]?.id ?? '';
  if (circuit.available > 0) fields.seconds = circuit.available;
}

const SPANS: Readonly<Record<string, SeriesSpan>> = { 'This one only': 'one', 'This and all later ones': 'following' };
const spanWords = Object.keys(SPANS);
const span = ref(spanWords[0] ?? '');

const starts = computed(() =>
  repeatedDays(fields.day, fields.repeating).map((on) => instantAt(on, fields.minute, zone.value)),
);
/** What its circuit is for and kept apart from: the session's own, or those of the circuit that is chosen. */
const apart = computed(() => {
  const of = session ?? circuits.circuits.find(({ id }) => id === fields.circuitId);
  return { purpose: of?.purpose ?? '', notBefore: of?.notBefore ?? '', notAfter: of?.notAfter ?? '' };
});
const clashes = useClashes(() =>
  starts.value.map((startsAt) => ({
    id: session?.id ?? '',
    startsAt: Date.parse(startsAt) / 1000,
    lasts: fields.seconds,
    coachId: fields.coachId,
    siteId: fields.siteId === '' ? null : fields.siteId,
    groupId: fields.groupId === '' ? null : fields.groupId,
    ...apart.value,
  })),
);

const schemas = () => import('@prompt-spark/contract/session');
const adding = () =>
  useForm(
    async () => (await schemas()).newSessionSchema,
    async (added) => {
      await sessions.add(added);
      emit('done');
    },
  );
const moving = ({ id }: SessionSummary) =>
  useForm(
    async () => (await schemas()).sessionMoveSchema,
    async (to) => {
      await sessions.move(id, to);
      emit('done');
    },
  );
const { errors, trouble, busy, submit } = session ? moving(session) : adding();

const idFor = stableIds();
/** What is sent: where a session is moved to, or a new one with those that repeat it. */
function sent(): unknown {
  const booking = { ...bookingOf(fields, zone.value), coachId: fields.coachId };
  if (session) return { ...booking, span: SPANS[span.value] };
  const added = { ...booking, circuitId: fields.circuitId };
  const later = starts.value.slice(1);
  // The first is another where it repeats otherwise: what was booked without its repeats is not what is booked now.
  const id = idFor({ ...added, later });
  return { ...added, id, repeats: later.map((startsAt) => ({ id: idFor({ id, startsAt }), startsAt })) };
}
</script>

<template>
  <form class="form" novalidate @submit.prevent="submit(sent())">
    <v-autocomplete
      v-if="!session"
      v-model="fields.circuitId"
      v-model:search="wanted"
      :label="say.bookingForm.circuit"
      no-filter
      :items="titled"
      :error-messages="errors['/circuitId'] && say.bookingForm.chooseACircuit"
      @update:model-value="followCircuit"
    />
    <v-select v-model="fields.groupId" :label="say.bookingForm.group" :items="groups" />
    <v-select v-model="fields.siteId" :label="say.bookingForm.place" :items="sites" />
    <v-select v-if="coaches.length > 1" v-model="fields.coachId" :label="say.bookingForm.coach" :items="coaches" />
    <DayField
      v-model="fields.day"
      :label="say.bookingForm.day"
      :error-messages="errors['/startsAt'] ? say.bookingForm.giveADay : ''"
    />
    <TimeField v-model="fields.minute" :label="say.bookingForm.startsAt" />
    <MinutesField v-model="fields.seconds" :label="say.bookingForm.minutes" :least="60" :step="60" />
    <RepeatFields v-if="!session" v-model="fields.repeating" :day="fields.day" />
    <TapRow
      v-else-if="session.seriesId"
      class="whole"
      :label="say.bookingForm.whichSessionsToChange"
      :words="spanWords"
      :on="[span]"
      single
      grave=""
      @tap="(words) => (span = words)"
    />
    <ClashNote :clashes="clashes" />
    <p v-if="trouble" class="trouble whole" role="alert">{{ trouble }}</p>
    <v-btn type="submit" :loading="busy">{{ session ? say.bookingForm.save : say.bookingForm.addToSchedule }}</v-btn>
  </form>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(11rem, 1fr));
  gap: 0.75rem;
  align-items: start;
}
.whole {
  grid-column: 1 / -1;
}
.trouble {
  color: var(--brick);
}
</style>
