<script setup lang="ts">
import type { Circuit } from '@prompt-spark/core';
import { useLoading } from '../../composables/useLoading.ts';
import LoadingGate from '../../pieces/LoadingGate.vue';
import { useLibraryStore } from '../../stores/library.ts';
import { useStandardsStore } from '../../stores/standards.ts';
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
