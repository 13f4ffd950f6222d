<script setup lang="ts">
import { say } from './say.ts';
</script>

<script setup lang="ts"></script>

<template>
  <section class="page">
    <h1>{{ say.nowherePage.pageNotFound }}</h1>
    <p class="soft">{{ say.nowherePage.itMayHaveBeen }}</p>
    <v-btn to="/today">{{ say.nowherePage.goToToday }}</v-btn>
  </section>
</template>

<style scoped>
.page {
  display: grid;
  gap: 1rem;
  justify-items: start;
}
</style>
