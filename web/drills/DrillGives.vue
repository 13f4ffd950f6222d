<script setup lang="ts">
import type { Drill } from '@prompt-spark/core/drills/drill';
import { DEMANDS, demandOf, type Demand } from '@prompt-spark/core/drills/demand';
import { baseOf } from '@prompt-spark/core/drills/drill';
import { PLANES, TARGETS, type Plane } from '@prompt-spark/core/drills/target';
import { computed } from 'vue';
import { targetWords } from '../wording/targetWords.ts';
import { capital } from '../wording/capital.ts';
import { ASKED } from './drillWords.ts';
import { withDemand } from './drillDraft.ts';
import { say } from './say.ts';

/** What a drill prepares, and what it asks. */
const draft = defineModel<Drill>({ required: true });

const base = computed(() => baseOf(draft.value));
const targets = TARGETS.map((value) => ({ value, title: capital(targetWords(value)) }));
const demands = DEMANDS.map((value) => ({ value, title: value }));
const asked = computed(() => DEMANDS.filter((demand) => demandOf(base.value.demands, demand) > 0));
const STRENGTHS = [0.3, 0.6, 0.9].map((value, index) => ({
  value,
  title: [say.drillGives.little, say.drillGives.well, say.drillGives.mostOfAll][index] ?? '',
}));
const STEPS = ([1, 2, 3] as const).map((value) => ({ value, title: ASKED[value] }));

function choose(chosen: readonly string[]): void {
  const known = TARGETS.filter((target) => chosen.includes(target));
  const next = Object.fromEntries(known.map((target) => [target, draft.value.targets[target] ?? 0.6]));
  draft.value = { ...draft.value, targets: next };
}

function strengthen(target: string, strength: number): void {
  draft.value = { ...draft.value, targets: { ...draft.value.targets, [target]: strength } };
}

function ask(chosen: readonly Demand[]): void {
  for (const demand of DEMANDS) {
    const has = demandOf(base.value.demands, demand) > 0;
    if (has !== chosen.includes(demand)) draft.value = withDemand(draft.value, demand, has ? 0 : 1);
  }
}
</script>

<template>
  <fieldset class="grid">
    <legend>{{ say.drillGives.whatItPrepares }}</legend>
    <v-select
      class="two"
      :label="say.drillGives.targets"
      multiple
      :items="targets"
      :model-value="Object.keys(draft.targets)"
      @update:model-value="choose"
    />
    <v-select
      :label="say.drillGives.planes"
      multiple
      :items="PLANES.map((value) => ({ value, title: capital(value) }))"
      :model-value="[...draft.planes]"
      @update:model-value="(planes: Plane[]) => (draft = { ...draft, planes })"
    />
    <v-select
      v-for="(strength, target) in draft.targets"
      :key="target"
      :label="capital(targetWords(target))"
      :items="
        STRENGTHS.some(({ value }) => value === strength)
          ? STRENGTHS
          : [...STRENGTHS, { value: strength, title: String(strength) }]
      "
      :model-value="strength"
      @update:model-value="(value: number) => strengthen(target, value)"
    />
  </fieldset>
  <fieldset class="grid">
    <legend>{{ say.drillGives.whatItAsks }}</legend>
    <v-select
      class="two"
      :label="say.drillGives.askedOf"
      multiple
      :items="demands"
      :model-value="asked"
      @update:model-value="ask"
    />
    <v-select
      v-for="demand in asked"
      :key="demand"
      :label="demand"
      :items="STEPS"
      :model-value="demandOf(base.demands, demand)"
      @update:model-value="(value: number) => (draft = withDemand(draft, demand, value))"
    />
  </fieldset>
</template>

<style scoped src="./fields.css"></style>
