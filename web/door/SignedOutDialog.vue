<script setup lang="ts">
import { useAction } from '../shell/useAction.ts';
import SignInForm from './SignInForm.vue';
import { useAccountStore } from '../shell/account.ts';
import { say } from './say.ts';

/** Somebody was signed out while they worked: they sign in again where they are, and nothing on the page is lost. */
const { isDemo } = defineProps<{ isDemo: boolean }>();
const account = useAccountStore();
const { busy, act } = useAction();
</script>

<template>
  <v-dialog :model-value="true" persistent :aria-label="say.signedOutDialog.signedOut" max-width="30rem">
    <v-card class="signed-out" rounded="lg">
      <p>
        <strong>{{ say.signedOutDialog.youWereSignedOut }}</strong> {{ say.signedOutDialog.signInToCarry }}
      </p>
      <v-btn v-if="isDemo" size="large" :loading="busy" @click="act(account.enterDemo)">{{
        say.signedOutDialog.enterTheDemoStudio
      }}</v-btn>
      <SignInForm v-else />
      <v-btn variant="text" href="/door">{{ say.signedOutDialog.goToSign }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.signed-out {
  display: grid;
  gap: 1rem;
  justify-items: start;
  padding: 1.5rem;
}
</style>
