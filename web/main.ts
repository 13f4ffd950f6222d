import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './App.vue';
import { createAppRouter } from './router.ts';
import { keptBefore } from './saving/keptBefore.ts';
import { useNoticesStore } from './stores/notices.ts';
import './theme/base.css';
import { vuetify } from './theme/vuetify.ts';

/** What an earlier version left in this browser is brought up to date before anything reads it. */
async function upgradeWhatWasKept(): Promise<void> {
  const old = keptBefore(localStorage);
  if (old.length > 0) (await import('./saving/upgradeKept.ts')).upgradeKept(old);
}

function start(): void {
  const app = createApp(App).use(createPinia()).use(createAppRouter()).use(vuetify);
  const notices = useNoticesStore();
  const report = (error: unknown): void => {
    console.error(error);
    notices.sayTrouble(error);
  };
  // Whatever no button and no page caught is said all the same.
  app.config.errorHandler = report;
  window.addEventListener('unhandledrejection', ({ reason }) => notices.sayTrouble(reason));
  app.mount('#app');
}

upgradeWhatWasKept().then(start, start);
