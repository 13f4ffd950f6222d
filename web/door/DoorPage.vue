<script setup lang="ts">
import { defineAsyncComponent, onMounted, ref } from 'vue';
import { useRoute } from 'vue-router';
import { useAccountStore } from '../shell/account.ts';
import { useStepsFrom } from '../loading/useSteps.ts';
import { troubleWords } from '../shell/notices.ts';
import { say } from './say.ts';

/** What the page is for is read first: the form and the picture, a circuit that is added up, come one after the other. */
const SignInForm = defineAsyncComponent(() => import('./SignInForm.vue'));
const DoorPicture = defineAsyncComponent(() => import('./DoorPicture.vue'));
const OpenStudioForm = defineAsyncComponent(() => import('./OpenStudioForm.vue'));

/** Where everybody comes in: the demo studio, a studio of one's own, or a new one. */
const account = useAccountStore();
const route = useRoute();
const opening = ref(false);
const trouble = ref('');
const [FORM, PICTURE] = [1, 2] as const;
const shown = ref(false);
const drawn = useStepsFrom(shown, PICTURE);
onMounted(() => requestAnimationFrame(() => (shown.value = true)));

/** The page is fetched anew, so that nothing of the coach before stays in memory. */
function goIn(): void {
  const { then } = route.query;
  location.assign(typeof then === 'string' && /^\/(?![/\\])/.test(then) ? then : '/today');
}

async function enterDemo(): Promise<void> {
  trouble.value = '';
  try {
    await account.enterDemo();
    goIn();
  } catch (error) {
    trouble.value = troubleWords(error);
  }
}
</script>

<template>
  <div class="door">
    <section class="about">
      <h1>{{ say.doorPage.promptSpark }}</h1>
      <p class="lead">
        {{ say.doorPage.writeAWarmUp }}
      </p>
      <div class="picture"><DoorPicture v-if="drawn >= PICTURE" /></div>
    </section>
    <section class="ways" :aria-label="say.doorPage.waysIn">
      <div v-if="account.demoOpen" class="demo">
        <v-btn size="large" block @click="enterDemo">{{ say.doorPage.enterTheDemoStudio }}</v-btn>
        <p class="small soft">
          {{ say.doorPage.ternStreetHall }}
        </p>
      </div>
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <OpenStudioForm v-if="opening" @done="goIn" @back="opening = false" />
      <div v-else class="form-room"><SignInForm v-if="drawn >= FORM" @done="goIn" @open="opening = true" /></div>
    </section>
  </div>
</template>

<style scoped>
.door {
  min-height: 100vh;
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(320px, 26rem);
  gap: clamp(2rem, 6vw, 6rem);
  align-items: center;
  padding: 2rem clamp(1.25rem, 7vw, 7rem);
}
h1 {
  font-size: clamp(2.6rem, 6vw, 4.2rem);
}
.lead {
  max-width: 30rem;
  margin: 1rem 0 2rem;
  font-size: 1.25rem;
  line-height: 1.45;
}
.ways {
  display: grid;
  gap: 1.5rem;
}
.demo {
  display: grid;
  gap: 0.6rem;
}
.trouble {
  color: var(--brick);
}
@media (max-width: 860px) {
  .door {
    grid-template-columns: minmax(0, 1fr);
    align-content: start;
  }
}
.picture {
  min-height: 21rem;
}
.form-room {
  min-height: 16rem;
}
</style>
