<script setup lang="ts">
import { say } from './say.ts';

/** Says where somebody is who looks round: nothing here is real, and nothing they enter is for others or for long. */
</script>

<template>
  <p class="demo" role="note">
    <strong>{{ say.demoBanner.demo }}</strong> {{ say.demoBanner.inventedPeopleThisCopy }}
  </p>
</template>

<style scoped>
/* As high as App.vue says, which pages that fill the window take off. */
.demo {
  min-height: var(--banner);
  padding: 0.4rem clamp(1rem, 3vw, 2.5rem);
  border-bottom: 1px solid var(--line);
  font-size: var(--size-small);
  line-height: 1.2rem;
  color: var(--soft);
}
</style>
