<script setup lang="ts">
import type { Approach } from '@prompt-spark/core/approach/approach';
import { ref } from 'vue';
import { phaseName } from '../wording/phases.ts';
import { useAction } from '../shell/useAction.ts';
import UnreadableNote from '../loading/UnreadableNote.vue';
import { useStandardsStore } from '../library/standards.ts';
import ApproachForm from './ApproachForm.vue';

/** The approaches: those that ship, which can be copied, and the studio's own, which can be changed. */
const standards = useStandardsStore();
const editing = ref<Approach | null>(null);
const { act } = useAction();

const isOwn = ({ id }: Approach) => standards.versionOf(id) !== null;
const shares = ({ order, shares: of }: Approach) =>
  order
    .filter((phase) => (of[phase] ?? 0) > 0)
    .map((phase) => `${phaseName(phase)} ${Math.round((of[phase] ?? 0) * 100)}`)
    .join(' → ');

function copy(approach: Approach): void {
  editing.value = { ...approach, id: crypto.randomUUID(), name: `${approach.name}, our way` };
}
</script>

<template>
  <ApproachForm v-if="editing" :key="editing.id" :start="editing" @done="editing = null" />
  <template v-else>
    <p class="soft about">
      An approach answers what practitioners disagree about: the order, what is essential, how long a hold may be. The
      first one is the default. Copy one to change it.
    </p>
    <UnreadableNote
      what="approach of your own"
      :unreadable="standards.unreadable.approaches"
      @take-out="(id) => act(() => standards.takeOutApproach(id))"
    />
    <ul class="list">
      <li v-for="(approach, index) in standards.approaches" :key="approach.id">
        <div>
          <h2>{{ approach.name }} <span v-if="index === 0" class="soft small">the default</span></h2>
          <p>{{ approach.says }}</p>
          <p class="soft small">{{ shares(approach) }} %</p>
        </div>
        <p class="acts">
          <v-btn v-if="index > 0" variant="text" @click="act(() => standards.setDefault(approach.id))"
            >Make it the default</v-btn
          >
          <v-btn variant="text" @click="copy(approach)">Copy and edit</v-btn>
          <template v-if="isOwn(approach)">
            <v-btn variant="outlined" @click="editing = approach">Edit</v-btn>
            <v-btn variant="text" @click="act(() => standards.takeOutApproach(approach.id))">Remove</v-btn>
          </template>
        </p>
      </li>
    </ul>
  </template>
</template>

<style scoped src="./list.css"></style>
