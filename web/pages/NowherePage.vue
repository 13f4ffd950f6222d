<script setup lang="ts"></script>

<template>
  <section class="page">
    <h1>There is nothing at this address</h1>
    <p class="soft">It may have been taken out, or the address has a slip in it.</p>
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
