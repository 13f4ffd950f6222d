<script setup lang="ts">
import { LIMITATIONS } from '@prompt-spark/core/limits/limitations';
import { computed } from 'vue';
import { useCrewStore } from '../../stores/crew.ts';

/** "All of them with sore knees": shows what it would change if everybody had something to mind. Nothing is kept of it. */
const crew = useCrewStore();
const items = LIMITATIONS.map(({ id, name }) => ({ value: id, title: name }));
const chosen = computed(() => (crew.supposed?.kind === 'known' ? crew.supposed.limitationId : null));

function suppose(limitationId: string | null): void {
  crew.supposed =
    limitationId === null ? null : { kind: 'known', limitationId, severity: 'avoid', side: 'both', until: '' };
}
</script>

<template>
  <v-autocomplete
    class="suppose"
    label="As if all of them had"
    density="compact"
    clearable
    :items="items"
    :model-value="chosen"
    @update:model-value="suppose"
  />
</template>

<style scoped>
.suppose {
  max-width: 18rem;
  margin: 0.75rem 0 0.25rem;
}
</style>
