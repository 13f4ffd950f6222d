<script setup lang="ts">
import { mdiPencilOutline } from '@mdi/js';
import IconButton from './IconButton.vue';

/** Opens an entry of a list to be changed. */
const { label } = defineProps<{ label: string }>();
</script>

<template>
  <IconButton :label="label" :path="mdiPencilOutline" />
</template>
