<script setup lang="ts">
import type { Drill } from '@prompt-spark/core/drills/drill';
import { JOINTS, type Joint, type Motion } from '@prompt-spark/core/drills/jointMotion';
import { KIT } from '@prompt-spark/core/drills/kit';
import { PHASES } from '@prompt-spark/core/drills/phase';
import { POSTURES, type Posture } from '@prompt-spark/core/drills/posture';
import { estimatedEnergy } from '@prompt-spark/core/drills/energy';
import { just, type Range } from '@prompt-spark/core/units';
import { capital } from '../wording/capital.ts';
import { phaseName } from '../wording/phases.ts';
import TextAmount from '../fields/TextAmount.vue';
import { useFiguresStore } from '../figure/figures.ts';
import { useLibraryStore } from '../library/library.ts';
import { computed } from 'vue';
import { inPosture } from './drillDraft.ts';
import LinesField from '../fields/LinesField.vue';
import { say } from './say.ts';

/** A drill's facts: its names, and how and where it is done. */
const draft = defineModel<Drill>({ required: true });
defineProps<{ errors: Readonly<Record<string, string>> }>();

const library = useLibraryStore();
const figures = useFiguresStore();
void figures.load();
/** The drills that have a figure of their own. */
const drawn = computed(() =>
  library.library.drills.filter(({ id }) => id in figures.figures).map(({ id, name }) => ({ value: id, title: name })),
);
const items = (values: readonly string[]) => values.map((value) => ({ value, title: capital(value) }));
const WAYS: readonly { value: Motion; title: string }[] = [
  { value: 'turn', title: say.drillFacts.turnsIt },
  { value: 'circle', title: say.drillFacts.circlesIt },
  { value: 'swing', title: say.drillFacts.swingsIt },
];
const ROOM = [
  { value: 'spot', title: say.drillFacts.onTheSpot },
  { value: 'stride', title: say.drillFacts.stride },
  { value: 'mat', title: say.drillFacts.mat },
  { value: 'lane', title: say.drillFacts.lane },
];

function set(change: Partial<Drill>): void {
  draft.value = { ...draft.value, ...change };
}

function setPhases(phases: readonly Drill['phases'][number][]): void {
  const [first, ...rest] = phases;
  if (first) set({ phases: [first, ...rest] });
}

function setEffort({ high }: Range): void {
  const { energy } = draft.value;
  set({ effort: high, energy: energy.kind === 'estimate' ? estimatedEnergy(high) : energy });
}

function setMotion(how: Motion | null, joint: Joint = 'shoulder'): void {
  const { motion: _, ...others } = draft.value;
  draft.value = how ? { ...others, motion: { how, joint } } : others;
}
</script>

<template>
  <fieldset class="grid">
    <v-text-field
      :label="say.drillFacts.name"
      class="two"
      :model-value="draft.name"
      :error-messages="errors['/name']"
      @update:model-value="(name: string) => set({ name })"
    />
    <LinesField
      :label="say.drillFacts.otherNamesOne"
      class="two"
      :model-value="draft.aliases"
      @update:model-value="(aliases: readonly string[]) => set({ aliases })"
    />
    <v-select
      :label="say.drillFacts.phases"
      multiple
      :items="PHASES.map((value) => ({ value, title: phaseName(value) }))"
      :model-value="[...draft.phases]"
      @update:model-value="setPhases"
    />
    <v-select
      :label="say.drillFacts.posture"
      :items="items(POSTURES)"
      :model-value="draft.posture"
      @update:model-value="(posture: Posture) => (draft = inPosture(draft, posture))"
    />
    <v-select
      :label="say.drillFacts.kit"
      multiple
      :items="items(KIT)"
      :model-value="[...draft.kit]"
      @update:model-value="(kit: Drill['kit']) => set({ kit })"
    />
    <v-select
      :label="say.drillFacts.room"
      :items="ROOM"
      :model-value="draft.space"
      @update:model-value="(space: Drill['space']) => set({ space })"
    />
    <v-select
      :label="say.drillFacts.circlesOrSwings"
      clearable
      :items="WAYS"
      :model-value="draft.motion?.how ?? null"
      @update:model-value="(how: Motion | null) => setMotion(how, draft.motion?.joint)"
    />
    <v-select
      v-if="draft.motion"
      :label="say.drillFacts.whichJoint"
      :items="items(JOINTS)"
      :model-value="draft.motion.joint"
      @update:model-value="(joint: Joint) => setMotion(draft.motion?.how ?? null, joint)"
    />
    <v-autocomplete
      :label="say.drillFacts.drawnAs"
      clearable
      :items="drawn"
      :hint="say.drillFacts.whoseFigureShows"
      :model-value="draft.figure || null"
      @update:model-value="(figure: string | null) => set({ figure: figure ?? '' })"
    />
    <v-select
      :label="say.drillFacts.bestSeen"
      :items="items(['front', 'side', 'three-quarter'])"
      :model-value="draft.view"
      @update:model-value="(view: Drill['view']) => set({ view })"
    />
    <TextAmount
      :label="say.drillFacts.effort0To10"
      unit="count"
      single
      :least="0"
      :most="10"
      :model-value="just(draft.effort)"
      @update:model-value="setEffort"
    />
  </fieldset>
</template>

<style scoped src="./fields.css"></style>
