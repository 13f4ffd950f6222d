<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { computed, defineAsyncComponent, ref, shallowRef, watchEffect } from 'vue';
import { useRoute } from 'vue-router';
import { useTheme } from 'vuetify';
import type { Account } from '@prompt-spark/contract/account';
import { useStepsFrom } from './loading/useSteps.ts';
import AppRail from './shell/AppRail.vue';
import DemoBanner from './shell/DemoBanner.vue';
import { useAccountStore } from './shell/account.ts';
import { useUpdateStore } from './offline/update.ts';
import { useNoticesStore } from './shell/notices.ts';

const AppNotice = defineAsyncComponent(() => import('./shell/AppNotice.vue'));
const UpdateOffer = defineAsyncComponent(() => import('./offline/UpdateOffer.vue'));
const PasswordDialog = defineAsyncComponent(() => import('./door/PasswordDialog.vue'));
const SignedOutDialog = defineAsyncComponent(() => import('./door/SignedOutDialog.vue'));

const route = useRoute();
const account = useAccountStore();
const notices = useNoticesStore();
const theme = useTheme();
const bare = computed(() => route.meta.bare === true);
const inDemo = computed(() => !bare.value && account.account?.isDemo === true);
const onStage = computed(() => route.name === 'stage');
/** The page comes first, and the way to the others once it is painted: its place is kept. */
const railDrawn = useStepsFrom(ref(true), 1);
const themeName = computed(() => (onStage.value ? 'stage' : theme.name.value));

/** Who was here when the server forgot them. A class in front of the Stage is not asked for a password. */
const forgotten = shallowRef<Account | null>(null);
watchEffect(() => {
  if (!account.signedOut || route.meta.open) forgotten.value = null;
  else if (!onStage.value) forgotten.value ??= account.account;
});

/** While the coach is asked something first, nothing behind the question can be reached, by eye or by ear. */
const asked = computed(() => forgotten.value !== null || account.passwordAsked);

const update = useUpdateStore();
watchEffect((onCleanup) => {
  // Nothing is fetched ahead while a class runs.
  if (!account.account || onStage.value) return;
  const soon = update.keepSoon();
  onCleanup(() => clearTimeout(soon));
});

// A run that could not be sent when it ended goes out as soon as the connection is back.
useEventListener(window, 'online', async () => (await import('./log/runs.ts')).useRunsStore().sendWaiting());
</script>

<template>
  <v-app :theme="themeName" :inert="asked">
    <AppRail v-if="railDrawn && !bare && account.account" />
    <main :class="{ beside: !bare && account.account, demo: inDemo }">
      <DemoBanner v-if="inDemo" />
      <RouterView />
    </main>
    <UpdateOffer v-if="update.ready && !onStage" />
    <AppNotice v-if="notices.words" :key="notices.words" />
    <SignedOutDialog v-if="forgotten" :is-demo="forgotten.isDemo" />
    <PasswordDialog v-if="account.passwordAsked" />
  </v-app>
</template>

<style scoped>
.beside {
  margin-left: 76px;
}
.demo {
  --banner: 2.05rem;
}
@media (max-width: 700px) {
  .beside {
    margin: 0 0 64px;
  }
}
</style>
