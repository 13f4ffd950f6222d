<script setup lang="ts">
import type { Drill } from '@prompt-spark/core/drills/drill';
import LinesField from '../fields/LinesField.vue';
import { say } from './say.ts';

/** What a coach says of a drill: its cues, where it is felt, its usual fault and its cautions. */
const draft = defineModel<Drill>({ required: true });
defineProps<{ errors: Readonly<Record<string, string>> }>();

function set(change: Partial<Drill>): void {
  draft.value = { ...draft.value, ...change };
}

function setCue(index: number, cue: string): void {
  const cues = [0, 1, 2].map((at) => (at === index ? cue : (draft.value.cues[at] ?? '')));
  const [first = '', ...rest] = cues;
  set({ cues: [first, ...rest] });
}
</script>

<template>
  <fieldset class="grid">
    <legend>{{ say.drillSaid.saidAloudInTen }}</legend>
    <v-text-field
      v-for="index in 3"
      :key="index"
      :label="index === 1 ? say.drillSaid.cueTheSafeOne : say.drillSaid.anotherCue"
      class="two"
      maxlength="60"
      counter="60"
      :model-value="draft.cues[index - 1] ?? ''"
      :error-messages="index === 1 ? errors['/cues/0'] : undefined"
      @update:model-value="(cue: string) => setCue(index - 1, cue)"
    />
    <v-text-field
      :label="say.drillSaid.feltIn"
      class="two"
      :model-value="draft.felt"
      :error-messages="errors['/felt']"
      @update:model-value="(felt: string) => set({ felt })"
    />
    <v-text-field
      :label="say.drillSaid.usualFault"
      class="two"
      :model-value="draft.fault.seen"
      :error-messages="errors['/fault/seen']"
      @update:model-value="(seen: string) => set({ fault: { ...draft.fault, seen } })"
    />
    <v-text-field
      :label="say.drillSaid.whatToSay"
      class="two"
      :model-value="draft.fault.fix"
      :error-messages="errors['/fault/fix']"
      @update:model-value="(fix: string) => set({ fault: { ...draft.fault, fix } })"
    />
    <LinesField
      :label="say.drillSaid.cautionsOneALine"
      class="two"
      :model-value="draft.cautions"
      @update:model-value="(cautions: readonly string[]) => set({ cautions })"
    />
  </fieldset>
</template>

<style scoped src="./fields.css"></style>
