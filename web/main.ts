import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './App.vue';
import { turn } from './loading/turn.ts';
import { createAppRouter } from './router.ts';
import { keptBefore } from './saving/keptBefore.ts';
import { useNoticesStore } from './shell/notices.ts';
import './theme/base.css';
import { makeVuetify } from './theme/vuetify.ts';
import { allowOwnWorkersAndStyles } from './trustedTypes.ts';

/** What an earlier version left in this browser is brought up to date before anything reads it. */
async function upgradeWhatWasKept(): Promise<void> {
  const old = keptBefore(localStorage);
  if (old.length > 0) (await import('./saving/upgradeKept.ts')).upgradeKept(old);
}

async function start(): Promise<void> {
  const app = createApp(App).use(createPinia());
  await turn();
  app.use(createAppRouter());
  await turn();
  const vuetify = makeVuetify();
  await turn();
  app.use(vuetify);
  await turn();
  const notices = useNoticesStore();
  const report = (error: unknown): void => {
    console.error(error);
    notices.sayTrouble(error);
  };
  // An error that no button and no page caught is still shown.
  app.config.errorHandler = report;
  window.addEventListener('unhandledrejection', ({ reason }) => notices.sayTrouble(reason));
  app.mount('#app');
}

if (import.meta.env.PROD) allowOwnWorkersAndStyles();
await turn();
await upgradeWhatWasKept().catch(() => undefined);
await start();
