<script setup lang="ts">
import { DEMANDS } from '@prompt-spark/core/drills/demand';
import type { Capped, Limit } from '@prompt-spark/core/people/limitation';
import { LIMITATIONS } from '@prompt-spark/core/people/limitations';
import { say } from './say.ts';

/** Every limitation that is known, by name, and ceilings of one's own: for what is not said every day. */
const { limits } = defineProps<{ limits: readonly Limit[] }>();
const emit = defineEmits<{ change: [limits: readonly Limit[]] }>();

const known = LIMITATIONS.map(({ id, name, means }) => ({ value: id, title: name, props: { subtitle: means } }));
const capped = [...DEMANDS, 'effort' as const].map((value) => ({ value, title: value }));

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
  <div class="add">
    <v-autocomplete
      :label="say.limitChoice.addAnInjury"
      :items="known"
      :model-value="null"
      @update:model-value="addKnown"
    />
    <v-autocomplete
      :label="say.limitChoice.orSetALimit"
      :items="capped"
      :model-value="null"
      @update:model-value="addOwn"
    />
  </div>
</template>

<style scoped>
.add {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
  gap: 0.75rem;
}
</style>
