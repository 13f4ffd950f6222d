<script setup lang="ts">
import { mdiTune } from '@mdi/js';
import type { DrillWish } from '@prompt-spark/core/drills/find';
import { useMediaQuery } from '@vueuse/core';
import { computed, defineAsyncComponent, ref } from 'vue';
import { say } from './say.ts';

const DrillSelects = defineAsyncComponent(() => import('./DrillSelects.vue'));

/** The search field and what narrows it. */
const words = defineModel<string>('words', { required: true });
const wish = defineModel<DrillWish>('wish', { required: true });

/** On a phone the filters fold away until they are asked for. */
const unfolded = ref(false);
const wide = useMediaQuery('(min-width: 701px)');
const narrowed = computed(() => Object.keys(wish.value).length);
</script>

<template>
  <div :class="['filters', { unfolded }]" role="search">
    <v-text-field
      v-model="words"
      class="words"
      :label="say.drillFilters.nameOrWhatIts"
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
      >{{ narrowed > 0 ? say.drillFilters.filtersOn(narrowed) : say.drillFilters.filters }}</v-btn
    >
    <DrillSelects v-if="wide || unfolded" v-model="wish" />
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
