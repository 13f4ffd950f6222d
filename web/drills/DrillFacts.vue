<script setup lang="ts">
import type { Drill } from '@prompt-spark/core/drills/drill';
import type { Sides } from '@prompt-spark/core/dose/dose';
import { startingDose } from '@prompt-spark/core/drills/startingDose';
import { JOINTS, type Joint, type Motion } from '@prompt-spark/core/drills/jointMotion';
import { KIT } from '@prompt-spark/core/drills/kit';
import { PHASES } from '@prompt-spark/core/drills/phase';
import { POSTURES, type Posture } from '@prompt-spark/core/drills/posture';
import { estimatedEnergy } from '@prompt-spark/core/drills/energy';
import { just, type Range } from '@prompt-spark/core/units';
import DoseAmounts from '../fields/DoseAmounts.vue';
import { DOSE_KINDS } from '../fields/doseKinds.ts';
import { phaseName } from '../wording/phases.ts';
import TextAmount from '../fields/TextAmount.vue';
import { useFiguresStore } from '../figure/figures.ts';
import { useLibraryStore } from '../library/library.ts';
import { computed } from 'vue';
import { inPosture } from './drillDraft.ts';

/** A drill's facts: its names, how it is done, what is said of it, and its usual dose. */
const draft = defineModel<Drill>({ required: true });
defineProps<{ errors: Readonly<Record<string, string>> }>();

const library = useLibraryStore();
const figures = useFiguresStore();
void figures.load();
/** The drills that have a figure of their own. */
const drawn = computed(() =>
  library.library.drills.filter(({ id }) => id in figures.figures).map(({ id, name }) => ({ value: id, title: name })),
);
const items = (values: readonly string[]) => values.map((value) => ({ value, title: phaseName(value) }));
const SIDES = [
  { value: 'both', title: 'Both at once' },
  { value: 'each', title: 'Each in turn' },
  { value: 'alternate', title: 'Alternating' },
];
const WAYS: readonly { value: Motion; title: string }[] = [
  { value: 'turn', title: 'Turns it' },
  { value: 'circle', title: 'Circles it' },
  { value: 'swing', title: 'Swings it' },
];
const ROOM = [
  { value: 'spot', title: 'On the spot' },
  { value: 'stride', title: 'A stride' },
  { value: 'mat', title: 'A mat' },
  { value: 'lane', title: 'A lane' },
];

function set(change: Partial<Drill>): void {
  draft.value = { ...draft.value, ...change };
}

function setCue(index: number, cue: string): void {
  const cues = [0, 1, 2].map((at) => (at === index ? cue : (draft.value.cues[at] ?? '')));
  const [first = '', ...rest] = cues;
  set({ cues: [first, ...rest] });
}

