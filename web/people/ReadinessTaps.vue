<script setup lang="ts">
import type { PersonDocument, PersonRecord } from '@prompt-spark/contract/person';
import { READINESS, REGIONS, type Readiness, type ReadinessOnDay, type Region } from '@prompt-spark/core/people/person';
import { withReadiness, withSoreRegion } from '@prompt-spark/core/people/readiness';
import { ref } from 'vue';
import { usePeopleStore } from './people.ts';

/** How somebody comes today, one tap each; where, if sore. A red flag and a return hold them to light effort. */
const { record, today, state } = defineProps<{ record: PersonRecord; today: string; state: ReadinessOnDay }>();
const people = usePeopleStore();
const trouble = ref('');

async function keep(make: (document: PersonDocument) => PersonDocument): Promise<void> {
  trouble.value = '';
  try {
    await people.change(record.id, make);
  } catch (error) {
    trouble.value = error instanceof Error ? error.message : 'It could not be kept. Try again.';
  }
}

const tap = (state: Readiness) => keep((document) => withReadiness(document, today, state));
const tapSore = (region: Region) => keep((document) => withSoreRegion(document, today, region));
</script>

<template>
  <div class="taps">
    <div role="radiogroup" :aria-label="`How ${record.document.name} comes today`" class="states">
      <button
        v-for="one in READINESS"
        :key="one"
        type="button"
        role="radio"
        :class="[one.replace(' ', '-'), { on: state.state === one }]"
        :aria-checked="state.state === one"
        @click="tap(one)"
      >
        {{ one }}
      </button>
    </div>
    <div v-if="state.state === 'sore'" role="group" aria-label="Where" class="states">
      <button
        v-for="region in REGIONS"
        :key="region"
        type="button"
        :class="{ on: state.sore.includes(region) }"
        :aria-pressed="state.sore.includes(region)"
        @click="tapSore(region)"
      >
        {{ region }}
      </button>
    </div>
    <p v-if="trouble" class="bad small" role="alert">{{ trouble }}</p>
  </div>
</template>

<style scoped>
.states {
  display: flex;
  flex-wrap: wrap;
}
button {
  min-height: 44px;
  padding: 0 0.6rem;
  border: 0;
  border-radius: 8px;
  background: none;
  font: 500 0.9375rem var(--text);
  color: var(--soft);
  cursor: pointer;
}
button:hover {
  color: var(--ink);
}
button.on {
  background: var(--damson);
  color: var(--card);
}
button.red-flag.on {
  background: var(--brick);
}
.bad {
  color: var(--brick);
}
</style>
