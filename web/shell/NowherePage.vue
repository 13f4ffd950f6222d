<script setup lang="ts"></script>

<template>
  <section class="page">
    <h1>Page not found</h1>
    <p class="soft">It may have been removed, or the address is mistyped.</p>
    <v-btn to="/today">Go to Today</v-btn>
  </section>
</template>

<style scoped>
.page {
  display: grid;
  gap: 1rem;
  justify-items: start;
}
</style>
