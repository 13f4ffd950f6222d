<script setup lang="ts">
import type { PersonDocument, PersonRecord } from '@prompt-spark/contract/person';
import {
  READINESS,
  readinessOn,
  REGIONS,
  type Readiness,
  type ReadinessOnDay,
  type Region,
} from '@prompt-spark/core/limits/person';
import { ref } from 'vue';
import { usePeopleStore } from '../../stores/people.ts';

/** How somebody comes today, one tap each; where, if sore. A red flag and a return hold them to light effort. */
const { record, today, state } = defineProps<{ record: PersonRecord; today: string; state: ReadinessOnDay }>();
const people = usePeopleStore();
const trouble = ref('');

const HOLDS: Readonly<Partial<Record<Readiness, 'red flag' | 'operation or illness'>>> = {
  'red flag': 'red flag',
  returning: 'operation or illness',
};

async function keep(make: (document: PersonDocument) => PersonDocument): Promise<void> {
  trouble.value = '';
  try {
    await people.change(record.id, make);
  } catch (error) {
    trouble.value = error instanceof Error ? error.message : 'It could not be kept. Try again.';
  }
}

function tap(next: Readiness): Promise<void> {
  const why = HOLDS[next];
  return keep((document) => {
    const held = why !== undefined && !document.holds.some((hold) => hold.why === why && hold.clearedOn === '');
    const holds = held ? [...document.holds, { since: today, why, clearedBy: '', clearedOn: '' }] : document.holds;
    return { ...document, holds, readiness: { day: today, state: next, sore: [] } };
  });
}

function tapSore(region: Region): Promise<void> {
  return keep((document) => {
    const { sore: now } = readinessOn(document, today);
    const sore = now.includes(region) ? now.filter((one) => one !== region) : [...now, region];
    return { ...document, readiness: { day: today, state: 'sore', sore } };
  });
}
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
