<script setup lang="ts">
import { LIMITATIONS } from '@prompt-spark/core/people/limitations';
import { computed } from 'vue';
import { useGroupTracksStore } from '../sheet/store/groupTracks.ts';
import { say } from './say.ts';

/** "All of them with sore knees": shows what it would change if everybody had something to mind. Nothing is kept of it. */
const groupTracks = useGroupTracksStore();
const items = LIMITATIONS.map(({ id, name }) => ({ value: id, title: name }));
const chosen = computed(() => (groupTracks.supposed?.kind === 'known' ? groupTracks.supposed.limitationId : null));

function suppose(limitationId: string | null): void {
  groupTracks.supposed =
    limitationId === null ? null : { kind: 'known', limitationId, severity: 'avoid', side: 'both', until: '' };
}
</script>

<template>
  <v-autocomplete
    class="suppose"
    :label="say.supposeField.whatIfEveryoneHad"
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
