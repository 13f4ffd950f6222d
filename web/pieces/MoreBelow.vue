<script setup lang="ts">
import { useIntersectionObserver } from '@vueuse/core';
import { useTemplateRef } from 'vue';
import { useAction } from '../composables/useAction.ts';

/** The end of a list of which there is more: it comes as it is scrolled to, or by its button. */
const { more } = defineProps<{ more: () => Promise<unknown> }>();
const { busy, act } = useAction();
const place = useTemplateRef<HTMLElement>('place');

async function show(): Promise<void> {
  if (!busy.value) await act(more);
}
useIntersectionObserver(place, ([entry]) => entry?.isIntersecting && void show(), { rootMargin: '400px' });
</script>

<template>
  <p ref="place" class="more"><v-btn variant="outlined" :loading="busy" @click="show">Show more</v-btn></p>
</template>

<style scoped>
.more {
  padding: 1rem 0;
}
</style>
