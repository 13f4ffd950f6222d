<script setup lang="ts">
import type { Approach, Caps } from '@prompt-spark/core/approach/approach';
import { readLiftSteps } from '@prompt-spark/core/whiteboard/liftReader';
import { writeLiftSteps } from '@prompt-spark/core/whiteboard/writeDose';
import { RULE_IDS } from '@prompt-spark/core/review/facts';
import { computed, ref } from 'vue';
import { useForm } from '../fields/useForm.ts';
import FormFrame from '../fields/FormFrame.vue';
import NumberField from '../fields/NumberField.vue';
import WrittenField from '../fields/WrittenField.vue';
import { useStandardsStore } from '../library/standards.ts';
import PhaseShares from './PhaseShares.vue';
import { ruleName } from '../wording/findingWords.ts';
import { say } from './say.ts';

/** Changes an approach of the studio's own. */
const { start } = defineProps<{ start: Approach }>();
const emit = defineEmits<{ done: [] }>();
const standards = useStandardsStore();
const draft = ref<Approach>(start);

const { errors, trouble, busy, submit } = useForm(
  async () => (await import('@prompt-spark/contract/standard')).approachSchema,
  async (approach) => {
    await standards.keepApproach(approach);
    emit('done');
  },
);
const change = (part: Partial<Approach>) => (draft.value = { ...draft.value, ...part });

const CAPS: readonly { readonly key: keyof Caps; readonly label: string; readonly most: number }[] = [
  { key: 'holdWarn', label: say.approachForm.warnOfHoldsOver, most: 600 },
  { key: 'holdStop', label: say.approachForm.objectToHolds, most: 600 },
  { key: 'rollArea', label: say.approachForm.rollingOneAreaS, most: 600 },
  { key: 'rollAll', label: say.approachForm.rollingAltogether, most: 3600 },
  { key: 'raiseBeforeFast', label: say.approachForm.raiseBeforeAnythingFast, most: 600 },
  { key: 'effort', label: say.approachForm.effortBeforeFast, most: 10 },
];
const rules = RULE_IDS.map((value) => ({ value, title: ruleName(value) }));
const SIDES: readonly { readonly value: Approach['sides']; readonly title: string }[] = [
  { value: 'as the drill prefers', title: say.approachForm.asTheDrillPrefers },
  { value: 'alternating', title: say.approachForm.alternating },
];
const hidden = computed(() => Math.round(draft.value.caps.hidden * 100));
</script>

<template>
  <FormFrame
    :save="say.approachForm.saveApproach"
    :trouble="trouble"
    :errors="errors"
    :busy="busy"
    :leave="null"
    @keep="submit(draft)"
    @cancel="emit('done')"
  >
    <div class="fields">
      <v-text-field
        :label="say.approachForm.name"
        maxlength="60"
        :model-value="draft.name"
        :error-messages="errors['/name'] ?? errors['/document/name'] ?? ''"
        @update:model-value="(name: string) => change({ name })"
      />
      <v-text-field
        class="wide"
        :label="say.approachForm.whatItStands"
        maxlength="200"
        :model-value="draft.says"
        :error-messages="errors['/says'] ?? ''"
        @update:model-value="(says: string) => change({ says })"
      />
    </div>
    <PhaseShares :approach="draft" @change="change" />
    <div class="fields">
      <v-select
        :label="say.approachForm.sides"
        :items="SIDES"
        :model-value="draft.sides"
        @update:model-value="(sides: Approach['sides']) => change({ sides })"
      />
      <NumberField
        v-for="{ key, label, most } in CAPS"
        :key="key"
        :label="label"
        :most="most"
        :model-value="draft.caps[key]"
        @update:model-value="(value) => change({ caps: { ...draft.caps, [key]: value } })"
      />
      <NumberField
        :label="say.approachForm.longestWarmUpMinutes"
        :most="120"
        :model-value="Math.round(draft.caps.whole / 60)"
        @update:model-value="(minutes) => change({ caps: { ...draft.caps, whole: minutes * 60 } })"
      />
      <NumberField
        :label="say.approachForm.timeBetween"
        :most="100"
        :model-value="hidden"
        @update:model-value="(value) => change({ caps: { ...draft.caps, hidden: value / 100 } })"
      />
    </div>
    <WrittenField
      class="ramp"
      :label="say.approachForm.setsOnTheWay"
      :placeholder="say.approachForm.exampleSets"
      :read="readLiftSteps"
      :write="writeLiftSteps"
      :model-value="draft.rampUp"
      @update:model-value="(rampUp) => change({ rampUp })"
    />
    <v-select
      :label="say.approachForm.checksToSkip"
      multiple
      chips
      :items="rules"
      :model-value="draft.without"
      @update:model-value="(without: readonly string[]) => change({ without })"
    />
  </FormFrame>
</template>

<style scoped src="./form.css"></style>
