<script setup lang="ts">
import { mdiChevronDown, mdiChevronUp } from '@mdi/js';
import type { RunSummary, RunTurn } from '@prompt-spark/contract/run';
import { computed, defineAsyncComponent, ref, shallowRef, watch } from 'vue';
import { useAction } from '../shell/useAction.ts';
import { clock, dayName, timeOfDay } from '../wording/clock.ts';
import { useRunsStore } from './runs.ts';
import CorrectRun from './CorrectRun.vue';
import RunPeople from './RunPeople.vue';
import RunDrill from './RunDrill.vue';
import RunTurns from './RunTurns.vue';
import { say } from './say.ts';

const RunOverTime = defineAsyncComponent(() => import('./RunOverTime.vue'));

/** One run: when, what, planned against actual, how it was; its slots on demand. */
const { run, first, twin } = defineProps<{
  run: RunSummary;
  first: boolean;
  /** Another record of the same class, where there is one. */
  twin: RunSummary | null;
}>();
const emit = defineEmits<{ takeOut: []; join: [] }>();
const runs = useRunsStore();
const { act } = useAction();
const open = ref(first);
const correcting = ref(false);
const overTime = ref(false);
/** What every slot took, fetched when it is first looked at. */
const turns = shallowRef<readonly RunTurn[]>([]);
watch(
  open,
  async (looked) => {
    if (!looked || turns.value.length > 0) return;
    const fetched = await act(async () => {
      turns.value = await runs.turnsOf(run.id);
    });
    if (!fetched) open.value = false;
  },
  { immediate: true },
);
const zone = computed(() => run.timeZone ?? undefined);
const off = computed(() => {
  const seconds = Math.round(run.actual - run.planned);
  if (run.endedEarly || seconds === 0) return say.runEntry.planned;
  return seconds > 0 ? say.runEntry.plannedLonger(clock(seconds)) : say.runEntry.plannedShorter(clock(-seconds));
});
const WARM = { yes: say.runEntry.warm, nearly: say.runEntry.nearlyWarm, no: say.runEntry.notWarm } as const;
const how = computed(() =>
  [
    run.effort === null ? '' : say.runEntry.effort(run.effort),
    run.warm === null ? '' : WARM[run.warm],
    run.endedEarly ? say.runEntry.stoppedEarly : '',
    run.paused >= 1 ? say.runEntry.paused(clock(run.paused)) : '',
  ]
    .filter(Boolean)
    .join(' · '),
);
const where = computed(() => [run.siteName, run.coachName].filter(Boolean).join(' · '));
</script>

<template>
  <article class="entry">
    <div class="when">
      <p class="clock">{{ timeOfDay(run.startedAt, zone) }}</p>
      <p class="soft small">{{ dayName(run.startedAt, zone) }}</p>
    </div>
    <div class="what">
      <h2>
        <RouterLink :to="`/circuits/${run.circuitId}`">{{ run.circuitTitle }}</RouterLink>
      </h2>
      <p class="soft small">
        <template v-if="run.groupId && run.groupName"
          ><RouterLink :to="{ name: 'group', params: { id: run.groupId } }">{{ run.groupName }}</RouterLink>
          · </template
        >{{ where }}
      </p>
      <p v-if="run.note" class="note">{{ run.note }}</p>
    </div>
    <div class="sums">
      <p>
        <span class="clock">{{ clock(run.actual) }}</span>{{ ' '
        }}<span class="soft">{{ say.runEntry.ofPlanned(clock(run.planned), off) }}</span>
      </p>
      <p class="soft small">{{ how }}</p>
    </div>
    <v-btn
      :icon="open ? mdiChevronUp : mdiChevronDown"
      variant="text"
      :aria-label="say.runEntry.drillsOf(run.circuitTitle)"
      :aria-expanded="open"
      @click="open = !open"
    />
    <RunPeople v-if="open && run.groupId !== null" class="turns" :run="run" :group-id="run.groupId" />
    <RunDrill
      v-if="open && run.groupId !== null && turns.length"
      class="turns"
      :run="run"
      :group-id="run.groupId"
      :turns="turns"
    />
    <RunTurns v-if="open && turns.length" class="turns" :turns="turns" />
    <RunOverTime v-if="open && overTime" class="turns" :run="run" :turns="turns" />
    <CorrectRun v-if="open && correcting" class="turns" :run="run" @done="correcting = false" />
    <p v-else-if="open" class="turns acts">
      <v-btn variant="text" :aria-expanded="overTime" @click="overTime = !overTime">{{ say.runEntry.overTime }}</v-btn>
      <v-btn variant="text" @click="correcting = true">{{ say.runEntry.correctEffortOrNote }}</v-btn>
      <v-btn v-if="twin" variant="text" @click="emit('join')">{{
        say.runEntry.joinWithTheOne(timeOfDay(twin.startedAt, zone))
      }}</v-btn>
      <v-btn variant="text" color="error" @click="emit('takeOut')">{{ say.runEntry.removeFromLog }}</v-btn>
    </p>
  </article>
</template>

<style scoped>
.entry {
  display: grid;
  grid-template-columns: 9.5rem minmax(0, 1fr) auto 44px;
  gap: 0.25rem 1.25rem;
  align-items: start;
  padding: 0.9rem 0;
  border-top: 1px solid var(--line);
}
.when .clock,
.sums .clock {
  font-size: 1.2rem;
}
.sums {
  text-align: right;
}
h2 {
  font-size: 1.15rem;
}
h2 a {
  color: inherit;
  font-weight: inherit;
  text-decoration: none;
}
h2 a:hover {
  text-decoration: underline;
}
.note {
  margin-top: 0.35rem;
  max-width: 40rem;
  white-space: pre-line;
}
.turns {
  grid-column: 2 / -1;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  margin-left: -1rem;
}
@media (max-width: 700px) {
  .entry {
    grid-template-columns: minmax(0, 1fr) 44px;
  }
  .sums {
    grid-column: 1;
    text-align: left;
  }
  .what,
  .when {
    grid-column: 1;
  }
  .entry > .v-btn {
    grid-column: 2;
    grid-row: 1;
  }
  .turns {
    grid-column: 1 / -1;
  }
}
</style>
