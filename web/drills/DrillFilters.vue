<script setup lang="ts">
import { mdiTune } from '@mdi/js';
import { DEMANDS } from '@prompt-spark/core/drills/demand';
import type { DrillWish } from '@prompt-spark/core/drills/find';
import { KIT } from '@prompt-spark/core/drills/kit';
import { PHASES } from '@prompt-spark/core/drills/phase';
import { POSTURES } from '@prompt-spark/core/drills/posture';
import { PLANES, TARGETS } from '@prompt-spark/core/drills/target';
import { useMediaQuery } from '@vueuse/core';
import { computed, ref } from 'vue';
import { phaseName } from '../wording/phases.ts';
import { targetWords } from '@prompt-spark/core/drills/targetWords';
import { capital } from '../wording/capital.ts';

/** The search field and what narrows it. */
const words = defineModel<string>('words', { required: true });
const wish = defineModel<DrillWish>('wish', { required: true });

/** On a phone the filters fold away until they are asked for. */
const unfolded = ref(false);
const wide = useMediaQuery('(min-width: 701px)');
const narrowed = computed(() => Object.keys(wish.value).length);
const item = (value: string, title = phaseName(value)) => ({ value, title });
const FILTERS = [
  { key: 'phase', label: 'Phase', items: PHASES.map((value) => item(value)) },
  { key: 'target', label: 'For', items: TARGETS.map((value) => item(value, capital(targetWords(value)))) },
  { key: 'posture', label: 'Posture', items: POSTURES.map((value) => item(value)) },
  { key: 'kit', label: 'Kit', items: [item('none', 'No kit'), ...KIT.map((value) => item(value))] },
  {
    key: 'space',
    label: 'Room',
    items: [item('spot', 'On the spot'), item('stride', 'A stride'), item('mat', 'A mat'), item('lane', 'A lane')],
  },
  { key: 'plane', label: 'Plane', items: PLANES.map((value) => item(value)) },
  { key: 'without', label: 'Without', items: DEMANDS.map((value) => item(value, value)) },
] as const satisfies readonly { key: keyof DrillWish; label: string; items: readonly object[] }[];

function narrow(key: keyof DrillWish, value: string | null): void {
  const { [key]: _, ...rest } = wish.value;
  wish.value = value === null ? rest : { ...rest, [key]: value };
}
</script>

<template>
  <div :class="['filters', { unfolded }]" role="search">
    <v-text-field
      v-model="words"
      class="words"
      label="Name, or what it’s for"
      density="compact"
      clearable
      @click:clear="words = ''"
    />
    <v-btn
      class="unfold"
      variant="outlined"
      :prepend-icon="mdiTune"
      :aria-expanded="unfolded"
      @click="unfolded = !unfolded"
      >{{ narrowed > 0 ? `Filters (${narrowed})` : 'Filters' }}</v-btn
    >
    <v-select
      v-for="filter in wide || unfolded ? FILTERS : []"
      :key="filter.key"
      :label="filter.label"
      :items="filter.items"
      density="compact"
      clearable
      :model-value="wish[filter.key] ?? null"
      @update:model-value="(value: string | null) => narrow(filter.key, value)"
    />
  </div>
</template>

<style scoped>
.filters {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(9.5rem, 1fr));
  gap: 0.6rem;
  margin-bottom: 1.25rem;
}
.words {
  grid-column: span 2;
}
@media (min-width: 701px) {
  .unfold {
    display: none;
  }
}
@media (max-width: 700px) {
  .filters {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
  .words {
    grid-column: auto;
  }
  .unfold {
    min-height: 44px;
  }
  .filters:not(.unfolded) > .v-select {
    display: none;
  }
}
@media (min-width: 1240px) {
  .filters {
    grid-template-columns: minmax(11rem, 1.6fr) repeat(7, minmax(6.75rem, 1fr));
    gap: 0.5rem;
  }
  .words {
    grid-column: auto;
  }
  .filters :deep(.v-field) {
    --v-field-padding-start: 12px;
    --v-field-padding-end: 6px;
  }
}
</style>
