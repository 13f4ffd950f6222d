<script setup lang="ts">
import { useIntersectionObserver } from '@vueuse/core';
import { onScopeDispose, ref, useTemplateRef, watch } from 'vue';
import { useAction } from '../shell/useAction.ts';
import { say } from './say.ts';

/** The end of a list of which there is more: it comes as it is scrolled to, or by its button. */
const { more } = defineProps<{ more: () => Promise<unknown> }>();
/** The browser has this long to draw what has come and to say whether the end is still in sight. */
const PAUSE_MS = 150;
const { busy, act } = useAction();
const place = useTemplateRef<HTMLElement>('place');

let again: ReturnType<typeof setTimeout> | undefined;
const inSight = ref(false);
useIntersectionObserver(place, ([entry]) => (inSight.value = entry?.isIntersecting === true), { rootMargin: '400px' });

/** What comes may not fill the window yet: then more is fetched, until the end is out of sight or something fails. */
async function show(): Promise<void> {
  if (busy.value || !(await act(more))) return;
  again = setTimeout(() => inSight.value && void show(), PAUSE_MS);
}
watch(inSight, (seen) => seen && void show());
// A page takes it away while what has come is drawn: then nobody is at the end any more.
onScopeDispose(() => {
  inSight.value = false;
  clearTimeout(again);
});
</script>

<template>
  <p ref="place" class="more">
    <v-btn variant="outlined" :loading="busy" @click="show">{{ say.moreBelow.showMore }}</v-btn>
  </p>
</template>

<style scoped>
.more {
  padding: 1rem 0;
}
</style>
