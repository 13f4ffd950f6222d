<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { LIMIT_SEVERITIES, type Limit, type LimitSide } from '@prompt-spark/core/people/limitation';
import { limitationOf } from '@prompt-spark/core/people/limitations';
import DayField from '../fields/DayField.vue';
import { limitName } from '../wording/limitWords.ts';
import { say } from './say.ts';

/** What to mind of somebody, a line each: how much, where and until when. */
const { limits } = defineProps<{ limits: readonly Limit[] }>();
const emit = defineEmits<{ change: [limits: readonly Limit[]] }>();

const SEVERITY_WORDS = {
  watch: say.limitFields.watchIt,
  'pain-free': say.limitFields.onlyPainFree,
  ease: say.limitFields.goEasy,
  avoid: say.limitFields.avoidIt,
} as const;
const severities = LIMIT_SEVERITIES.map((value) => ({ value, title: SEVERITY_WORDS[value] }));
const SIDES: readonly { readonly value: LimitSide; readonly title: string }[] = [
  { value: 'both', title: say.limitFields.both },
  { value: 'left', title: say.limitFields.left },
  { value: 'right', title: say.limitFields.right },
];
const MOST = [
  { value: 0, title: say.limitFields.noneOf },
  { value: 1, title: say.limitFields.little },
  { value: 2, title: say.limitFields.notFully },
];
const sided = (limit: Limit) => limit.kind === 'own' || limitationOf(limit.limitationId)?.sided === true;
const means = (limit: Limit) => (limit.kind === 'known' ? (limitationOf(limit.limitationId)?.means ?? '') : '');

function set(index: number, limit: Limit): void {
  emit('change', limits.with(index, limit));
}
</script>

<template>
  <fieldset>
    <legend>{{ say.limitFields.howCareful }}</legend>
    <ul>
      <li v-for="(limit, index) in limits" :key="index">
        <span class="name">
          <strong>{{ limitName(limit) }}</strong>
          <span class="soft small">{{ means(limit) }}</span>
        </span>
        <v-select
          v-if="limit.kind === 'known'"
          :label="say.limitFields.carefulness"
          density="compact"
          :items="severities"
          :model-value="limit.severity"
          @update:model-value="(severity) => set(index, { ...limit, severity })"
        />
        <v-select
          v-else-if="limit.capped !== 'effort'"
          :label="say.limitFields.atMost"
          density="compact"
          :items="MOST"
          :model-value="limit.most"
          @update:model-value="(most) => set(index, { ...limit, most })"
        />
        <v-text-field
          v-else
          :label="say.limitFields.effortUp"
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
          :label="say.limitFields.where"
          density="compact"
          :disabled="!sided(limit)"
          :items="SIDES"
          :model-value="limit.side"
          @update:model-value="(side) => set(index, { ...limit, side })"
        />
        <DayField
          :label="say.limitFields.until"
          density="compact"
          clearable
          :model-value="limit.until"
          @update:model-value="(until) => set(index, { ...limit, until })"
        />
        <v-btn
          :icon="mdiClose"
          variant="text"
          :aria-label="say.limitFields.remove(limitName(limit))"
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
