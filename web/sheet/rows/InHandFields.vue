<script setup lang="ts">
import { GROWING, type Growing } from '@prompt-spark/core/dose/dose';
import { BAND_STRENGTHS, type BandStrength } from '@prompt-spark/core/drills/inHand';
import { GUIDES, type Guide, type Slot } from '@prompt-spark/core/circuit/circuit';
import { readStep } from '@prompt-spark/core/whiteboard/distanceReader';
import { readLoad, writeLoad } from '@prompt-spark/core/whiteboard/inHandReader';
import { writeStep } from '@prompt-spark/core/whiteboard/writeDose';
import { capital } from '../../wording/capital.ts';
import WrittenField from '../../fields/WrittenField.vue';
import { say } from '../say.ts';

/** What is in people's hands and on their legs in a slot, what they are on, what leads them, and how it grows meanwhile. */
const { slotLine } = defineProps<{ slotLine: Slot }>();
const emit = defineEmits<{ change: [change: Partial<Slot>, field: string] }>();

const bands = [
  { value: null, title: say.inHandFields.notSaid },
  ...BAND_STRENGTHS.map((value) => ({ value, title: capital(value) })),
];
const GUIDE_WORDS: Readonly<Record<Guide, string>> = {
  tick: say.inHandFields.tickEachRepetition,
  breath: say.inHandFields.breathInAndOut,
};
const guides = [
  { value: null, title: say.inHandFields.voiceAlone },
  ...GUIDES.map((value) => ({ value, title: GUIDE_WORDS[value] })),
];
const growing = [
  { value: null, title: say.inHandFields.no },
  ...GROWING.map((value) => ({ value, title: capital(value) })),
];
</script>

<template>
  <WrittenField
    :label="say.inHandFields.weight"
    :placeholder="say.inHandFields.exampleWeight"
    :read="readLoad"
    :write="writeLoad"
    :model-value="slotLine.load"
    @update:model-value="(load) => emit('change', { load }, 'load')"
  />
  <v-select
    :label="say.inHandFields.band"
    :items="bands"
    :model-value="slotLine.band"
    @update:model-value="(band: BandStrength | null) => emit('change', { band }, '')"
  />
  <WrittenField
    :label="say.inHandFields.height"
    :placeholder="say.inHandFields.exampleHeight"
    :read="readStep"
    :write="writeStep"
    :model-value="slotLine.height"
    @update:model-value="(height) => emit('change', { height }, 'height')"
  />
  <v-select
    :label="say.inHandFields.ledBy"
    :items="guides"
    :model-value="slotLine.guide"
    @update:model-value="(guide: Guide | null) => emit('change', { guide }, '')"
  />
  <v-select
    :label="say.inHandFields.itGrows"
    :items="growing"
    :model-value="slotLine.growing"
    @update:model-value="(growing: Growing | null) => emit('change', { growing }, '')"
  />
</template>
