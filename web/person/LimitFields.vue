<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { LIMIT_SEVERITIES, type Limit, type LimitSide } from '@prompt-spark/core/people/limitation';
import { limitationOf } from '@prompt-spark/core/people/limitations';
import DayField from '../fields/DayField.vue';

/** What to mind of somebody, a line each: how much, where and until when. */
const { limits } = defineProps<{ limits: readonly Limit[] }>();
const emit = defineEmits<{ change: [limits: readonly Limit[]] }>();

const SEVERITY_WORDS = {
  watch: 'watch it',
  'pain-free': 'only pain-free',
  ease: 'go easy',
  avoid: 'avoid it',
} as const;
const severities = LIMIT_SEVERITIES.map((value) => ({ value, title: SEVERITY_WORDS[value] }));
const SIDES: readonly { readonly value: LimitSide; readonly title: string }[] = [
  { value: 'both', title: 'both' },
  { value: 'left', title: 'left' },
  { value: 'right', title: 'right' },
];
const MOST = [
  { value: 0, title: 'none of it' },
  { value: 1, title: 'a little' },
  { value: 2, title: 'not fully' },
];
const sided = (limit: Limit) => limit.kind === 'own' || limitationOf(limit.limitationId)?.sided === true;
const means = (limit: Limit) => (limit.kind === 'known' ? (limitationOf(limit.limitationId)?.means ?? '') : '');

function set(index: number, limit: Limit): void {
  emit('change', limits.with(index, limit));
}
</script>

<template>
  <fieldset>
    <legend>How careful to be</legend>
    <ul>
      <li v-for="(limit, index) in limits" :key="index">
        <span class="name">
          <strong>{{ limit.kind === 'known' ? limitationOf(limit.limitationId)?.name : limit.capped }}</strong>
          <span class="soft small">{{ means(limit) }}</span>
        </span>
        <v-select
          v-if="limit.kind === 'known'"
          label="How careful"
          density="compact"
          :items="severities"
          :model-value="limit.severity"
          @update:model-value="(severity) => set(index, { ...limit, severity })"
        />
        <v-select
          v-else-if="limit.capped !== 'effort'"
          label="At most"
          density="compact"
          :items="MOST"
          :model-value="limit.most"
          @update:model-value="(most) => set(index, { ...limit, most })"
        />
        <v-text-field
          v-else
          label="Effort up to"
          density="compact"
          type="number"
          min="0"
          max="10"
          :model-value="limit.most"
          @update:model-value="
            (most: string) => set(index, { ...limit, most: Math.min(10, Math.max(0, Number(most))) })
          "
        />
        <v-select
          label="Where"
          density="compact"
          :disabled="!sided(limit)"
          :items="SIDES"
          :model-value="limit.side"
          @update:model-value="(side) => set(index, { ...limit, side })"
        />
        <DayField
          label="Until"
          density="compact"
          clearable
          :model-value="limit.until"
          @update:model-value="(until) => set(index, { ...limit, until })"
        />
        <v-btn
          :icon="mdiClose"
          variant="text"
          :aria-label="`Remove ${limit.kind === 'known' ? limitationOf(limit.limitationId)?.name : limit.capped}`"
          @click="emit('change', limits.toSpliced(index, 1))"
        />
      </li>
    </ul>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
}
legend {
  margin-bottom: 0.5rem;
  font-weight: 600;
}
ul {
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 8rem 8rem 10rem 44px;
  align-items: center;
  gap: 0.6rem;
  padding: 0.4rem 0;
  border-top: 1px solid var(--line);
}
.name {
  display: grid;
}
@media (max-width: 700px) {
  li {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
  .name {
    grid-column: 1 / -1;
  }
}
</style>
