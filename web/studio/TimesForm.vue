<script setup lang="ts">
import { USUAL_TIMES, type TradeTimes } from '@prompt-spark/core/occasion/trade';
import { computed, ref } from 'vue';
import { useForm } from '../fields/useForm.ts';
import FormTrouble from '../fields/FormTrouble.vue';
import NumberField from '../fields/NumberField.vue';
import { useStandardsStore } from '../library/standards.ts';
import { TIMES_GROUPS } from './timesFields.ts';
import { say } from './say.ts';

/** The seconds that the studio counts for changes, talk and kit, with those of the trade beside. */
const standards = useStandardsStore();
const draft = ref<TradeTimes>(standards.times);
const changed = computed(() => JSON.stringify(draft.value) !== JSON.stringify(standards.times));
const usual = computed(() => JSON.stringify(draft.value) === JSON.stringify(USUAL_TIMES));

/** Seconds that any one of them may take. */
const MOST = 120;

const { errors, trouble, busy, submit } = useForm(
  async () => (await import('@prompt-spark/contract/standard')).studioTimesSchema,
  ({ times }) => standards.keepTimes(times),
);
const keep = (): Promise<void> => submit({ times: usual.value ? null : draft.value });
</script>

<template>
  <form class="times" novalidate @submit.prevent="keep">
    <p class="soft about">
      {{ say.timesForm.whatComesBetweenTwo }}
    </p>
    <fieldset v-for="{ title, fields } in TIMES_GROUPS" :key="title">
      <legend>{{ title }}</legend>
      <div v-for="{ label, get, set } in fields" :key="label" class="one">
        <NumberField
          :label="say.timesForm.inSeconds(label)"
          :most="MOST"
          :model-value="get(draft)"
          @update:model-value="(value) => (draft = set(draft, Math.round(value * 2) / 2))"
        />
        <p :class="['small', get(draft) === get(USUAL_TIMES) ? 'soft' : 'own']">
          {{ say.timesForm.usually(get(USUAL_TIMES)) }}
        </p>
      </div>
    </fieldset>
    <FormTrouble :trouble="trouble" :errors="errors" />
    <p class="acts">
      <v-btn type="submit" color="primary" :loading="busy" :disabled="!changed">{{ say.timesForm.save }}</v-btn>
      <v-btn variant="text" :disabled="usual" @click="draft = USUAL_TIMES">{{ say.timesForm.asUsual }}</v-btn>
    </p>
  </form>
</template>

<style scoped>
.times {
  display: grid;
  gap: 1.25rem;
  max-width: 60rem;
}
fieldset {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 13rem), 1fr));
  gap: 0.6rem 0.9rem;
  padding: 0;
  border: 0;
}
legend {
  margin-bottom: 0.5rem;
  font-weight: 650;
}
.one p {
  margin: 0.2rem 0 0 0.9rem;
}
.own {
  color: var(--damson);
  font-weight: 600;
}
.acts {
  display: flex;
  gap: 0.5rem;
}
</style>
