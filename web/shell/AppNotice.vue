<script setup lang="ts">
import { useNoticesStore } from './notices.ts';
import { say } from './say.ts';

/** What the application has to say, at the foot of the page, until it is closed or time has passed. */
const notices = useNoticesStore();
</script>

<template>
  <v-snackbar :model-value="true" :timeout="10000" role="alert" @update:model-value="notices.hush()">
    {{ notices.words }}
    <template #actions>
      <v-btn variant="text" color="on-surface-variant" @click="notices.hush()">{{ say.appNotice.close }}</v-btn>
    </template>
  </v-snackbar>
</template>