function setList(field: 'aliases' | 'cautions', text: string): void {
  const parts = text.split('\n').map((part) => part.trim());
  set({
    [field]: parts.filter((part, index) => part !== '' || index === parts.length - 1).filter((part) => part !== ''),
  });
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

function setUsual(change: Partial<Drill['usual']>): void {
  set({ usual: { ...draft.value.usual, ...change } });
}
</script>

<template>
  <fieldset class="grid">
    <v-text-field
      label="Name"
      class="two"
      :model-value="draft.name"
      :error-messages="errors['/name']"
      @update:model-value="(name: string) => set({ name })"
    />
    <v-textarea
      label="Other names, one a line"
      class="two"
      rows="1"
      auto-grow
      :model-value="draft.aliases.join('\n')"
      @update:model-value="(text: string) => setList('aliases', text)"
    />
    <v-select
      label="Phases"
      multiple
      :items="items(PHASES)"
      :model-value="[...draft.phases]"
      @update:model-value="setPhases"
    />
    <v-select
      label="Posture"
      :items="items(POSTURES)"
      :model-value="draft.posture"
      @update:model-value="(posture: Posture) => (draft = inPosture(draft, posture))"
    />
    <v-select
      label="Kit"
      multiple
      :items="items(KIT)"
      :model-value="[...draft.kit]"
      @update:model-value="(kit: Drill['kit']) => set({ kit })"
    />
    <v-select
      label="Room"
      :items="ROOM"
      :model-value="draft.space"
      @update:model-value="(space: Drill['space']) => set({ space })"
    />
    <v-select
      label="Circles or swings a joint"
      clearable
      :items="WAYS"
      :model-value="draft.motion?.how ?? null"
      @update:model-value="(how: Motion | null) => setMotion(how, draft.motion?.joint)"
    />
    <v-select
      v-if="draft.motion"
      label="Which joint"
      :items="items(JOINTS)"
      :model-value="draft.motion.joint"
      @update:model-value="(joint: Joint) => setMotion(draft.motion?.how ?? null, joint)"
    />
    <v-autocomplete
      label="Drawn as"
      clearable
      :items="drawn"
      hint="Whose figure shows it; its posture where none does"
      :model-value="draft.figure || null"
      @update:model-value="(figure: string | null) => set({ figure: figure ?? '' })"
    />
    <v-select
      label="Best seen from"
      :items="items(['front', 'side', 'three-quarter'])"
      :model-value="draft.view"
      @update:model-value="(view: Drill['view']) => set({ view })"
    />
    <TextAmount
      label="Effort, 0 to 10"
      unit="count"
      single
      :least="0"
      :most="10"
      :model-value="just(draft.effort)"
      @update:model-value="setEffort"
    />
  </fieldset>
  <fieldset class="grid">
    <legend>Said aloud in ten seconds</legend>
    <v-text-field
      v-for="index in 3"
      :key="index"
      :label="index === 1 ? 'Cue, the safe one first' : 'Another cue'"
      class="two"
      maxlength="60"
      counter="60"
      :model-value="draft.cues[index - 1] ?? ''"
      :error-messages="index === 1 ? errors['/cues/0'] : undefined"
      @update:model-value="(cue: string) => setCue(index - 1, cue)"
    />
    <v-text-field
      label="Felt in"
      class="two"
      :model-value="draft.felt"
      :error-messages="errors['/felt']"
      @update:model-value="(felt: string) => set({ felt })"
    />
    <v-text-field
      label="Usual fault"
      class="two"
      :model-value="draft.fault.seen"
      :error-messages="errors['/fault/seen']"
      @update:model-value="(seen: string) => set({ fault: { ...draft.fault, seen } })"
    />
    <v-text-field
      label="What to say"
      class="two"
      :model-value="draft.fault.fix"
      :error-messages="errors['/fault/fix']"
      @update:model-value="(fix: string) => set({ fault: { ...draft.fault, fix } })"
    />
    <v-textarea
      label="Cautions, one a line"
      class="two"
      rows="1"
      auto-grow
      :model-value="draft.cautions.join('\n')"
      @update:model-value="(text: string) => setList('cautions', text)"
    />
  </fieldset>
  <fieldset class="grid">
    <legend>Usual dose</legend>
    <v-select
      label="Measured in"
      :items="DOSE_KINDS"
      :model-value="draft.usual.dose.kind"
      @update:model-value="(kind: Drill['usual']['dose']['kind']) => setUsual({ dose: startingDose(kind, draft) })"
    />
    <DoseAmounts :dose="draft.usual.dose" @change="(dose) => setUsual({ dose })" />
    <v-select
      label="Sides"
      :items="SIDES"
      :model-value="draft.usual.sides"
      @update:model-value="(sides: Sides) => setUsual({ sides })"
    />
    <TextAmount
      label="Shortest worth doing"
      unit="time"
      single
      :least="1"
      :most="600"
      :model-value="just(draft.shortestUseful)"
      @update:model-value="({ high }: Range) => set({ shortestUseful: high })"
    />
  </fieldset>
</template>

<style scoped src="./fields.css"></style>
