<script setup lang="ts">
import { reactive } from 'vue';
import { useForm } from '../fields/useForm.ts';
import { useAccountStore } from '../shell/account.ts';
import { say } from './say.ts';

const emit = defineEmits<{ done: []; back: [] }>();
const account = useAccountStore();
const { timeZone } = new Intl.DateTimeFormat().resolvedOptions();
const studio = reactive({ studioName: '', coachName: '', email: '', password: '', timeZone });
const { errors, trouble, busy, submit } = useForm(
  async () => (await import('@prompt-spark/contract/account')).newStudioSchema,
  async (checked) => {
    await account.openStudio(checked);
    emit('done');
  },
);
</script>

<template>
  <form class="form" novalidate @submit.prevent="submit({ ...studio })">
    <h2>{{ say.openStudioForm.openAStudio }}</h2>
    <v-text-field
      v-model="studio.studioName"
      :label="say.openStudioForm.studioName"
      :error-messages="errors['/studioName']"
    />
    <v-text-field
      v-model="studio.coachName"
      :label="say.openStudioForm.yourName"
      autocomplete="name"
      :error-messages="errors['/coachName']"
    />
    <v-text-field
      v-model="studio.email"
      :label="say.openStudioForm.eMail"
      type="email"
      autocomplete="username"
      :error-messages="errors['/email']"
    />
    <v-text-field
      v-model="studio.password"
      :label="say.openStudioForm.passwordAtLeast10"
      type="password"
      autocomplete="new-password"
      :error-messages="errors['/password']"
    />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div class="acts">
      <v-btn type="submit" :loading="busy">{{ say.openStudioForm.openIt }}</v-btn>
      <v-btn variant="text" @click="emit('back')">{{ say.openStudioForm.backToSigning }}</v-btn>
    </div>
  </form>
</template>

<style scoped src="./form.css"></style>
