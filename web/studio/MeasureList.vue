<script setup lang="ts">
import { ALIKE, TRADE, type Measure } from '@prompt-spark/core/measures/measure';
import { ref } from 'vue';
import { useStandardsStore } from '../library/standards.ts';
import MeasureFields from './MeasureFields.vue';
import StandardList from './StandardList.vue';
import { say } from './say.ts';

/** What a coach measures of people in a minute: what ships, and the studio's own. */
const standards = useStandardsStore();
const editing = ref<Measure | null>(null);

const what = ({ unit, sided, better }: Measure): string => say.measureList.what(unit, sided, better);

const blank = (id: string): Measure => ({
  id,
  name: '',
  unit: 's',
  sided: false,
  better: 'more',
  least: 0,
  most: 1000,
  how: [],
  region: null,
  drillId: null,
  ordinary: ALIKE,
  noticeable: 5,
  usual: '',
  source: TRADE,
});
</script>

<template>
  <StandardList
    v-model="editing"
    kind="measure"
    :standards="standards.measures"
    :unreadable="standards.unreadable.measures"
    :blank="blank"
    :take-out="standards.takeOutMeasure"
  >
    <template #form="{ start, done }"><MeasureFields :key="start.id" :start="start" @done="done" /></template>
    <template #about>
      {{ say.measureList.takenOnAPersons }}
    </template>
    <template #row="{ one }">
      <h2>{{ one.name }}</h2>
      <p>{{ what(one) }}</p>
      <p class="soft small">{{ one.how.join(' ') }}</p>
    </template>
  </StandardList>
</template>

<style scoped src="./list.css"></style>
