<script setup lang="ts">
import { ref } from 'vue';
import { useUpdateStore } from './update.ts';
import { say } from './say.ts';

/** A newer version waits. It is taken when the coach says so, and never in the middle of something. */
const update = useUpdateStore();
const shown = ref(true);
</script>

<template>
  <aside v-if="shown" class="offer" role="status">
    <p>{{ say.updateOffer.newer }}</p>
    <v-btn size="small" @click="update.take">{{ say.updateOffer.reload }}</v-btn>
    <v-btn size="small" variant="text" @click="shown = false">{{ say.updateOffer.later }}</v-btn>
  </aside>
</template>

<style scoped>
.offer {
  position: fixed;
  right: 1rem;
  bottom: 1rem;
  z-index: 20;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem 0.75rem;
  padding: 0.6rem 0.6rem 0.6rem 1.1rem;
  border: 1px solid var(--line);
  border-radius: 22px;
  background: var(--card);
  box-shadow: 0 6px 18px rgb(43 30 52 / 22%);
}
@media (max-width: 700px) {
  .offer {
    inset: auto 0.5rem 76px;
  }
}
</style>
