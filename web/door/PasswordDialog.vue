<script setup lang="ts">
import { ref } from 'vue';
import { useForm } from '../fields/useForm.ts';
import { useAccountStore } from '../shell/account.ts';
import { say } from './say.ts';

/** The coach's password once more, before health data is taken out or deleted: they may have left the screen. */
const account = useAccountStore();
const password = ref('');
const { errors, trouble, busy, submit } = useForm(
  async () => (await import('@prompt-spark/contract/account')).confirmationSchema,
  ({ password: typed }) => account.confirmPassword(typed),
);
</script>

<template>
  <v-dialog
    :model-value="true"
    :aria-label="say.passwordDialog.yourPasswordOnceMore"
    max-width="26rem"
    @update:model-value="account.passwordGiven(false)"
  >
    <v-card class="once-more" rounded="lg">
      <form novalidate @submit.prevent="submit({ password })">
        <h2>{{ say.passwordDialog.yourPasswordOnceMore }}</h2>
        <p>{{ say.passwordDialog.youAreAbout }}</p>
        <v-text-field
          v-model="password"
          :label="say.passwordDialog.password"
          type="password"
          autocomplete="current-password"
          autofocus
          :error-messages="errors['/password'] ?? trouble"
        />
        <div class="acts">
          <v-btn type="submit" :loading="busy">{{ say.passwordDialog.continue }}</v-btn>
          <v-btn variant="text" @click="account.passwordGiven(false)">{{ say.passwordDialog.cancel }}</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.once-more {
  padding: 1.5rem;
}
form {
  display: grid;
  gap: 0.9rem;
}
.acts {
  display: flex;
  gap: 0.5rem;
}
</style>
