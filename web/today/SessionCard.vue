<script setup lang="ts">
import { mdiCheckCircleOutline } from '@mdi/js';
import type { SessionSummary } from '@prompt-spark/contract/session';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useAction } from '../shell/useAction.ts';
import { clock } from '../wording/clock.ts';
import CloseButton from '../shell/CloseButton.vue';
import PencilButton from '../shell/PencilButton.vue';
import PathIcon from '../shell/PathIcon.vue';
import SketchFuse from '../fuse/SketchFuse.vue';
import { useLastTime } from '../log/useLastTime.ts';
import { usePlacesStore } from '../library/places.ts';
import { useSessionsStore } from '../schedule/sessions.ts';
import { sessionDay, sessionTime } from '../schedule/sessionTime.ts';
import type { FoundOfSession } from './dayWorker.ts';
import { say } from './say.ts';

const NextStep = defineAsyncComponent(() => import('./NextStep.vue'));
const SessionLate = defineAsyncComponent(() => import('./SessionLate.vue'));
const SessionRoster = defineAsyncComponent(() => import('./SessionRoster.vue'));

/** One session of today: when, what, with whom, where, its fuse, and the way to start it. */
const { session, found } = defineProps<{
  session: SessionSummary;
  /** What is still to be decided, and what the last times say; undefined until it is found. */
  found: FoundOfSession | undefined;
}>();
const emit = defineEmits<{ change: []; takeOut: []; made: []; changed: [] }>();
const places = usePlacesStore();
const sessions = useSessionsStore();
const { busy, act } = useAction();
const site = computed(() => places.siteOf(session.siteId));
const where = computed(() => {
  const group = places.groupOf(session.groupId);
  const people = group?.people ?? session.people;
  const parts = [group?.name, people > 0 ? say.sessionCard.people(people) : undefined];
  return [...parts, site.value?.name, say.sessionCard.minutes(session.minutes), session.coachName]
    .filter(Boolean)
    .join(' · ');
});
/** What was noted last time is read before it is run again. */
const last = useLastTime(
  () => (session.runId ? '' : session.circuitId),
  () => session.groupId,
);
const late = ref(false);
const roster = ref(false);

/** What is still to be decided depends on who comes. */
function toggleRoster(): void {
  roster.value = !roster.value;
  if (!roster.value) emit('changed');
}
const stage = computed(() => ({ name: 'stage', params: { id: session.circuitId }, query: { session: session.id } }));
const runWhole = () => act(() => sessions.fit(session.id, null));
</script>

<template>
  <article class="card">
    <p class="clock time">{{ sessionTime(session) }}</p>
    <div class="body">
      <div class="top">
        <div>
          <h2>
            <RouterLink :to="`/circuits/${session.circuitId}`">{{ session.title }}</RouterLink>
          </h2>
          <p class="soft small">{{ where }}</p>
          <p v-if="last" class="small last">
            <span class="soft">{{ say.sessionCard.lastTime }}</span> {{ last.note }}
          </p>
          <p v-if="found?.question && !session.runId" class="open small">
            <RouterLink :to="`/circuits/${session.circuitId}/swaps`">{{ found.question }}</RouterLink>
          </p>
        </div>
        <div class="acts">
          <span v-if="session.runId" class="done small">
            <PathIcon :path="mdiCheckCircleOutline" :size="18" /> {{ say.sessionCard.runIn }}
            <RouterLink to="/log">{{ say.sessionCard.log }}</RouterLink>
          </span>
          <v-btn
            v-if="!session.runId && session.groupId"
            variant="text"
            :aria-expanded="roster"
            :aria-label="say.sessionCard.whoIsHere(session.title)"
            @click="toggleRoster"
            >{{ say.sessionCard.whosHere }}</v-btn
          >
          <v-btn v-if="!session.runId" variant="text" @click="late = true">{{ say.sessionCard.wereLate }}</v-btn>
          <v-btn :to="stage" :variant="session.runId ? 'outlined' : 'flat'">
            {{ session.runId ? say.sessionCard.again : say.sessionCard.start
            }}<span class="visually-hidden">: {{ session.title }}</span>
          </v-btn>
          <PencilButton class="change" :label="say.sessionCard.changeSession(session.title)" @click="emit('change')" />
          <CloseButton
            class="out"
            :label="say.sessionCard.removeFromTheSchedule(session.title)"
            @click="emit('takeOut')"
          />
        </div>
      </div>
      <NextStep
        v-if="found?.step && !session.runId"
        :key="found.step.from.version"
        :step="found.step"
        :title="session.title"
        @made="emit('made')"
        @changed="emit('changed')"
      />
      <SketchFuse :fuse="session.fuse" :seconds="session.seconds" :available="session.minutes * 60" />
      <p v-if="session.fitted !== null" class="small fitted">
        {{ say.sessionCard.forThisSession(clock(session.fitted)) }}
        <v-btn variant="text" size="small" class="whole" :disabled="busy" @click="runWhole">{{
          say.sessionCard.runItInFull
        }}</v-btn>
      </p>
      <SessionRoster v-if="roster && session.groupId" :group-id="session.groupId" :day="sessionDay(session)" />
      <SessionLate v-if="late" v-model="late" :session="session" />
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
/* What it is keeps a width that can be read; what is done with it goes under it where there is no room beside. */
.top {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0.5rem 1rem;
}
.top > div:first-child {
  flex: 1 1 18rem;
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
  .acts {
    flex-wrap: wrap;
    gap: 0.25rem 0.4rem;
  }
  .acts :deep(.v-btn) {
    padding: 0 0.7rem;
  }
  .body {
    position: relative;
  }
  .top > div:first-child {
    padding-right: 5rem;
  }
  .change,
  .out {
    position: absolute;
    top: 0.4rem;
    right: 0.4rem;
    margin: 0;
  }
  .change {
    right: 3.1rem;
  }
}
</style>
