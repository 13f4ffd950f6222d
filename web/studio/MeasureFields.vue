<script setup lang="ts">
import { MEASURE_UNITS, type Measure, type MeasureUnit } from '@prompt-spark/core/measures/measure';
import { REGIONS, type Region } from '@prompt-spark/core/people/region';
import { ref } from 'vue';
import { capital } from '../wording/capital.ts';
import FormFrame from '../fields/FormFrame.vue';
import LinesField from '../fields/LinesField.vue';
import { useForm } from '../fields/useForm.ts';
import { useStandardsStore } from '../library/standards.ts';
import { say } from './say.ts';

/** Changes a measure of the studio's own: what it is called, how it is taken, and what of it is worth noticing. */
const { start } = defineProps<{ start: Measure }>();
const emit = defineEmits<{ done: [] }>();
const standards = useStandardsStore();
const draft = ref<Measure>(start);
const noticeable = ref(String(start.noticeable));
const BETTER = [
  { value: 'more', title: say.measureFields.more },
  { value: 'less', title: say.measureFields.less },
] as const;
const PARTS: readonly { readonly value: Region | null; readonly title: string }[] = [
  { value: null, title: say.measureFields.none },
  ...REGIONS.map((value) => ({ value, title: capital(value) })),
];

const { errors, trouble, busy, submit } = useForm(
  async () => (await import('@prompt-spark/contract/measure')).measureSchema,
  async (measure) => {
    await standards.keepMeasure(measure);
    emit('done');
  },
);
const change = (part: Partial<Measure>) => (draft.value = { ...draft.value, ...part });

function keep(): Promise<void> {
  return submit({ ...draft.value, noticeable: Number(noticeable.value.trim().replace(',', '.')) });
}
</script>

<template>
  <FormFrame
    :save="say.measureFields.saveMeasure"
    :trouble="trouble"
    :errors="errors"
    :busy="busy"
    :leave="null"
    @keep="keep"
    @cancel="emit('done')"
  >
    <div class="fields">
      <v-text-field
        :label="say.measureFields.name"
        maxlength="60"
        :model-value="draft.name"
        :error-messages="errors['/name'] ?? errors['/document/name'] ?? ''"
        @update:model-value="(name: string) => change({ name })"
      />
      <v-select
        :label="say.measureFields.countedIn"
        :items="[...MEASURE_UNITS]"
        :model-value="draft.unit"
        @update:model-value="(unit: MeasureUnit) => change({ unit })"
      />
      <v-select
        :label="say.measureFields.whichIsBetter"
        :items="BETTER"
        :model-value="draft.better"
        @update:model-value="(better: Measure['better']) => change({ better })"
      />
      <v-text-field
        v-model="noticeable"
        :label="say.measureFields.changeWorthNoticing"
        inputmode="decimal"
        :suffix="draft.unit"
        :error-messages="errors['/noticeable'] ?? ''"
      />
      <LinesField
        class="wide"
        :label="say.measureFields.howItIsTaken"
        :rows="3"
        :error-messages="errors['/how'] ?? ''"
        :model-value="draft.how"
        @update:model-value="(how: readonly string[]) => change({ how })"
      />
      <v-checkbox
        :label="say.measureFields.leftAndRight"
        hide-details
        :model-value="draft.sided"
        @update:model-value="(sided) => change({ sided: sided === true })"
      />
      <v-select
        v-if="draft.sided"
        :label="say.measureFields.showsTheStifferSide"
        :items="PARTS"
        :model-value="draft.region"
        @update:model-value="(region: Region | null) => change({ region })"
      />
    </div>
  </FormFrame>
</template>

<style scoped src="./form.css"></style>
