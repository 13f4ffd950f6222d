<script setup lang="ts">
import { ref } from 'vue';
import { useForm } from '../fields/useForm.ts';
import { useAccountStore } from '../shell/account.ts';
import { say } from './say.ts';

const emit = defineEmits<{ done: []; open: [] }>();
const account = useAccountStore();
const email = ref('');
const password = ref('');
const { errors, trouble, busy, submit } = useForm(
  async () => (await import('@prompt-spark/contract/account')).credentialsSchema,
  async (credentials) => {
    await account.signIn(credentials);
    emit('done');
  },
);
</script>

<template>
  <form class="form" novalidate @submit.prevent="submit({ email, password })">
    <h2>{{ say.signInForm.signInToYourStudio }}</h2>
    <v-text-field
      v-model="email"
      :label="say.signInForm.eMail"
      type="email"
      autocomplete="username"
      :error-messages="errors['/email']"
    />
    <v-text-field
      v-model="password"
      :label="say.signInForm.password"
      type="password"
      autocomplete="current-password"
      :error-messages="errors['/password']"
    />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div class="acts">
      <v-btn type="submit" variant="outlined" :loading="busy">{{ say.signInForm.signIn }}</v-btn>
      <v-btn variant="text" @click="emit('open')">{{ say.signInForm.openAStudio }}</v-btn>
    </div>
  </form>
</template>

<style scoped src="./form.css"></style>
