<script setup lang="ts">
import type { Loading } from './useLoading.ts';
import { say } from './say.ts';

/** Shows a page's content once it is fetched, or says why it cannot be. */
const { loading } = defineProps<{ loading: Loading }>();
</script>

<template>
  <slot v-if="loading.ready.value" />
  <div v-else-if="loading.trouble.value" class="trouble" role="alert">
    <p>{{ loading.trouble.value }}</p>
    <v-btn variant="outlined" @click="loading.again()">{{ say.loadingGate.tryAgain }}</v-btn>
  </div>
  <p v-else class="soft wait">{{ say.loadingGate.fetching }}</p>
</template>

<style scoped>
.trouble,
.wait {
  display: grid;
  gap: 1rem;
  justify-items: start;
  padding: 2rem 0;
}
</style>
