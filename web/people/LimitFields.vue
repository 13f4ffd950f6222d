<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { DEMANDS } from '@prompt-spark/core/drills/demand';
import { LIMIT_SEVERITIES, type Capped, type Limit, type LimitSide } from '@prompt-spark/core/people/limitation';
import { LIMITATIONS, limitationOf } from '@prompt-spark/core/people/limitations';

/** What to mind of somebody: known limitations with how much, where and until when, and ceilings of their own. */
const { limits } = defineProps<{ limits: readonly Limit[] }>();
const emit = defineEmits<{ change: [limits: readonly Limit[]] }>();

const known = LIMITATIONS.map(({ id, name }) => ({ value: id, title: name }));
const capped = [...DEMANDS, 'effort' as const].map((value) => ({ value, title: value }));
const severities = LIMIT_SEVERITIES.map((value) => ({ value, title: value }));
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

function addKnown(limitationId: string | null): void {
  if (limitationId === null) return;
  emit('change', [...limits, { kind: 'known', limitationId, severity: 'ease', side: 'both', until: '' }]);
}

function addOwn(of: Capped | null): void {
  if (of === null) return;
  emit('change', [...limits, { kind: 'own', capped: of, most: of === 'effort' ? 5 : 0, side: 'both', until: '' }]);
}
</script>

<template>
  <fieldset>
    <legend>Injuries and limits</legend>
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
        <v-text-field
          label="Until"
          density="compact"
          type="date"
          :model-value="limit.until"
          @update:model-value="(until: string) => set(index, { ...limit, until })"
        />
        <v-btn
          :icon="mdiClose"
          variant="text"
          :aria-label="`Remove ${limit.kind === 'known' ? limitationOf(limit.limitationId)?.name : limit.capped}`"
          @click="emit('change', limits.toSpliced(index, 1))"
        />
      </li>
    </ul>
    <div class="add">
      <v-autocomplete
        label="Add an injury or limit"
        :items="known"
        :model-value="null"
        @update:model-value="addKnown"
      />
      <v-autocomplete
        label="Or set a limit yourself"
        :items="capped"
        :model-value="null"
        @update:model-value="addOwn"
      />
    </div>
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
.add {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
  gap: 0.75rem;
  margin-top: 0.75rem;
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
