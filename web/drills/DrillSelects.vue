<script setup lang="ts">
import { DEMANDS } from '@prompt-spark/core/drills/demand';
import type { DrillWish } from '@prompt-spark/core/drills/find';
import { KIT } from '@prompt-spark/core/drills/kit';
import { PHASES } from '@prompt-spark/core/drills/phase';
import { POSTURES } from '@prompt-spark/core/drills/posture';
import { PLANES, TARGETS } from '@prompt-spark/core/drills/target';
import { targetWords } from '../wording/targetWords.ts';
import { capital } from '../wording/capital.ts';
import { phaseName } from '../wording/phases.ts';
import { say } from './say.ts';

/** What drills can be narrowed by, a field each. */
const wish = defineModel<DrillWish>({ required: true });
const item = (value: string, title = capital(value)) => ({ value, title });
const FILTERS = [
  { key: 'phase', label: say.drillSelects.phase, items: PHASES.map((value) => item(value, phaseName(value))) },
  {
    key: 'target',
    label: say.drillSelects.for,
    items: TARGETS.map((value) => item(value, capital(targetWords(value)))),
  },
  { key: 'posture', label: say.drillSelects.posture, items: POSTURES.map((value) => item(value)) },
  {
    key: 'kit',
    label: say.drillSelects.kit,
    items: [item('none', say.drillSelects.noKit), ...KIT.map((value) => item(value))],
  },
  {
    key: 'space',
    label: say.drillSelects.room,
    items: [
      item('spot', say.drillSelects.onTheSpot),
      item('stride', say.drillSelects.stride),
      item('mat', say.drillSelects.mat),
      item('lane', say.drillSelects.lane),
    ],
  },
  { key: 'plane', label: say.drillSelects.plane, items: PLANES.map((value) => item(value)) },
  { key: 'without', label: say.drillSelects.without, items: DEMANDS.map((value) => item(value, value)) },
] as const satisfies readonly { key: keyof DrillWish; label: string; items: readonly object[] }[];

function narrow(key: keyof DrillWish, value: string | null): void {
  const { [key]: _, ...rest } = wish.value;
  wish.value = value === null ? rest : { ...rest, [key]: value };
}
</script>

<template>
  <v-select
    v-for="filter in FILTERS"
    :key="filter.key"
    :label="filter.label"
    :items="filter.items"
    density="compact"
    clearable
    :model-value="wish[filter.key] ?? null"
    @update:model-value="(value: string | null) => narrow(filter.key, value)"
  />
</template>
