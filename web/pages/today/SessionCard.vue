<script setup lang="ts">
import { mdiCheckCircleOutline, mdiClose } from '@mdi/js';
import type { PlannedSession } from '@prompt-spark/contract/session';
import { timeCircuit } from '@prompt-spark/core';
import { builtCircuit } from '@prompt-spark/core/fit/build';
import { computed, ref } from 'vue';
import CircuitFuse from '../../pieces/CircuitFuse.vue';
import { calendarDay, clock, timeOfDay } from '../../pieces/clock.ts';
import { firstBudget } from '../../pieces/fitWords.ts';
import LateDialog from '../../pieces/LateDialog.vue';
import { ANYWHERE, placeAt } from '@prompt-spark/core/limits/place';
import { usePeopleStore } from '../../stores/people.ts';
import { useSessionsStore } from '../../stores/sessions.ts';
import { undecidedWords } from './undecidedWords.ts';
import { useLibraryStore } from '../../stores/library.ts';

/** One session of today: when, what, with whom, where, its fuse, and the way to start it. */
const { session } = defineProps<{ session: PlannedSession }>();
const emit = defineEmits<{ takeOut: [] }>();
const library = useLibraryStore();
const clients = usePeopleStore();
const sessions = useSessionsStore();
const site = computed(() => library.siteOf(session.siteId));
const where = computed(() => {
  const group = library.groupOf(session.groupId);
  const people = group?.people ?? session.circuit.circuit.people;
  const parts = [group?.name, people > 0 ? `${people} ${people === 1 ? 'person' : 'people'}` : undefined];
  return [...parts, site.value?.name, `${session.minutes} minutes`, session.coachName].filter(Boolean).join(' · ');
});
const open = computed(() => {
  const { circuit } = session.circuit;
  return undecidedWords(circuit, clients.peopleOf(session.groupId), {
    library: library.library,
    site: setting.value.site,
    place: site.value ? placeAt(site.value) : ANYWHERE,
    day: calendarDay(session.startsAt, site.value?.timeZone),
  });
});
const late = ref(false);
const draft = computed(() => ({ ...session.circuit, groupId: session.groupId, siteId: session.siteId }));
const peopled = computed(() => library.peopled(draft.value));
const setting = computed(() => library.settingAt(session.siteId));
const planned = computed(() => timeCircuit(peopled.value, setting.value).total.plan);
/** The circuit as it will run: fitted where that was agreed for this session. */
const fitted = computed(() => {
  const { fit } = session;
  return fit ? builtCircuit(peopled.value, fit.plan, { setting: setting.value }, fit.seconds) : peopled.value;
});
const stage = computed(() => ({ name: 'stage', params: { id: session.circuitId }, query: { session: session.id } }));
</script>

<template>
  <article class="card">
    <p class="clock time">{{ timeOfDay(session.startsAt, site?.timeZone) }}</p>
    <div class="body">
      <div class="top">
        <div>
          <h2>
            <RouterLink :to="`/circuits/${session.circuitId}`">{{ session.circuit.circuit.title }}</RouterLink>
          </h2>
          <p class="soft small">{{ where }}</p>
          <p v-if="open && !session.runId" class="open small">
            <RouterLink :to="`/circuits/${session.circuitId}/swaps`">{{ open }}</RouterLink>
          </p>
        </div>
        <div class="acts">
          <span v-if="session.runId" class="done small">
            <v-icon :icon="mdiCheckCircleOutline" size="18" /> Run, in the <RouterLink to="/log">log</RouterLink>
          </span>
          <v-btn v-if="!session.runId" variant="text" @click="late = true">We’re late</v-btn>
          <v-btn :to="stage" :variant="session.runId ? 'outlined' : 'flat'">{{
            session.runId ? 'Again' : 'Start'
          }}</v-btn>
          <v-btn
            :icon="mdiClose"
            variant="text"
            size="small"
            class="out"
            :aria-label="`Take ${session.circuit.circuit.title} out of the book`"
            @click="emit('takeOut')"
          />
        </div>
      </div>
      <CircuitFuse :circuit="fitted" :available="session.minutes * 60" :site-id="session.siteId" />
      <p v-if="session.fit" class="small fitted">
        For this session in {{ clock(session.fit.seconds) }}.
        <v-btn variant="text" size="small" class="whole" @click="sessions.fit(session.id, null)">Run it whole</v-btn>
      </p>
      <LateDialog
        v-if="late"
        v-model="late"
        :circuit-id="session.circuitId"
        :draft="draft"
        :session-id="session.id"
        :first="firstBudget(planned, session.minutes * 60)"
      />
    </div>
  </article>
</template>

<style scoped>
.card {
  display: grid;
  grid-template-columns: 5rem minmax(0, 1fr);
  gap: 1.25rem;
}
.time {
  padding-top: 1rem;
  text-align: right;
  font-size: 1.35rem;
}
.body {
  display: grid;
  gap: 0.75rem;
  padding: 1rem 1.25rem;
  border: 1px solid var(--line);
  border-radius: 14px;
  background: var(--card);
}
.top {
  display: flex;
  justify-content: space-between;
  gap: 1rem;
}
h2 {
  font-size: 1.25rem;
}
h2 a {
  color: inherit;
  font-weight: inherit;
  text-decoration: none;
}
h2 a:hover {
  text-decoration: underline;
}
.acts {
  display: flex;
  align-items: center;
  gap: 0.9rem;
}
.out {
  margin: 0 -0.5rem;
  color: var(--soft);
}
.open a {
  font-weight: 600;
}
.fitted {
  display: flex;
  align-items: center;
  gap: 0.25rem;
}
.whole {
  min-height: 44px;
  margin: -0.6rem 0;
}
.done {
  color: var(--moss);
  font-weight: 600;
}
@media (max-width: 700px) {
  .card {
    grid-template-columns: minmax(0, 1fr);
    gap: 0.35rem;
  }
  .time {
    padding: 0;
    text-align: left;
  }
  .top {
    flex-direction: column;
  }
  .out {
    margin-left: auto;
  }
}
</style>
