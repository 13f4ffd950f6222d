<script setup lang="ts">
import { mdiAlertOutline } from '@mdi/js';
import { baseOf } from '@prompt-spark/core/drills/drill';
import { usualSlot } from '@prompt-spark/core/circuit/slot';
import { POSTURE_WORDS } from '@prompt-spark/core/drills/posture';
import type { CircuitSummary } from '@prompt-spark/contract/circuit';
import { computed, ref, shallowRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { call } from '../api/call.ts';
import { BIN_DAYS } from '@prompt-spark/core/schedule/bounds';
import { useNoticesStore } from '../shell/notices.ts';
import { useAction } from '../shell/useAction.ts';
import { useLoading } from '../loading/useLoading.ts';
import { floorOf } from '@prompt-spark/core/occasion/floor';
import { ANYWHERE } from '@prompt-spark/core/occasion/site';
import { doseWords } from '../wording/doseWords.ts';
import { capital } from '../wording/capital.ts';
import LoadingGate from '../loading/LoadingGate.vue';
import { useLibraryStore } from '../library/library.ts';
import DrillDemonstration from './DrillDemonstration.vue';
import DrillBars from './DrillBars.vue';
import { energyWords } from './drillWords.ts';
import DrillReplaces from './DrillReplaces.vue';
import DrillLadder from './DrillLadder.vue';
import { say } from './say.ts';

/** A drill's fact sheet: what it looks for and asks, rung by rung, and where it is used. */
const { id } = defineProps<{ id: string }>();
const library = useLibraryStore();
const notices = useNoticesStore();
const router = useRouter();
const usedIn = shallowRef<readonly CircuitSummary[]>([]);
const { busy, act } = useAction();
const loading = useLoading(() => Promise.all([library.load(), findUses()]));
const drill = computed(() => library.drillOf(id));
const own = computed(() => library.versionOf(id) !== null);
const chosenId = ref('base');
watch(
  () => id,
  () => {
    chosenId.value = 'base';
    void act(findUses);
  },
);
const chosen = computed(() => {
  const now = drill.value;
  return now && (now.ladder.find((rung) => rung.id === chosenId.value) ?? baseOf(now));
});
/** The circuits that were last saved with this drill in them. */
async function findUses(): Promise<void> {
  usedIn.value = (await call('circuits', { query: { drill: id } })).circuits;
}
const anywhere = floorOf({ people: 0, lanes: 0 }, { site: ANYWHERE, expected: 0 });
const usual = computed(() => (drill.value ? doseWords(usualSlot(drill.value, 'usual'), drill.value, anywhere) : ''));
const about = computed(() => {
  const now = drill.value;
  if (!now) return '';
  return [
    now.phases.map(capital).join(', '),
    POSTURE_WORDS[now.posture],
    ...now.kit,
    say.drillPage.seenBest(now.view),
  ].join(' · ');
});
const energy = computed(() => {
  const cost = chosen.value?.energy ?? drill.value?.energy;
  return cost ? energyWords(cost) : '';
});

/** Other names, the first few: the search knows them all. */
const MOST_NAMES = 8;
const names = computed(() => {
  const all = drill.value?.aliases ?? [];
  const more = all.length - MOST_NAMES;
  return all.slice(0, MOST_NAMES).join(', ') + (more > 0 ? say.drillPage.andMore(more) : '');
});

async function takeOut(): Promise<void> {
  const name = drill.value?.name ?? '';
  if (!(await act(() => library.takeOutDrill(id)))) return;
  await router.push('/drills');
  notices.say(say.drillPage.removedItStays(name, BIN_DAYS));
}
</script>

<template>
  <section class="page">
    <LoadingGate :loading="loading">
      <template v-if="drill && chosen">
        <p class="back">
          <RouterLink to="/drills">{{ say.drillPage.drills }}</RouterLink>
        </p>
        <header>
          <div>
            <h1>{{ drill.name }}</h1>
            <p v-if="drill.aliases.length" class="soft">{{ say.drillPage.also(names) }}</p>
            <p v-if="drill.unfinished" role="status">{{ say.drillPage.toBeCompletedLook }}</p>
            <p class="soft">{{ about }}</p>
          </div>
          <div class="acts">
            <v-btn variant="outlined" :to="{ path: '/drills/new', query: { from: drill.id } }">{{
              say.drillPage.copyAndEdit
            }}</v-btn>
            <template v-if="own">
              <v-btn variant="outlined" :to="`/drills/${drill.id}/change`">{{ say.drillPage.edit }}</v-btn>
              <v-btn variant="text" :loading="busy" @click="takeOut">{{ say.drillPage.remove }}</v-btn>
            </template>
          </div>
        </header>
        <div class="columns first">
          <DrillDemonstration :drill="drill" :variant="chosen" />
          <section>
            <h2>{{ say.drillPage.say }}</h2>
            <ul class="cues">
              <li v-for="cue in drill.cues" :key="cue">{{ cue }}</li>
            </ul>
            <h2>{{ say.drillPage.usualFault }}</h2>
            <p>
              {{ capital(drill.fault.seen) }}: <strong>{{ drill.fault.fix }}</strong>
            </p>
            <h2>{{ say.drillPage.feltIn }}</h2>
            <p>{{ capital(drill.felt) }}</p>
            <template v-if="drill.cautions.length">
              <h2 class="caution"><v-icon :icon="mdiAlertOutline" size="20" /> {{ say.drillPage.cautions }}</h2>
              <p v-for="caution in drill.cautions" :key="caution">{{ caution }}</p>
            </template>
          </section>
        </div>
        <h2>{{ say.drillPage.easierAndHarderVersions }}</h2>
        <DrillLadder v-model="chosenId" :drill="drill" />
        <div class="columns">
          <section>
            <h2>{{ say.drillPage.usualDose }}</h2>
            <p>{{ usual }}</p>
            <p class="soft small">{{ say.drillPage.worthDoing(drill.shortestUseful, energy) }}</p>
            <h2>{{ say.drillPage.whatToDoInstead }}</h2>
            <DrillReplaces :drill="drill" />
            <h2>{{ say.drillPage.usedIn }}</h2>
            <p v-if="!usedIn.length" class="soft">{{ say.drillPage.noCircuitYet }}</p>
            <ul v-else class="used">
              <li v-for="circuit in usedIn" :key="circuit.id">
                <RouterLink :to="`/circuits/${circuit.id}`">{{ circuit.title }}</RouterLink>
              </li>
            </ul>
          </section>
          <DrillBars :drill="drill" :variant="chosen" />
        </div>
      </template>
      <div v-else class="empty">
        <h1>{{ say.drillPage.noSuchDrill }}</h1>
        <v-btn to="/drills">{{ say.drillPage.allDrills }}</v-btn>
      </div>
    </LoadingGate>
  </section>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 1rem;
  margin: 0.25rem 0 1.5rem;
}
h1 {
  font-size: 2.4rem;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  align-items: start;
  gap: 0.5rem;
}
.first {
  align-items: center;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
  gap: 2.5rem;
  margin-top: 1.5rem;
}
h2 {
  margin: 1.2rem 0 0.3rem;
  font-size: 1.05rem;
}
h2 + .ladder {
  margin-top: 0.5rem;
}
h2:first-child {
  margin-top: 0;
}
.cues {
  list-style: none;
  font-size: 1.25rem;
  line-height: 1.45;
}
.caution {
  color: var(--brick);
}
.used {
  list-style: none;
}
.empty {
  display: grid;
  gap: 1rem;
  justify-items: start;
}
@media (max-width: 860px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
