<script setup lang="ts">
/** Says where somebody is who looks round: nothing here is real, and nothing they enter is for others or for long. */
</script>

<template>
  <p class="demo" role="note">
    <strong>Demo.</strong> Everybody here is invented. This copy is yours alone and goes after a day.
  </p>
</template>

<style scoped>
.demo {
  padding: 0.4rem clamp(1rem, 3vw, 2.5rem);
  border-bottom: 1px solid var(--line);
  font-size: var(--size-small);
  color: var(--soft);
}
</style>
