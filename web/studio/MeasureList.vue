<script setup lang="ts">
import { mdiPlus } from '@mdi/js';
import { ALIKE, TRADE, type Measure } from '@prompt-spark/core/measures/measure';
import { ref } from 'vue';
import { useAction } from '../shell/useAction.ts';
import UnreadableNote from '../loading/UnreadableNote.vue';
import { useStandardsStore } from '../library/standards.ts';
import MeasureFields from './MeasureFields.vue';

/** What a coach measures of people in a minute: what ships, and the studio's own. */
const standards = useStandardsStore();
const editing = ref<Measure | null>(null);
const { act } = useAction();

const isOwn = ({ id }: Measure) => standards.versionOf(id) !== null;
const what = ({ unit, sided, better }: Measure): string =>
  `${unit}${sided ? ', left and right' : ''}; ${better} is better`;

function add(): void {
  editing.value = {
    id: crypto.randomUUID(),
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
  };
}
</script>

<template>
  <MeasureFields v-if="editing" :key="editing.id" :start="editing" @done="editing = null" />
  <template v-else>
    <p class="soft about">
      Taken on a person’s page, under Measures. Nothing is diagnosed: people are compared with themselves, and whatever
      hurts is not measured.
    </p>
    <p>
      <v-btn :prepend-icon="mdiPlus" variant="outlined" @click="add">Add a measure</v-btn>
    </p>
    <UnreadableNote
      what="measure of your own"
      :unreadable="standards.unreadable.measures"
      @take-out="(id) => act(() => standards.takeOutMeasure(id))"
    />
    <ul class="list">
      <li v-for="measure in standards.measures" :key="measure.id">
        <div>
          <h2>{{ measure.name }}</h2>
          <p>{{ what(measure) }}</p>
          <p class="soft small">{{ measure.how.join(' ') }}</p>
        </div>
        <p v-if="isOwn(measure)" class="acts">
          <v-btn variant="outlined" @click="editing = measure">Edit</v-btn>
          <v-btn variant="text" @click="act(() => standards.takeOutMeasure(measure.id))">Remove</v-btn>
        </p>
      </li>
    </ul>
  </template>
</template>

<style scoped src="./list.css"></style>
