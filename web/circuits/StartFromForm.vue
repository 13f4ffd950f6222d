<script setup lang="ts">
import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import { approachOf } from '@prompt-spark/core/approach/approaches';
import { templateFrom } from '@prompt-spark/core/template/templateFrom';
import type { Space } from '@prompt-spark/core/drills/drill';
import { KIT, type Kit } from '@prompt-spark/core/drills/kit';
import { computed, ref } from 'vue';
import CircuitFuse from './CircuitFuse.vue';
import { clock } from '../wording/clock.ts';
import { phaseName } from '../wording/phases.ts';
import { capital } from '../wording/capital.ts';
import MinutesField from '../fields/MinutesField.vue';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { useLibraryStore } from '../library/library.ts';
import { useOccasionsStore } from '../occasion/occasions.ts';
import { useStandardsStore } from '../library/standards.ts';
import { say } from './say.ts';

/** A first circuit from an approach, the main session, the minutes, the kit and the room; shown before it is taken. */
const emit = defineEmits<{ take: [circuit: Circuit, siteId: string | null]; close: [] }>();
const library = useLibraryStore();
const occasions = useOccasionsStore();

const standards = useStandardsStore();
const approachId = ref(standards.approaches[0]?.id ?? '');
const sessionId = ref('mixed-circuit');
const seconds = ref(480);
const kit = ref<Kit[]>([]);
const room = ref<'spot' | 'mat' | 'lane'>('mat');
const siteId = ref(library.places.sites[0]?.id ?? '');

const approaches = computed(() => standards.approaches.map(({ id, name }) => ({ value: id, title: name })));
const sessions = computed(() => standards.sessions.map(({ id, name }) => ({ value: id, title: name })));
const things = KIT.map((value) => ({ value, title: capital(value) }));
const sites = computed(() => library.places.sites.map(({ id, name }) => ({ value: id, title: name })));
const ROOMS = [
  { value: 'spot', title: say.startFromForm.onTheSpot },
  { value: 'mat', title: say.startFromForm.matEach },
  { value: 'lane', title: say.startFromForm.matsAndLanes },
];
const SPACES: Readonly<Record<'spot' | 'mat' | 'lane', readonly Space[]>> = {
  spot: ['spot', 'stride'],
  mat: ['spot', 'stride', 'mat'],
  lane: ['spot', 'stride', 'mat', 'lane'],
};

const approach = computed(() => approachOf(approachId.value, standards.approaches));
/** Mats and lanes are room, not kit to be fetched. */
const there = computed<readonly Kit[]>(() => [
  ...kit.value,
  ...(room.value === 'spot' ? [] : (['mat'] as const)),
  ...(room.value === 'lane' ? (['lane'] as const) : []),
]);
const occasion = computed(() => occasions.at({ groupId: null, siteId: siteId.value }));
const circuit = computed(() => {
  const session = standards.sessions.find(({ id }) => id === sessionId.value);
  const wish = {
    approach: approach.value,
    available: seconds.value,
    kit: there.value,
    spaces: SPACES[room.value],
  };
  return templateFrom(session ? { ...wish, session } : wish, occasion.value, () => crypto.randomUUID());
});
const total = computed(() => timeCircuit(circuit.value, occasion.value).total.plan);
const names = computed(() =>
  circuit.value.blocks.map(({ id, phase, lines }) => ({
    id,
    phase: phaseName(phase),
    drills: lines
      .flatMap((line) => (line.kind === 'slot' ? (library.drillOf(line.drillId)?.name ?? []) : []))
      .join(', '),
  })),
);
</script>

<template>
  <section class="start" :aria-label="say.startFromForm.startFromAnApproach">
    <div class="fields">
      <v-select v-model="approachId" :label="say.startFromForm.approach" :items="approaches" />
      <v-select v-model="sessionId" :label="say.startFromForm.mainSession" :items="sessions" />
      <MinutesField v-model="seconds" :label="say.startFromForm.timeAvailableMinutes" :least="60" :most="3600" />
      <v-select v-model="room" :label="say.startFromForm.room" :items="ROOMS" />
      <v-select v-model="kit" :label="say.startFromForm.kit" multiple :items="things" />
      <v-select v-if="sites.length" v-model="siteId" :label="say.startFromForm.place" :items="sites" />
    </div>
    <p class="soft">{{ approach.says }}</p>
    <template v-if="circuit.blocks.length">
      <CircuitFuse :circuit="circuit" :available="circuit.available" />
      <dl>
        <template v-for="block in names" :key="block.id">
          <dt>{{ block.phase }}</dt>
          <dd>{{ block.drills }}</dd>
        </template>
      </dl>
    </template>
    <p v-else class="soft">{{ say.startFromForm.nothingInTheLibrary }}</p>
    <p class="acts">
      <v-btn :disabled="!circuit.blocks.length" @click="emit('take', circuit, siteId || null)">
        {{ say.startFromForm.useThis(clock(total)) }}
      </v-btn>
      <v-btn variant="text" @click="emit('close')">{{ say.startFromForm.notNow }}</v-btn>
    </p>
  </section>
</template>

<style scoped>
.start {
  display: grid;
  gap: 0.9rem;
  margin-bottom: 1.5rem;
  padding: 1.1rem 1.25rem;
  border: 1px solid var(--line);
  border-radius: 14px;
  background: var(--card);
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
  gap: 0.75rem;
}
dl {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 0.25rem 1rem;
}
dt {
  font-weight: 600;
}
.acts {
  display: flex;
  gap: 0.75rem;
}
</style>
