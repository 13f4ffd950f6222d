<script setup lang="ts">
import { mdiAlertOutline, mdiCheck } from '@mdi/js';
import type { Verdict } from './verdict.ts';

/** How a plan stands against its time, in words with an icon. */
defineProps<{ verdict: Verdict }>();
</script>

<template>
  <span :class="['verdict', verdict.kind]">
    <v-icon v-if="verdict.kind === 'over'" :icon="mdiAlertOutline" size="18" />
    <v-icon v-else-if="verdict.kind === 'fits'" :icon="mdiCheck" size="18" />
    {{ verdict.words }}
  </span>
</template>

<style scoped>
.verdict {
  display: inline-flex;
  align-items: center;
  gap: 0.35rem;
  font-weight: 600;
  color: var(--soft);
}
.over {
  color: var(--brick);
}
.fits {
  color: var(--moss);
}
</style>
