<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { useTheme } from 'vuetify';
import AppRail from './pieces/AppRail.vue';
import { useAccountStore } from './stores/account.ts';
import { useRunsStore } from './stores/runs.ts';

const route = useRoute();
const account = useAccountStore();
const runs = useRunsStore();
const theme = useTheme();
const bare = computed(() => route.meta.bare === true);
const themeName = computed(() => (route.name === 'stage' ? 'stage' : theme.name.value));

// A run that could not be sent when it ended goes out as soon as the connection is back.
useEventListener(window, 'online', () => void runs.sendWaiting());
</script>

<template>
  <v-app :theme="themeName">
    <AppRail v-if="!bare && account.account" />
    <main :class="{ beside: !bare && account.account }">
      <RouterView />
    </main>
  </v-app>
</template>

<style scoped>
.beside {
  margin-left: 76px;
}
@media (max-width: 700px) {
  .beside {
    margin: 0 0 64px;
  }
}
</style>
