<script setup lang="ts">
import type { SessionSummary } from '@prompt-spark/contract/session';
import { computed } from 'vue';
import { useGradually } from '../loading/useGradually.ts';
import { calendarDayName } from '../wording/clock.ts';
import CloseButton from '../shell/CloseButton.vue';
import PencilButton from '../shell/PencilButton.vue';
import { usePlacesStore } from '../library/places.ts';
import { sessionsByDay, sessionTime } from '../schedule/sessionTime.ts';
import { say } from './say.ts';

/** The sessions of the coming days, a line each. */
const { sessions } = defineProps<{ sessions: readonly SessionSummary[] }>();
const emit = defineEmits<{ change: [session: SessionSummary]; takeOut: [session: SessionSummary] }>();
const places = usePlacesStore();
const days = computed(() =>
  [...sessionsByDay(sessions)].map(([day, on]) => ({ name: calendarDayName(day), sessions: on })),
);
const drawn = useGradually(days, 0);
</script>

<template>
  <section class="week" aria-labelledby="week-ahead">
    <h2 id="week-ahead">{{ say.weekAhead.weekAhead }}</h2>
    <div class="days">
      <section v-for="day in drawn" :key="day.name">
        <h3>{{ day.name }}</h3>
        <ul>
          <li v-for="session in day.sessions" :key="session.id">
            <span class="clock">{{ sessionTime(session) }}</span>
            <RouterLink :to="`/circuits/${session.circuitId}`">{{ session.title }}</RouterLink>
            <PencilButton
              class="out"
              :label="say.weekAhead.changeSession(session.title)"
              @click="emit('change', session)"
            />
            <CloseButton
              class="out"
              :label="say.weekAhead.removeFromTheSchedule(session.title)"
              @click="emit('takeOut', session)"
            />
            <span class="soft small">{{ places.groupOf(session.groupId)?.name }}</span>
          </li>
        </ul>
      </section>
    </div>
  </section>
</template>

<style scoped>
.week {
  margin: 2.5rem 0 0 6.25rem;
}
h2 {
  margin-bottom: 1rem;
  font-size: 1.25rem;
}
.days {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
  gap: 1.5rem 2rem;
}
h3 {
  padding-bottom: 0.35rem;
  border-bottom: 1px solid var(--line);
  font-size: var(--size-body);
}
ul {
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) 44px 44px;
  gap: 0 0.25rem;
  padding: 0.4rem 0;
}
.out {
  margin: -0.65rem 0;
  color: var(--soft);
}
/* As high as the buttons beside it, without pushing its row apart. */
li a {
  min-height: 44px;
  margin: -0.65rem 0;
  padding: 0.65rem 0;
}
li .small {
  grid-column: 2;
}
.clock {
  min-width: 3rem;
  font-weight: 500;
}
@media (max-width: 700px) {
  .week {
    margin-left: 0;
  }
}
</style>
