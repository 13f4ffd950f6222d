<script setup lang="ts">
import { useAction } from '../composables/useAction.ts';
import SignInForm from '../pages/door/SignInForm.vue';
import { useAccountStore } from '../stores/account.ts';

/** Somebody was signed out while they worked: they sign in again where they are, and nothing on the page is lost. */
const { coachId, isDemo } = defineProps<{ coachId: string; isDemo: boolean }>();
const account = useAccountStore();
const { busy, act } = useAction();

/** Another coach must not find what the one before had on the screen. */
function goOn(): void {
  if (account.account?.coachId !== coachId) location.assign('/today');
}

async function enterDemo(): Promise<void> {
  if (await act(account.enterDemo)) goOn();
}
</script>

<template>
  <v-dialog :model-value="true" persistent aria-label="Signed out" max-width="30rem">
    <v-card class="signed-out" rounded="lg">
      <p><strong>You were signed out.</strong> Sign in to go on where you were; what is on this page stays.</p>
      <v-btn v-if="isDemo" size="large" :loading="busy" @click="enterDemo">Enter the demo studio again</v-btn>
      <SignInForm v-else @done="goOn" />
      <v-btn variant="text" href="/door">To the door</v-btn>
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
