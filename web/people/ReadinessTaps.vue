<script setup lang="ts">
import type { PersonDocument, PersonRecord } from '@prompt-spark/contract/person';
import { READINESS, type Readiness, type ReadinessOnDay } from '@prompt-spark/core/people/person';
import { REGIONS, type Region } from '@prompt-spark/core/people/region';
import { withReadiness, withSoreRegion } from '@prompt-spark/core/people/readiness';
import { ref } from 'vue';
import TapRow from '../fields/TapRow.vue';
import { usePeopleStore } from './people.ts';
import { say } from './say.ts';

/** How somebody comes today, one tap each; where, if sore. A red flag and a return hold them to light effort. */
const { record, today, state } = defineProps<{ record: PersonRecord; today: string; state: ReadinessOnDay }>();
const people = usePeopleStore();
const trouble = ref('');

async function keep(make: (document: PersonDocument) => PersonDocument): Promise<void> {
  trouble.value = '';
  try {
    await people.change(record.id, make);
  } catch (error) {
    trouble.value = error instanceof Error ? error.message : say.readinessTaps.itCouldNot;
  }
}

const tap = (state: Readiness) => keep((document) => withReadiness(document, today, state));
const tapSore = (region: Region) => keep((document) => withSoreRegion(document, today, region));
</script>

<template>
  <div class="taps">
    <TapRow
      :label="say.readinessTaps.howTheyCome(record.document.name)"
      :words="READINESS"
      :on="[state.state]"
      single
      :grave="say.readinessTaps.redFlag"
      @tap="tap"
    />
    <TapRow
      v-if="state.state === 'sore'"
      :label="say.readinessTaps.where"
      :words="REGIONS"
      :on="state.sore"
      :single="false"
      grave=""
      @tap="tapSore"
    />
    <p v-if="trouble" class="bad small" role="alert">{{ trouble }}</p>
  </div>
</template>

<style scoped>
.bad {
  color: var(--brick);
}
</style>
