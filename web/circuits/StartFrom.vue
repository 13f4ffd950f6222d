<script setup lang="ts">
import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import { useLoading } from '../loading/useLoading.ts';
import LoadingGate from '../loading/LoadingGate.vue';
import { useLibraryStore } from '../library/library.ts';
import { useStandardsStore } from '../library/standards.ts';
import StartFromForm from './StartFromForm.vue';

/** A first circuit from an approach, once the drills and approaches that it is made of are here. */
const emit = defineEmits<{ take: [circuit: Circuit, siteId: string | null]; close: [] }>();
const [library, standards] = [useLibraryStore(), useStandardsStore()];
const loading = useLoading(() => Promise.all([library.load(), standards.load()]));
</script>

<template>
  <LoadingGate :loading="loading">
    <StartFromForm @take="(circuit, siteId) => emit('take', circuit, siteId)" @close="emit('close')" />
  </LoadingGate>
</template>
