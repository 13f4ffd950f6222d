<script setup lang="ts">
import type { Approach } from '@prompt-spark/core/approach/approach';
import { ref } from 'vue';
import { phaseName } from '../wording/phases.ts';
import { useAction } from '../shell/useAction.ts';
import { useStandardsStore } from '../library/standards.ts';
import ApproachForm from './ApproachForm.vue';
import StandardList from './StandardList.vue';
import { say } from './say.ts';

/** The approaches: those that ship, which can be copied, and the studio's own, which can be changed. */
const standards = useStandardsStore();
const editing = ref<Approach | null>(null);
const { act } = useAction();

const shares = ({ order, shares: of }: Approach) =>
  order
    .filter((phase) => (of[phase] ?? 0) > 0)
    .map((phase) => `${phaseName(phase)} ${Math.round((of[phase] ?? 0) * 100)}`)
    .join(' → ');
</script>

<template>
  <StandardList
    v-model="editing"
    kind="approach"
    :standards="standards.approaches"
    :unreadable="standards.unreadable.approaches"
    copied
    :blank="null"
    :take-out="standards.takeOutApproach"
  >
    <template #form="{ start, done }"><ApproachForm :key="start.id" :start="start" @done="done" /></template>
    <template #about>
      {{ say.approachList.approachAnswersWhatPractitioners }}
    </template>
    <template #row="{ one, first }">
      <h2>
        {{ one.name }} <span v-if="first" class="soft small">{{ say.approachList.default }}</span>
      </h2>
      <p>{{ one.says }}</p>
      <p class="soft small">{{ shares(one) }} %</p>
    </template>
    <template #acts="{ one, first }">
      <v-btn v-if="!first" variant="text" @click="act(() => standards.setDefault(one.id))">{{
        say.approachList.makeItTheDefault
      }}</v-btn>
    </template>
  </StandardList>
</template>

<style scoped src="./list.css"></style>
