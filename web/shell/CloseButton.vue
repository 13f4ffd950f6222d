<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import IconButton from './IconButton.vue';

/** Takes something out of a list. */
const { label } = defineProps<{ label: string }>();
</script>

<template>
  <IconButton class="close" :label="label" :path="mdiClose" />
</template>
