<script setup lang="ts">
/** An icon from its path, drawn without ado: where there are many of them, or before anything else is. */
const { path, size = 20 } = defineProps<{ path: string; size?: number }>();
</script>

<template>
  <svg :width="size" :height="size" viewBox="0 0 24 24" aria-hidden="true"><path :d="path" fill="currentColor" /></svg>
</template>
